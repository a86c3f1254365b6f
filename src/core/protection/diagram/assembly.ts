import { isUsedString } from "../cabling";
import { type End, fuseAt, type ProtectiveDevice, type Plan, switchAt, type Wiring } from "../../plan";
import { type Item, keyOf, type PortArray, type PvString, type PanelKey } from "../../engine/array";

/**
 * A wiring as things with terminals and what joins them, lead by lead: what is drawn, listed and built. Everything flows from − to +,
 * from a string's minus end through its panels to its plus end, and on to the input.
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
  | { readonly type: "fuse"; readonly id: string; readonly string: StringRef; readonly guard: ProtectiveDevice | null }
  /** Where strings inside a string part and join. */
  | { readonly type: "branch"; readonly id: string; readonly pole: Pole }
  /** Where the strings of a port join: a bar of its box, or branch plugs. */
  | {
      readonly type: "bar";
      readonly id: string;
      readonly pole: Pole;
      readonly portArray: PortArrayId;
      readonly strings: number;
    }
  /** A cable: of a string one conductor, of all others both. */
  | {
      readonly type: "cable";
      readonly id: string;
      readonly from: End;
      readonly to: End;
      readonly pole: Pole | "both";
      readonly string: StringRef | null;
    }
  | {
      readonly type: "switch";
      readonly id: string;
      readonly portArray: PortArrayId;
      readonly guard: ProtectiveDevice | null;
    }
  | {
      readonly type: "input";
      readonly id: string;
      readonly inputId: string | null;
      readonly ports: readonly PortArrayId[];
      /** Whether a battery is joined to it. */ readonly hasBank: boolean;
    }
  | { readonly type: "bank"; readonly id: string; readonly inputId: string; readonly guard: ProtectiveDevice | null };

export type PortArrayId = { readonly inputId: string | null; readonly portId: string | null };
/** A string, or a branch of a group inside one: then its own string, and the number of the string it stands in, from 1. */
export type StringRef = PortArrayId & { readonly stringId: string | null; readonly number: number };

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
  /** Which strings have, or need, a fuse of their own. */ readonly isFused: (string: PvString) => boolean;
  /** Which ports have, or need, an isolator. */ readonly isSwitched: (portArray: PortArrayId) => boolean;
};

