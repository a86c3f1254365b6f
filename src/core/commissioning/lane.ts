import { usedRows } from "../protection/cabling";
import { type InputWindow, type Tracking } from "../engine/pv-input";
import { type Net } from "../engine/net";
import { type Plane } from "../engine/light";
import { kindOf, type LaneContext } from "../plan-model";
import { rossCPerWm2 } from "../engine/sky";
import { keyOf, netOfRows, standOf, type PanelRef, type PanelKey } from "../engine/array";
import { clearOnPlane, isEven, lightNow, type LightGuess } from "./light-now";
import { type SkyGuess } from "./rank";
import { type Place } from "./reading";
import { type ReadPlace, type ReadSky } from "../measurements";
import { leavesOf, type ProveLeaf, type ProveTree, stringsOf } from "./tree";

/** A port's array as it is to be proved: panels numbered in the order in which they are walked, and where each reading is taken. */
export type ProvedLane = {
  readonly tree: ProveTree;
  readonly tiles: readonly PanelRef[];
  /** Rows by their ids, in the order of the strings; null where a string is no row of its own. */
  readonly rowIds: readonly (string | null)[];
  readonly window: InputWindow | null;
  readonly tracking: Tracking;
  readonly light: LightGuess;
  readonly sky: SkyGuess;
  readonly clearWm2: number;
  /** Of its most amps of a single panel, a row, all. */ readonly iscA: {
    readonly panel: number;
    readonly row: number;
    readonly array: number;
  };
  readonly batteryV: number | null;
  /** What open-circuit volts are carried to, °C. */ readonly recordLowC: number;
};

export type Moment = { readonly atMs: number; readonly longitudeDeg: number };

/** As warm as it usually is, where nobody measured it, °C. */
export const defaultAirC = 20;

/**
 * A lane with the light of a moment on each of its panels; `planeOf`: how each lies then. Null while nothing of it can be solved. Shadows of the roof are left
 * out: what lies in one shows as shaded, and is told as that.
 */
export function provedLane(
  context: LaneContext,
  said: ReadSky,
  { atMs, longitudeDeg }: Moment,
  planeOf: (key: PanelKey, atMs: number) => Plane,
): ProvedLane | null {
  const { lane, pose, site, window, tracking } = context;
  const found = netOfRows(lane.rows, {
    modelOf: (tile) => kindOf(context, tile).model,
    lightOn: () => ({ cellTempC: 25, irradianceWm2: [1000] }),
  });
  if (found === null) return null;
  const { net, tiles } = found;
  const clear = tiles.map((tile) =>
    clearOnPlane(planeOf(keyOf(tile), atMs), atMs, site.latitudeDeg, site.longitudeDeg ?? longitudeDeg),
  );
  const clearWm2 = clear[0] ?? 0;
  // told by the first panel: the others get so much more or less of the sun than it
  const shareOf = (k: number) => (isEven(said) || clearWm2 <= 0 ? 1 : (clear[k] ?? 0) / clearWm2);
  const light = lightNow(clearWm2, said);
  const rossOf = (tile: PanelRef) => rossCPerWm2[standOf(pose, tile).mount ?? site.mount];
  // a thermometer on the back says how warm the cells are, whatever the light: two degrees less
  const byBack = said.backC !== null;
  const vocPctOf = (tile: PanelRef) => kindOf(context, tile).fit.label.tempCoVocPctPerC;
  let next = 0;
  const treeOf = (part: Net): ProveTree | null => {
    if (part.type === "panel") {
      const k = next++;
      const tile = tiles[k];
      if (tile === undefined) throw new Error("as many panels as tiles");
      return {
        type: "panel",
        id: k + 1,
        model: part.model,
        light: shareOf(k),
        rossK: byBack ? 0 : rossOf(tile),
        vocPctPerC: vocPctOf(tile),
      };
    }
    if (part.type !== "series" && part.type !== "parallel") return null;
    const members = part.members.flatMap((member) => treeOf(member) ?? []);
    const [only] = members;
    return only === undefined ? null : members.length === 1 ? only : { type: part.type, members };
  };
  const tree = treeOf(net);
  if (tree === null) return null;
  const strings = stringsOf(tree);
  const rows = usedRows(lane);
  const iscs = tiles.map((tile) => kindOf(context, tile).fit.label.iscA);
  const inString = strings.map((part) => Math.max(...leavesOf(part).map(({ id }) => iscs[id - 1] ?? 0)));
  return {
    tree,
    tiles,
    rowIds: strings.map((_, k) => (rows.length === strings.length ? (rows[k]?.id ?? null) : null)),
    window,
    tracking,
    light,
    clearWm2,
    sky: {
      irradianceWm2: said.meterWm2 ?? (said.cloud === "clear" ? light.due : null),
      cloud: said.cloud,
      airTempC: byBack ? (said.backC ?? 0) + backToCellK : (said.airC ?? defaultAirC),
      rossK: byBack ? 0 : rossCPerWm2[site.mount],
    },
    iscA: {
      panel: Math.max(...iscs),
      row: Math.max(...inString),
      array: inString.reduce((sum, each) => sum + each, 0),
    },
    batteryV: context.port.batteryV,
    recordLowC: site.recordLowC,
  };
}
/** Cells are warmer than their back by this. */
const backToCellK = 2;

export function leafOf(lane: ProvedLane, id: number): ProveLeaf | undefined {
  return leavesOf(lane.tree).find((leaf) => leaf.id === id);
}

/** Where a kept reading was taken, in the engine's numbers; null: the panel or row is not in this lane any more. */
export function placeIn(lane: ProvedLane, place: ReadPlace): Place | null {
  switch (place.type) {
    case "panel": {
      const k = lane.tiles.findIndex((tile) => keyOf(tile) === keyOf(place));
      return k < 0 ? null : { type: "panel", id: k + 1 };
    }
    case "row": {
      const k = place.rowId === null ? place.n - 1 : lane.rowIds.indexOf(place.rowId);
      return k < 0 || k >= lane.rowIds.length ? null : { type: "string", n: k + 1 };
    }
    case "array":
    case "input":
      return place;
  }
}

/** And back. */
export function readPlaceOf(lane: ProvedLane, place: Place): ReadPlace {
  switch (place.type) {
    case "panel": {
      const tile = lane.tiles[place.id - 1];
      if (tile === undefined) throw new Error("a panel of this lane");
      return { type: "panel", panelId: tile.panelId, piece: tile.piece };
    }
    case "string":
      return { type: "row", rowId: lane.rowIds[place.n - 1] ?? null, n: place.n };
    case "array":
    case "input":
      return place;
  }
}
