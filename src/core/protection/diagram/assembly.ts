import { isUsedRow } from "../cabling";
import { type End, fuseAt, type ProtectiveDevice, type Plan, switchAt, type Wiring } from "../../plan";
import { type Item, keyOf, type PortArray, type Row, type PanelKey } from "../../engine/array";

/**
 * A wiring as things with terminals and what joins them, lead by lead: what is drawn, listed and built. Everything flows from − to +,
 * from a row's minus end through its panels to its plus end, and on to the input.
 */

export type Pole = "+" | "-";

/** A thing with terminals. Its id is the same for as long as what it stands for is there. */
export type Part =
  | {
      readonly type: "panel";
      readonly id: string;
      readonly key: PanelKey;
      /** From 1, as they are drawn. */ readonly number: number;
    }
  | { readonly type: "diode"; readonly id: string }
  | { readonly type: "fuse"; readonly id: string; readonly row: RowRef; readonly guard: ProtectiveDevice | null }
  /** Where rows inside a row part and join. */
  | { readonly type: "branch"; readonly id: string; readonly pole: Pole }
  /** Where the rows of a port join: a bar of its box, or branch plugs. */
  | { readonly type: "bar"; readonly id: string; readonly pole: Pole; readonly lane: LaneId; readonly rows: number }
  /** A cable: of a row one conductor, of all others both. */
  | {
      readonly type: "cable";
      readonly id: string;
      readonly from: End;
      readonly to: End;
      readonly pole: Pole | "both";
      readonly row: RowRef | null;
    }
  | { readonly type: "switch"; readonly id: string; readonly lane: LaneId; readonly guard: ProtectiveDevice | null }
  | {
      readonly type: "input";
      readonly id: string;
      readonly inputId: string | null;
      readonly ports: readonly LaneId[];
      /** Whether a battery is joined to it. */ readonly hasBank: boolean;
    }
  | { readonly type: "bank"; readonly id: string; readonly inputId: string; readonly guard: ProtectiveDevice | null };

export type LaneId = { readonly inputId: string | null; readonly portId: string | null };
/** A string, or a branch of a group inside one: then its own row, and the number of the string it stands in, from 1. */
export type RowRef = LaneId & { readonly rowId: string | null; readonly number: number };

/** A terminal: a part's, by its name there. Those through which something flows on are `in` and `out`, of both poles where it has them. */
export type Terminal = { readonly part: string; readonly at: string };
export type Wire = {
  readonly id: string;
  readonly from: Terminal;
  readonly to: Terminal;
  readonly pole: Pole | "link";
};
export type Assembly = { readonly parts: readonly Part[]; readonly wires: readonly Wire[] };

type Choice = {
  /** Which rows have, or need, a fuse of their own. */ readonly isFused: (row: Row) => boolean;
  /** Which ports have, or need, an isolator. */ readonly isSwitched: (lane: LaneId) => boolean;
};