/** The parts of a wiring and what joins them. Panels taken out are not in it; strings and port arrays with none left neither. */
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

  const portArrays = wiring.portArrays.filter(({ strings }) => strings.some(isUsedString));
  for (const portArray of portArrays) addPortArray(portArray);
  for (const inputId of new Set(portArrays.map((portArray) => portArray.inputId))) addInput(inputId);
  return { parts, wires };

  /** The open ends of something in a string: its − where all begins, its + where it goes on. */
  type Ends = { readonly minus: Terminal; readonly plus: Terminal };

  function addItem(item: Item, path: string, ref: StringRef): Ends | null {
    if (item.type === "group") return addGroup(item.strings.filter(isUsedString), path, ref);
    if (item.bypassed) return null;
    const { id } = put({ type: "panel", id: `panel ${keyOf(item)}`, key: keyOf(item), number: ++panels });
    return { minus: { part: id, at: "-" }, plus: { part: id, at: "+" } };
  }

  function addGroup(strings: readonly PvString[], path: string, ref: StringRef): Ends | null {
    const [only] = strings;
    if (only === undefined) return null;
    if (strings.length === 1) return addString(only, path, ref);
    const [plus, minus] = (["+", "-"] as const).map((pole) =>
      put({ type: "branch", id: `branch ${path} ${pole}`, pole }),
    );
    if (plus === undefined || minus === undefined) return null;
    for (const [k, string] of strings.entries()) {
      const ends = addString(string, `${path}.${k}`, ref);
      if (ends === null) continue;
      join({ part: minus.id, at: "out" }, ends.minus, "-");
      join(throughFuse(ends.plus, string, { ...ref, stringId: string.id }), { part: plus.id, at: "in" }, "+");
    }
    return { minus: { part: minus.id, at: "in" }, plus: { part: plus.id, at: "out" } };
  }

  /** On from a branch's plus through its fuse, where it has or needs one. */
  function throughFuse(plus: Terminal, string: PvString, ref: StringRef): Terminal {
    if (string.id === null || !isFused(string)) return plus;
    const guard = fuseAt(guards, { type: "string", stringId: string.id });
    const fuse = put({ type: "fuse", id: `fuse ${string.id}`, string: ref, guard });
    join(plus, { part: fuse.id, at: "in" }, "+");
    return { part: fuse.id, at: "out" };
  }

  /** Items from + to −: the first has the string's plus, before its diode. */
  function addString(string: PvString, path: string, ref: StringRef): Ends | null {
    const chain = string.items.flatMap((item, k) => addItem(item, `${path}/${k}`, ref) ?? []);
    const [first] = chain;
    const last = chain.at(-1);
    if (first === undefined || last === undefined) return null;
    for (const [k, each] of chain.entries()) {
      const next = chain[k + 1];
      if (next !== undefined) join(next.plus, each.minus, "link");
    }
    if (!string.blockingDiode) return { minus: last.minus, plus: first.plus };
    const diode = put({ type: "diode", id: `diode ${string.id ?? path}` });
    join(first.plus, { part: diode.id, at: "in" }, "+");
    return { minus: last.minus, plus: { part: diode.id, at: "out" } };
  }

  function addPortArray(portArray: PortArray): void {
    const { inputId, portId } = portArray;
    const portArrayId: PortArrayId = { inputId, portId };
    const key = `${inputId ?? ""}/${portId ?? ""}`;
    const strings = portArray.strings.filter(isUsedString);
    const isJoined = strings.length > 1;
    const [plusBar, minusBar] = isJoined
      ? (["+", "-"] as const).map((pole) =>
          put({ type: "bar", id: `bar ${key} ${pole}`, pole, portArray: portArrayId, strings: strings.length }),
        )
      : [];
    let [minusEnd, plusEnd]: [Terminal | null, Terminal | null] = [null, null];
    for (const [k, string] of strings.entries()) {
      const ref: StringRef = { ...portArrayId, stringId: string.id, number: k + 1 };
      const ends = addString(string, `${key} ${k}`, ref);
      if (ends === null) continue;
      let { plus } = ends;
      const through = (part: Part) => {
        join(plus, { part: part.id, at: "in" }, "+");
        plus = { part: part.id, at: "out" };
      };
      const stringKey = string.id ?? `${key} ${k}`;
      if (isJoined) plus = throughFuse(plus, string, ref);
      if (!isJoined || plusBar === undefined || minusBar === undefined || inputId === null || portId === null) {
        if (plusBar === undefined || minusBar === undefined) [minusEnd, plusEnd] = [ends.minus, plus];
        else {
          join({ part: minusBar.id, at: "out" }, ends.minus, "-");
          join(plus, { part: plusBar.id, at: "in" }, "+");
        }
        continue;
      }
      const [from, to]: [End, End] = [
        { type: "string", stringId: stringKey },
        { type: "junction", inputId, portId },
      ];
      const cable = (pole: Pole) =>
        put({ type: "cable", id: `cable row ${stringKey} ${pole}`, from, to, pole, string: ref });
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
        put({ type: "cable", id: `cable trunk ${key}`, from: junction, to: isolator, pole: "both", string: null }),
      );
      if (isSwitched(portArrayId))
        bothThrough(
          put({ type: "switch", id: `switch ${key}`, portArray: portArrayId, guard: switchAt(guards, isolator) }),
        );
      bothThrough(
        put({ type: "cable", id: `cable tail ${key}`, from: isolator, to: port, pole: "both", string: null }),
      );
    }
    join(ends.plus, { part: `input ${inputId ?? ""}`, at: `${portId ?? ""}+` }, "+");
    join(ends.minus, { part: `input ${inputId ?? ""}`, at: `${portId ?? ""}-` }, "-");
  }

  function addInput(inputId: string | null): void {
    const ports = portArrays
      .filter((portArray) => portArray.inputId === inputId)
      .map(({ portId }) => ({ inputId, portId }));
    const device = plan.inputs.find(({ id }) => id === inputId)?.device;
    const hasBank = inputId !== null && device?.kind === "chargeController";
    const input = put({ type: "input", id: `input ${inputId ?? ""}`, inputId, ports, hasBank });
    if (inputId === null || !hasBank) return;
    const [from, to]: [End, End] = [
      { type: "output", inputId },
      { type: "bank", inputId },
    ];
    const cable = put({ type: "cable", id: `cable battery ${inputId}`, from, to, pole: "both", string: null });
    const bank = put({ type: "bank", id: `bank ${inputId}`, inputId, guard: fuseAt(guards, to) });
    for (const pole of ["+", "-"] as const) {
      join({ part: input.id, at: `battery${pole}` }, { part: cable.id, at: `in${pole}` }, pole);
      join({ part: cable.id, at: `out${pole}` }, { part: bank.id, at: pole }, pole);
    }
  }
}
