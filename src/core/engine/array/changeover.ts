import { type Joint, jointKey, jointKeys, jointsOf } from "./joints";
import { type PortArrayRef, samePortArray } from "./edit";
import { type PortArray } from "./port-array";
import { type Position, type Stance, standOf } from "./position";
import { keyOf, type PanelKey, tilesOf } from "./walk";

/** One thing to do when going from one wiring to another. */
export type Step = {
  /** `isolate`: off and dark, before anything is opened. `measure`: before the isolator is switched on again. */
  readonly type: "isolate" | "unplug" | "stow" | "setUp" | "plug" | "measure";
  readonly keys: readonly PanelKey[];
  readonly inputId: string | null;
  readonly portId: string | null;
  /** The leads that part at an unplugging, or join at a plugging. */
  readonly joints: readonly Joint[];
};

/**
 * What to do, in order, to go from one wiring in one position to another in another: every port that is touched is switched off and its panels
 * covered; then each joint that the other wiring has not is opened, port by port, so that nothing in between joins strings of two wirings;
 * then panels are stowed or set up; then the new joints are made, and each port that has any is measured. A joint that both have stays.
 */
export function changeover(
  from: readonly PortArray[],
  to: readonly PortArray[],
  fromPosition: Position,
  toPosition: Position,
): Step[] {
  const [before, after] = [jointKeys(from), jointKeys(to)];
  const byPortArray = (portArrays: readonly PortArray[], type: "unplug" | "plug"): Step[] =>
    portArrays.flatMap((portArray) => {
      const other = type === "unplug" ? after : before;
      const joints = jointsOf(portArray).filter((joint) => !other.has(jointKey(portArray, joint)));
      const touched = new Set(joints.flatMap(({ minusOf, plusOf }) => [minusOf, plusOf]));
      const keys = tilesOf([portArray])
        .map(keyOf)
        .filter((key) => touched.has(key));
      return joints.length === 0 ? [] : [{ type, keys, inputId: portArray.inputId, portId: portArray.portId, joints }];
    });
  const turned = (stance: Stance) =>
    tilesOf(to)
      .filter((tile) => standOf(toPosition, tile).stance === stance && standOf(fromPosition, tile).stance !== stance)
      .map(keyOf);
  const turns: Step[] = [
    { type: "stow" as const, keys: turned("stowed"), inputId: null, portId: null, joints: [] },
    { type: "setUp" as const, keys: turned("out"), inputId: null, portId: null, joints: [] },
  ].filter(({ keys }) => keys.length > 0);
  const [opened, made] = [byPortArray(from, "unplug"), byPortArray(to, "plug")];
  // a string that goes whole to another port opens and makes joints at both
  const touched = [...from, ...to].filter((portArray) =>
    [...opened, ...made].some((step) => samePortArray(step, portArray)),
  );
  const at = (type: "isolate" | "measure", ports: readonly PortArrayRef[]) =>
    ports
      .filter((port, k) => ports.findIndex((other) => samePortArray(other, port)) === k)
      .map(({ inputId, portId }): Step => ({ type, keys: [], inputId, portId, joints: [] }));
  return [...at("isolate", touched), ...opened, ...turns, ...made, ...at("measure", made)];
}
