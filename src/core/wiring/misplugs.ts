import { changeover } from "./changeover";
import { type LaneRef, sameLane } from "./edit";
import { type Item, type Lane, type Row } from "./lane";
import { allOut } from "./pose";
import { keyOf, laneKey, mapTiles, tilesOf } from "./walk";

/**
 * A way to get a change of wiring wrong. `bothIn`: the new rows of a port plugged in while the old ones still are.
 * `crossed`: rows made for one port plugged in at another that the change has to do with. `unaltered`: rows as they
 * stood at one port plugged in at another, before they were made over for it.
 */
export type Misplug = {
  readonly type: "bothIn" | "crossed" | "unaltered";
  /** what then stands at the port */ readonly lane: Lane;
  /** the port the rows are meant for, or stood at */ readonly meant: LaneRef;
};

/**
 * Every misplug of going from one wiring to another; whether one is dangerous is for the rules to say. Rows of the same kinds
 * in the same order as a port has before or after are what belongs there: to plug them in there is no misplug.
 */
export function misplugs(from: readonly Lane[], to: readonly Lane[]): Misplug[] {
  const steps = changeover(from, to, allOut, allOut);
  const ports = steps.filter((step, k) => steps.findIndex((other) => sameLane(other, step)) === k);
  const moved = (lanes: readonly Lane[], type: "plug" | "unplug") =>
    lanes.filter((lane) => steps.some((step) => step.type === type && sameLane(step, lane)));
  const atOthers = (type: "crossed" | "unaltered", lanes: readonly Lane[]) =>
    lanes.flatMap((lane) =>
      ports
        .filter((port) => !sameLane(port, lane))
        .map(({ inputId, portId }): Misplug => ({ type, lane: { inputId, portId, rows: lane.rows }, meant: lane })),
    );
  const found = [
    ...moved(to, "plug").flatMap((lane) => bothIn(from, lane)),
    ...atOthers("crossed", moved(to, "plug")),
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

function bothIn(from: readonly Lane[], lane: Lane): Misplug[] {
  const moving = new Set(tilesOf([lane]).map(keyOf));
  const left = mapTiles(from.find((old) => sameLane(old, lane))?.rows ?? [], (tile) =>
    moving.has(keyOf(tile)) ? null : tile,
  );
  return left.length === 0 ? [] : [{ type: "bothIn", lane: { ...lane, rows: [...left, ...lane.rows] }, meant: lane }];
}

/** A port and the kinds of panel before it, row by row, whichever pieces of them and however they are lit. */
function shapeOfLane(lane: Lane): string {
  const ofItem = (item: Item): string =>
    item.type === "panel" ? `${item.panelId}${item.joinedPast ? "-" : ""}` : `(${ofRows(item.rows)})`;
  const ofRow = (row: Row) => `${row.items.map(ofItem).sort().join("+")}${row.blockingDiode ? "|" : ""}`;
  const ofRows = (rows: readonly Row[]): string => rows.map(ofRow).sort().join("/");
  return `${laneKey(lane)}:${ofRows(lane.rows)}`;
}
