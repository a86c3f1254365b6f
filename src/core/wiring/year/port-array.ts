import { ampsOfString } from "../../protection/cabling";
import { portWindow, type InputWindow, type Tracking, trackingOf, wakeV } from "../../engine/pv-input";
import { createBulkSolver, type Net, type NetSolution } from "../../engine/net";
import { type PanelModel, stcCellTempC, stcIrradianceWm2 } from "../../engine/panel";
import { type PortSheet } from "../../plan";
import { kindOf, type SolvableWiring } from "../../plan-model";
import { type Cables, keyOf, type PortArray, netOfStrings, type PanelRef } from "../../engine/array";
import { type SkyHour } from "../../engine/weather";
import { createAlike } from "./grouping";
import { type Stay } from "./facing";
import { type Alike, type PanelHour, panelHour, type Surroundings } from "./panel-hour";

/** A port array in an hour: its panels each by itself, summed, and the net they make. */
export type PortArraySun = {
  readonly panels: Omit<PanelHour, "cellTempC" | "irradianceWm2">;
  readonly solution: NetSolution;
  /** Lost in the cables where the net gives most, W. */ readonly cableW: number;
};

/** A port array made ready for a year in the positions it is used in. */
export type YearPortArray = {
  readonly portArray: PortArray;
  readonly window: InputWindow | null;
  readonly tracking: Tracking;
  readonly wakeV: number;
  readonly sunOf: (hour: SkyHour, stay: Stay, positionId: string) => PortArraySun;
};

const summed = [
  "couldW",
  "slantW",
  "skylineW",
  "shadeW",
  "stowedW",
  "dirtW",
  "hazeW",
  "ageingW",
  "heatW",
  "ownW",
] as const;

/** A port array as it stands in one position: the kinds of standing in it, how many panels stand so, and which each panel is of. */
type Standing = {
  readonly alike: readonly Alike[];
  readonly counts: readonly number[];
  readonly placeOf: ReadonlyMap<string, number>;
};

/** Null when no panel of the port array is in use. */
export function yearPortArray(
  { plan, common, copperOf }: Pick<SolvableWiring, "plan" | "common" | "copperOf">,
  portArray: PortArray,
  port: PortSheet,
  positionIds: readonly string[],
  around: Surroundings,
): YearPortArray | null {
  const solve = createBulkSolver();
  const modelOf = (tile: PanelRef): PanelModel => kindOf(common, tile).model;
  const full = netOfStrings(portArray.strings, {
    modelOf,
    lightOn: () => ({ cellTempC: stcCellTempC, irradianceWm2: [stcIrradianceWm2] }),
  });
  if (full === null) return null;
  const { mpp } = solve(full.net);
  const measured = copperOf(portArray).cables;
  // where nobody measured, so much that at the amps of full sun the cables lose the share said of the volts
  const shareOhm = measured === null && mpp.i > 0 ? (around.shares.cable * mpp.v) / mpp.i : 0;
  const cableOhm = measured === null ? shareOhm : ohmOfAll(measured, portArray, plan);
  const standings = new Map(positionIds.map((positionId) => [positionId, standingIn(positionId, full.tiles)]));

  function standingIn(positionId: string, tiles: readonly PanelRef[]): Standing {
    const alikeOf = createAlike({ plan, common }, positionId);
    const alike: Alike[] = [];
    const counts: number[] = [];
    const known = new Map<string, number>();
    const placeOf = new Map<string, number>();
    for (const tile of tiles) {
      const { name, make } = alikeOf(tile);
      const place = known.get(name) ?? alike.length;
      if (place === alike.length) alike.push(make());
      known.set(name, place);
      counts[place] = (counts[place] ?? 0) + 1;
      placeOf.set(keyOf(tile), place);
    }
    return { alike, counts, placeOf };
  }

  function sunOf(hour: SkyHour, stay: Stay, positionId: string): PortArraySun {
    const standing = standings.get(positionId);
    if (standing === undefined) throw new Error(`no position "${positionId}" among those made ready`);
    const { alike, counts, placeOf } = standing;
    const each = alike.map((panel) => panelHour(panel, hour, stay, positionId, around));
    const panels = Object.fromEntries(
      summed.map((name) => [name, each.reduce((sum, panel, k) => sum + panel[name] * (counts[k] ?? 0), 0)]),
    ) as Record<(typeof summed)[number], number>;
    const found = netOfStrings(portArray.strings, {
      modelOf,
      lightOn: (tile) => {
        const panel = each[placeOf.get(keyOf(tile)) ?? 0];
        if (panel === undefined) throw new Error("every panel in use has its place");
        return panel;
      },
      cables: measured,
    });
    if (found === null) throw new Error("a port array in use has a net");
    const net: Net =
      shareOhm > 0 ? { type: "series", members: [found.net, { type: "cable", ohm: shareOhm }] } : found.net;
    const solution = solve(net);
    return { panels, solution, cableW: solution.mpp.i ** 2 * cableOhm };
  }

  return { portArray, window: portWindow(port), tracking: trackingOf(port), wakeV: wakeV(port) ?? 0, sunOf };
}

/** The one resistance that loses as much as all cables of a port array, where its strings share the amps as their labels have them, Ω. */
function ohmOfAll(
  { stringOhm, otherStringOhm, arrayOhm }: Cables,
  { strings }: PortArray,
  plan: SolvableWiring["plan"],
): number {
  const amps = strings.map((string) => ampsOfString(plan, string)?.impA ?? 0);
  const all = amps.reduce((sum, each) => sum + each, 0);
  if (all === 0) return arrayOhm;
  return strings.reduce(
    (sum, { id }, k) => sum + ((amps[k] ?? 0) / all) ** 2 * (stringOhm.get(id ?? "") ?? otherStringOhm),
    arrayOhm,
  );
}