/** The parts of a wiring and what joins them. Panels taken out are not in it; rows and lanes with none left neither. */
export function assemblyOf(plan: Plan, wiring: Wiring, { isFused, isSwitched }: Choice): Assembly {
  const parts: Part[] = [];
  const wires: Wire[] = [];
  let panels = 0;
  const put = <P extends Part>(part: P): P => {
    parts.push(part);
    return part;
  };
  const join = (from: Terminal, to: Terminal, pole: Wire["pole"]) =>
    wires.push({ id: `w${wires.length}`, from, to, pole });
  const { guards } = wiring;

  const lanes = wiring.lanes.filter(({ rows }) => rows.some(isUsedRow));
  for (const lane of lanes) addLane(lane);
  for (const inputId of new Set(lanes.map((lane) => lane.inputId))) addInput(inputId);
  return { parts, wires };

  /** The open ends of something in a row: its − where all begins, its + where it goes on. */
  type Ends = { readonly minus: Terminal; readonly plus: Terminal };

  function addItem(item: Item, path: string, ref: RowRef): Ends | null {
    if (item.type === "group") return addGroup(item.rows.filter(isUsedRow), path, ref);
    if (item.joinedPast) return null;
    const { id } = put({ type: "panel", id: `panel ${keyOf(item)}`, key: keyOf(item), number: ++panels });
    return { minus: { part: id, at: "-" }, plus: { part: id, at: "+" } };
  }

  function addGroup(rows: readonly Row[], path: string, ref: RowRef): Ends | null {
    const [only] = rows;
    if (only === undefined) return null;
    if (rows.length === 1) return addRow(only, path, ref);
    const [plus, minus] = (["+", "-"] as const).map((pole) =>
      put({ type: "branch", id: `branch ${path} ${pole}`, pole }),
    );
    if (plus === undefined || minus === undefined) return null;
    for (const [k, row] of rows.entries()) {
      const ends = addRow(row, `${path}.${k}`, ref);
      if (ends === null) continue;
      join({ part: minus.id, at: "out" }, ends.minus, "-");
      join(throughFuse(ends.plus, row, { ...ref, rowId: row.id }), { part: plus.id, at: "in" }, "+");
    }
    return { minus: { part: minus.id, at: "in" }, plus: { part: plus.id, at: "out" } };
  }

  /** On from a branch's plus through its fuse, where it has or needs one. */
  function throughFuse(plus: Terminal, row: Row, ref: RowRef): Terminal {
    if (row.id === null || !isFused(row)) return plus;
    const guard = fuseAt(guards, { type: "row", rowId: row.id });
    const fuse = put({ type: "fuse", id: `fuse ${row.id}`, row: ref, guard });
    join(plus, { part: fuse.id, at: "in" }, "+");
    return { part: fuse.id, at: "out" };
  }

  /** Items from + to −: the first has the row's plus, before its diode. */
  function addRow(row: Row, path: string, ref: RowRef): Ends | null {
    const chain = row.items.flatMap((item, k) => addItem(item, `${path}/${k}`, ref) ?? []);
    const [first] = chain;
    const last = chain.at(-1);
    if (first === undefined || last === undefined) return null;
    for (const [k, each] of chain.entries()) {
      const next = chain[k + 1];
      if (next !== undefined) join(next.plus, each.minus, "link");
    }
    if (!row.blockingDiode) return { minus: last.minus, plus: first.plus };
    const diode = put({ type: "diode", id: `diode ${row.id ?? path}` });
    join(first.plus, { part: diode.id, at: "in" }, "+");
    return { minus: last.minus, plus: { part: diode.id, at: "out" } };
  }

  function addLane(lane: PortArray): void {
    const { inputId, portId } = lane;
    const laneId: LaneId = { inputId, portId };
    const key = `${inputId ?? ""}/${portId ?? ""}`;
    const rows = lane.rows.filter(isUsedRow);
    const isJoined = rows.length > 1;
    const [plusBar, minusBar] = isJoined
      ? (["+", "-"] as const).map((pole) =>
          put({ type: "bar", id: `bar ${key} ${pole}`, pole, lane: laneId, rows: rows.length }),
        )
      : [];
    let [minusEnd, plusEnd]: [Terminal | null, Terminal | null] = [null, null];
    for (const [k, row] of rows.entries()) {
      const ref: RowRef = { ...laneId, rowId: row.id, number: k + 1 };
      const ends = addRow(row, `${key} ${k}`, ref);
      if (ends === null) continue;
      let { plus } = ends;
      const through = (part: Part) => {
        join(plus, { part: part.id, at: "in" }, "+");
        plus = { part: part.id, at: "out" };
      };
      const rowKey = row.id ?? `${key} ${k}`;
      if (isJoined) plus = throughFuse(plus, row, ref);
      if (!isJoined || plusBar === undefined || minusBar === undefined || inputId === null || portId === null) {
        if (plusBar === undefined || minusBar === undefined) [minusEnd, plusEnd] = [ends.minus, plus];
        else {
          join({ part: minusBar.id, at: "out" }, ends.minus, "-");
          join(plus, { part: plusBar.id, at: "in" }, "+");
        }
        continue;
      }
      const [from, to]: [End, End] = [
        { type: "row", rowId: rowKey },
        { type: "junction", inputId, portId },
      ];
      const cable = (pole: Pole) => put({ type: "cable", id: `cable row ${rowKey} ${pole}`, from, to, pole, row: ref });
      const [plusCable, minusCable] = [cable("+"), cable("-")];
      through(plusCable);
      join(plus, { part: plusBar.id, at: "in" }, "+");
      join({ part: minusBar.id, at: "out" }, { part: minusCable.id, at: "in" }, "-");
      join({ part: minusCable.id, at: "out" }, ends.minus, "-");
    }
    if (plusBar !== undefined && minusBar !== undefined)
      [minusEnd, plusEnd] = [
        { part: minusBar.id, at: "in" },
        { part: plusBar.id, at: "out" },
      ];
    if (minusEnd === null || plusEnd === null) return;
    let ends: Ends = { minus: minusEnd, plus: plusEnd };
    const bothThrough = (part: Part) => {
      join(ends.plus, { part: part.id, at: "in+" }, "+");
      join(ends.minus, { part: part.id, at: "in-" }, "-");
      ends = { plus: { part: part.id, at: "out+" }, minus: { part: part.id, at: "out-" } };
    };
    if (inputId !== null && portId !== null) {
      const [junction, isolator, port]: [End, End, End] = [
        { type: "junction", inputId, portId },
        { type: "isolator", inputId, portId },
        { type: "port", inputId, portId },
      ];
      bothThrough(
        put({ type: "cable", id: `cable trunk ${key}`, from: junction, to: isolator, pole: "both", row: null }),
      );
      if (isSwitched(laneId))
        bothThrough(put({ type: "switch", id: `switch ${key}`, lane: laneId, guard: switchAt(guards, isolator) }));
      bothThrough(put({ type: "cable", id: `cable tail ${key}`, from: isolator, to: port, pole: "both", row: null }));
    }
    join(ends.plus, { part: `input ${inputId ?? ""}`, at: `${portId ?? ""}+` }, "+");
    join(ends.minus, { part: `input ${inputId ?? ""}`, at: `${portId ?? ""}-` }, "-");
  }

  function addInput(inputId: string | null): void {
    const ports = lanes.filter((lane) => lane.inputId === inputId).map(({ portId }) => ({ inputId, portId }));
    const device = plan.inputs.find(({ id }) => id === inputId)?.device;
    const hasBank = inputId !== null && device?.kind === "chargeController";
    const input = put({ type: "input", id: `input ${inputId ?? ""}`, inputId, ports, hasBank });
    if (inputId === null || !hasBank) return;
    const [from, to]: [End, End] = [
      { type: "output", inputId },
      { type: "bank", inputId },
    ];
    const cable = put({ type: "cable", id: `cable battery ${inputId}`, from, to, pole: "both", row: null });
    const bank = put({ type: "bank", id: `bank ${inputId}`, inputId, guard: fuseAt(guards, to) });
    for (const pole of ["+", "-"] as const) {
      join({ part: input.id, at: `battery${pole}` }, { part: cable.id, at: `in${pole}` }, pole);
      join({ part: cable.id, at: `out${pole}` }, { part: bank.id, at: pole }, pole);
    }
  }
}
