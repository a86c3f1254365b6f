import { type Joint, jointKey, jointKeys, jointsOf } from "./joints";
import { type LaneRef, sameLane } from "./edit";
import { type PortArray } from "./lane";
import { type Pose, type Stance, standOf } from "./pose";
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
 * What to do, in order, to go from one wiring in one pose to another in another: every port that is touched is switched off and its panels
 * covered; then each joint that the other wiring has not is opened, port by port, so that nothing in between joins strings of two wirings;
 * then panels are stowed or set up; then the new joints are made, and each port that has any is measured. A joint that both have stays.
 */
export function changeover(from: readonly PortArray[], to: readonly PortArray[], fromPose: Pose, toPose: Pose): Step[] {
  const [before, after] = [jointKeys(from), jointKeys(to)];
  const byLane = (lanes: readonly PortArray[], type: "unplug" | "plug"): Step[] =>
    lanes.flatMap((lane) => {
      const other = type === "unplug" ? after : before;
      const joints = jointsOf(lane).filter((joint) => !other.has(jointKey(lane, joint)));
      const touched = new Set(joints.flatMap(({ minusOf, plusOf }) => [minusOf, plusOf]));
      const keys = tilesOf([lane])
        .map(keyOf)
        .filter((key) => touched.has(key));
      return joints.length === 0 ? [] : [{ type, keys, inputId: lane.inputId, portId: lane.portId, joints }];
    });
  const turned = (stance: Stance) =>
    tilesOf(to)
      .filter((tile) => standOf(toPose, tile).stance === stance && standOf(fromPose, tile).stance !== stance)
      .map(keyOf);
  const turns: Step[] = [
    { type: "stow" as const, keys: turned("stowed"), inputId: null, portId: null, joints: [] },
    { type: "setUp" as const, keys: turned("out"), inputId: null, portId: null, joints: [] },
  ].filter(({ keys }) => keys.length > 0);
  const [opened, made] = [byLane(from, "unplug"), byLane(to, "plug")];
  // a string that goes whole to another port opens and makes joints at both
  const touched = [...from, ...to].filter((lane) => [...opened, ...made].some((step) => sameLane(step, lane)));
  const at = (type: "isolate" | "measure", ports: readonly LaneRef[]) =>
    ports
      .filter((port, k) => ports.findIndex((other) => sameLane(other, port)) === k)
      .map(({ inputId, portId }): Step => ({ type, keys: [], inputId, portId, joints: [] }));
  return [...at("isolate", touched), ...opened, ...turns, ...made, ...at("measure", made)];
}
