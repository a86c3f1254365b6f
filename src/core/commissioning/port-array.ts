import { type SkyGuess } from "./sky-guess";
import { usedStrings } from "../protection/cabling";
import { type InputWindow, type Tracking } from "../engine/pv-input";
import { type Net } from "../engine/net";
import { type Plane } from "../engine/light";
import { kindOf, type PortArrayContext } from "../plan-model";
import { rossCPerWm2 } from "../engine/sky";
import { keyOf, netOfStrings, standOf, type PanelRef, type PanelKey } from "../engine/array";
import { clearOnPlane, isEven, lightNow, type LightGuess } from "./light-now";

import { type Place } from "./reading";
import { type ReadPlace, type ReadSky } from "../measurements";
import { leavesOf, type ProveLeaf, type ProveTree, stringsOf } from "./tree";

/** A port's array as it is to be proved: panels numbered in the order in which they are walked, and where each reading is taken. */
export type ProvedPortArray = {
  readonly tree: ProveTree;
  readonly tiles: readonly PanelRef[];
  /** Ids of the wired strings, in the order in which they are solved; null where that is not one for one. */
  readonly stringIds: readonly (string | null)[];
  readonly window: InputWindow | null;
  readonly tracking: Tracking;
  readonly light: LightGuess;
  readonly sky: SkyGuess;
  readonly clearWm2: number;
  /** Of its most amps of a single panel, a string, all. */ readonly iscA: {
    readonly panel: number;
    readonly string: number;
    readonly array: number;
  };
  readonly batteryV: number | null;
  /** What open-circuit volts are carried to, °C. */ readonly recordLowC: number;
};

export type Moment = { readonly atMs: number; readonly longitudeDeg: number };

/** As warm as it usually is, where nobody measured it, °C. */
export const defaultAirC = 20;

/**
 * A port array with the light of a moment on each of its panels; `planeOf`: how each lies then. Null while nothing of it can be solved. Shadows of the roof are left
 * out: what lies in one shows as shaded, and is told as that.
 */
export function provedPortArray(
  context: PortArrayContext,
  said: ReadSky,
  { atMs, longitudeDeg }: Moment,
  planeOf: (key: PanelKey, atMs: number) => Plane,
): ProvedPortArray | null {
  const { portArray, position, site, window, tracking } = context;
  const found = netOfStrings(portArray.strings, {
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
  const rossOf = (tile: PanelRef) => rossCPerWm2[standOf(position, tile).mount ?? site.mount];
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
  const solved = stringsOf(tree);
  const strings = usedStrings(portArray);
  const iscs = tiles.map((tile) => kindOf(context, tile).fit.label.iscA);
  const inString = solved.map((part) => Math.max(...leavesOf(part).map(({ id }) => iscs[id - 1] ?? 0)));
  return {
    tree,
    tiles,
    stringIds: solved.map((_, k) => (solved.length === strings.length ? (strings[k]?.id ?? null) : null)),
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
      string: Math.max(...inString),
      array: inString.reduce((sum, each) => sum + each, 0),
    },
    batteryV: context.port.batteryV,
    recordLowC: site.recordLowC,
  };
}
/** Cells are warmer than their back by this. */
const backToCellK = 2;

export function leafOf(portArray: ProvedPortArray, id: number): ProveLeaf | undefined {
  return leavesOf(portArray.tree).find((leaf) => leaf.id === id);
}

/** Where a kept reading was taken, in the engine's numbers; null: the panel or string is not in this port array any more. */
export function placeIn(portArray: ProvedPortArray, place: ReadPlace): Place | null {
  switch (place.type) {
    case "panel": {
      const k = portArray.tiles.findIndex((tile) => keyOf(tile) === keyOf(place));
      return k < 0 ? null : { type: "panel", id: k + 1 };
    }
    case "string": {
      const k = place.stringId === null ? place.n - 1 : portArray.stringIds.indexOf(place.stringId);
      return k < 0 || k >= portArray.stringIds.length ? null : { type: "string", n: k + 1 };
    }
    case "array":
    case "input":
      return place;
  }
}

/** And back. */
export function readPlaceOf(portArray: ProvedPortArray, place: Place): ReadPlace {
  switch (place.type) {
    case "panel": {
      const tile = portArray.tiles[place.id - 1];
      if (tile === undefined) throw new Error("a panel of this port array");
      return { type: "panel", panelId: tile.panelId, piece: tile.piece };
    }
    case "string":
      return { type: "string", stringId: portArray.stringIds[place.n - 1] ?? null, n: place.n };
    case "array":
    case "input":
      return place;
  }
}
