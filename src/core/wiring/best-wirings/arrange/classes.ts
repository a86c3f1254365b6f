import { type PanelLight } from "@/core/engine/light";
import { type Kind } from "@/core/plan-model";
import { type PanelRef } from "@/core/engine/array";

/** Panels that are alike in all that wirings are ranked and judged by: which of them stands where does not matter. */
export type PanelClass = {
  readonly kind: Kind;
  readonly tiles: readonly PanelRef[];
  /** What falls on one of them in each of the hours. */ readonly light: readonly PanelLight[];
};

type Parts = {
  readonly tiles: readonly PanelRef[];
  readonly kindOf: (tile: PanelRef) => Kind;
  /** How a panel stands in all the positions, as a name. */ readonly standingOf: (tile: PanelRef) => string;
  readonly lightOn: (tile: PanelRef) => readonly PanelLight[];
  /** How many hours of the year each of the hours stands for. */ readonly hours: readonly number[];
};

/** Panels whose light differs by less than this share over the year count as alike at first. */
export const minApart = 0.015;

/**
 * Classes of panels. Equal panels under unlike shadows are put together while their light, hour by hour, differs by no more than a
 * share; the one that came first stands for them.
 */
export function classesOf({ tiles, kindOf, standingOf, lightOn, hours }: Parts, apart: number): PanelClass[] {
  const found: { name: string; kind: Kind; tiles: PanelRef[]; light: readonly PanelLight[] }[] = [];
  for (const tile of tiles) {
    const kind = kindOf(tile);
    const name = `${kind.id} ${standingOf(tile)}`;
    const light = lightOn(tile);
    const known = found.find((each) => each.name === name && lightApart(each.light, light, hours) <= apart);
    if (known === undefined) found.push({ name, kind, tiles: [tile], light });
    else known.tiles.push(tile);
  }
  return found;
}

/** By how much the light on two panels differs, as a share of what falls on the first. */
function lightApart(a: readonly PanelLight[], b: readonly PanelLight[], hours: readonly number[]): number {
  if (a === b) return 0;
  let [all, differs] = [0, 0];
  for (const [k, long] of hours.entries()) {
    const [one, other] = [partsOf(a[k]), partsOf(b[k])];
    for (const [n, wm2] of one.entries()) {
      all += (long * wm2) / one.length;
      differs += (long * Math.abs(wm2 - (other[n] ?? other[0] ?? 0))) / one.length;
    }
  }
  return all > 0 ? differs / all : 0;
}

function partsOf(light: PanelLight | undefined): readonly number[] {
  return light?.irradianceWm2 ?? [];
}
