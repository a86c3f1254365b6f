import { changeover } from "./changeover";
import { type LaneRef, sameLane } from "./edit";
import { type Item, type PortArray, type Row } from "./lane";
import { allOut } from "./pose";
import { keyOf, laneKey, mapTiles, tilesOfRows } from "./walk";

/**
 * A way to get a change of wiring wrong. `bothIn`: the new rows of a port plugged in while the old ones still are.
 * `crossed`: rows made for one port plugged in at another that the change has to do with. `unaltered`: rows as they
 * stood at one port plugged in at another, before they were made over for it.
 */
export type Misplug = {
  readonly type: "bothIn" | "crossed" | "unaltered";
  /** what then stands at the port */ readonly lane: PortArray;
  /** the port the rows are meant for, or stood at */ readonly meant: LaneRef;
};

/**
 * Every misplug of going from one wiring to another; whether one is dangerous is for the rules to say. Rows of the same kinds
 * in the same order as a port has before or after are what belongs there: to plug them in there is no misplug.
 */
export function misplugs(from: readonly PortArray[], to: readonly PortArray[]): Misplug[] {
  const steps = changeover(from, to, allOut, allOut);
  const ports = steps.filter(({ type }) => type === "isolate");
  const moved = (lanes: readonly PortArray[], type: "plug" | "unplug") =>
    lanes.filter((lane) => steps.some((step) => step.type === type && sameLane(step, lane)));
  const atOthers = (type: "crossed" | "unaltered", lanes: readonly PortArray[]) =>
    lanes.flatMap((lane) =>
      ports
        .filter((port) => !sameLane(port, lane))
        .map(({ inputId, portId }): Misplug => ({ type, lane: { inputId, portId, rows: lane.rows }, meant: lane })),
    );
  const found = [
    ...moved(to, "plug").flatMap((lane) => bothIn(from, lane)),
    ...atOthers("crossed", moved(to, "plug")),
    ...moved(to, "plug").flatMap((lane) => crossedBoth(from, lane, ports)),
    ...atOthers("unaltered", moved(from, "unplug")),
  ];
  const seen = new Set([...from, ...to].map(shapeOfLane));
  return found.filter(({ lane }) => {
    const shape = shapeOfLane(lane);
    if (seen.has(shape)) return false;
    seen.add(shape);
    return true;
  });
}

/** Old strings and new at a port at once: the old ones without the panels that have moved, or whole, with the new ones that need none of them. */
function bothIn(from: readonly PortArray[], lane: PortArray): Misplug[] {
  const old = from.find((each) => sameLane(each, lane))?.rows ?? [];
  const moving = keysOf(lane.rows);
  const shortened = mapTiles(old, (tile) => (moving.has(keyOf(tile)) ? null : tile));
  return [
    { left: shortened, added: lane.rows },
    { left: old, added: without(lane.rows, keysOf(old)) },
    { left: without(old, moving), added: lane.rows },
  ].flatMap(({ left, added }) =>
    left.length === 0 || added.length === 0
      ? []
      : [{ type: "bothIn" as const, lane: { ...lane, rows: [...left, ...added] }, meant: lane }],
  );
}

/** New strings of one port plugged in at another beside what still stands there. */
function crossedBoth(from: readonly PortArray[], lane: PortArray, ports: readonly LaneRef[]): Misplug[] {
  return from
    .filter((old) => !sameLane(old, lane) && ports.some((port) => sameLane(port, old)))
    .flatMap((old): Misplug[] => {
      const added = without(lane.rows, keysOf(old.rows));
      return added.length === 0
        ? []
        : [{ type: "crossed", lane: { ...old, rows: [...old.rows, ...added] }, meant: lane }];
    });
}

function keysOf(rows: readonly Row[]): ReadonlySet<string> {
  return new Set(tilesOfRows(rows).map(keyOf));
}

function without(rows: readonly Row[], keys: ReadonlySet<string>): readonly Row[] {
  return rows.filter((row) => !tilesOfRows([row]).some((tile) => keys.has(keyOf(tile))));
}

/** A port and the kinds of panel before it, row by row, whichever pieces of them and however they are lit. */
function shapeOfLane(lane: PortArray): string {
  const ofItem = (item: Item): string =>
    item.type === "panel" ? `${item.panelId}${item.joinedPast ? "-" : ""}` : `(${ofRows(item.rows)})`;
  const ofRow = (row: Row) => `${row.items.map(ofItem).sort().join("+")}${row.blockingDiode ? "|" : ""}`;
  const ofRows = (rows: readonly Row[]): string => rows.map(ofRow).sort().join("/");
  return `${laneKey(lane)}:${ofRows(lane.rows)}`;
}
