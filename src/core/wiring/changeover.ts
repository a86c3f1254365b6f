import { type Joint, jointKey, jointKeys, jointsOf } from "./joints";
import { type Lane, type Row } from "./lane";
import { type Pose, type Stance, standOf } from "./pose";
import { keyOf, laneKey, type TileKey, tilesOf, tilesOfRows } from "./walk";

/** One thing to do with a panel's leads when going from one wiring to another. */
export type Step = {
  readonly type: "unplug" | "plug" | "stow" | "setUp";
  readonly keys: readonly TileKey[];
  readonly inputId: string | null;
  readonly portId: string | null;
  /** The leads that part at an unplugging, or join at a plugging. */
  readonly joints: readonly Joint[];
};

/** Where a panel's two leads go: its port, and the panels it is joined to. */
function joins(lanes: readonly Lane[]): Map<TileKey, string> {
  const found = new Map<TileKey, string>();
  const walk = (rows: readonly Row[], place: string) => {
    for (const row of rows) {
      const used = row.items.filter((item) => item.type === "group" || !item.joinedPast);
      used.forEach((item, k) => {
        const name = (other: (typeof used)[number] | undefined) =>
          other === undefined
            ? "end"
            : other.type === "panel"
              ? keyOf(other)
              : tilesOfRows(other.rows).map(keyOf).sort().join("+");
        const here = `${place}:${name(used[k - 1])}>${name(used[k + 1])}`;
        if (item.type === "panel") found.set(keyOf(item), here);
        else walk(item.rows, here);
      });
    }
  };
  for (const lane of lanes) walk(lane.rows, laneKey(lane));
  return found;
}

/**
 * What to do, in order, to go from one wiring in one pose to another in another: first every lead that moves is unplugged,
 * port by port, so that nothing in between joins rows of two wirings; then panels are stowed or set up; then leads are
 * plugged again.
 */
export function changeover(from: readonly Lane[], to: readonly Lane[], fromPose: Pose, toPose: Pose): Step[] {
  const [was, will] = [joins(from), joins(to)];
  const moved = (key: TileKey) => was.get(key) !== will.get(key);
  const [before, after] = [jointKeys(from), jointKeys(to)];
  const byLane = (lanes: readonly Lane[], type: "unplug" | "plug", joined: ReadonlyMap<TileKey, string>): Step[] =>
    lanes.flatMap((lane) => {
      const other = type === "unplug" ? after : before;
      const joints = jointsOf(lane).filter((joint) => !other.has(jointKey(lane, joint)));
      const keys = tilesOf([lane])
        .map(keyOf)
        .filter((key) => joined.has(key) && moved(key));
      return keys.length === 0 ? [] : [{ type, keys, inputId: lane.inputId, portId: lane.portId, joints }];
    });
  const turned = (stance: Stance) =>
    tilesOf(to)
      .filter((tile) => standOf(toPose, tile).stance === stance && standOf(fromPose, tile).stance !== stance)
      .map(keyOf);
  const turns: Step[] = [
    { type: "stow" as const, keys: turned("stowed"), inputId: null, portId: null, joints: [] },
    { type: "setUp" as const, keys: turned("out"), inputId: null, portId: null, joints: [] },
  ].filter(({ keys }) => keys.length > 0);
  return [...byLane(from, "unplug", was), ...turns, ...byLane(to, "plug", will)];
}
