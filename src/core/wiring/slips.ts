import { changeover } from "./changeover";
import { type LaneRef, sameLane } from "./edit";
import { type Lane } from "./lane";
import { keyOf, mapTiles, tilesOf } from "./walk";

/**
 * A way to get a change of wiring wrong. `bothIn`: the new rows of a port plugged in while the old ones still are.
 * `crossed`: rows meant for one port plugged in at another that the change has to do with.
 */
export type Slip = {
  readonly type: "bothIn" | "crossed";
  /** what then stands at the port */ readonly lane: Lane;
  /** the port the rows are meant for */ readonly meant: LaneRef;
};

/** Every slip of going from one wiring to another; whether one is dangerous is for the rules to say. */
export function slips(from: readonly Lane[], to: readonly Lane[]): Slip[] {
  const steps = changeover(from, to).filter(({ type }) => type === "plug" || type === "unplug");
  const ports = steps.filter((step, k) => steps.findIndex((other) => sameLane(other, step)) === k);
  const plugged = to.filter((lane) => steps.some((step) => step.type === "plug" && sameLane(step, lane)));
  const bothIn = plugged.flatMap((lane): Slip[] => {
    const moving = new Set(tilesOf([lane]).map(keyOf));
    const left = mapTiles(from.find((old) => sameLane(old, lane))?.rows ?? [], (tile) =>
      moving.has(keyOf(tile)) ? null : tile,
    );
    return left.length === 0 ? [] : [{ type: "bothIn", lane: { ...lane, rows: [...left, ...lane.rows] }, meant: lane }];
  });
  const crossed = plugged.flatMap((lane) =>
    ports
      .filter((port) => !sameLane(port, lane))
      .map(({ inputId, portId }): Slip => ({
        type: "crossed",
        lane: { inputId, portId, rows: lane.rows },
        meant: lane,
      })),
  );
  return [...bothIn, ...crossed];
}
