import { ampsOfRow } from "../../protection/cabling";
import { portWindow, type InputWindow, type Tracking, trackingOf, wakeV } from "../../engine/pv-input";
import { createBulkSolver, type Net, type NetSolution } from "../../engine/net";
import { type PanelModel, stcCellTempC, stcIrradianceWm2 } from "../../engine/panel";
import { type PortSheet } from "../../plan";
import { kindOf, type SolvableWiring } from "../../plan-model";
import { type Cables, keyOf, type PortArray, netOfRows, type PanelRef } from "../../engine/array";
import { type SkyHour } from "../../engine/weather";
import { createAlike } from "./grouping";
import { type Stay } from "./facing";
import { type Alike, type PanelHour, panelHour, type Surroundings } from "./panel-hour";

/** A lane in an hour: its panels each by itself, summed, and the net they make. */
export type LaneSun = {
  readonly panels: Omit<PanelHour, "cellTempC" | "irradianceWm2">;
  readonly solution: NetSolution;
  /** Lost in the cables where the net gives most, W. */ readonly cableW: number;
};

/** A lane made ready for a year in the poses it is used in. */
export type YearLane = {
  readonly lane: PortArray;
  readonly window: InputWindow | null;
  readonly tracking: Tracking;
  readonly wakeV: number;
  readonly sunOf: (hour: SkyHour, stay: Stay, poseId: string) => LaneSun;
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

/** A lane as it stands in one pose: the kinds of standing in it, how many panels stand so, and which each panel is of. */
type Standing = {
  readonly alike: readonly Alike[];
  readonly counts: readonly number[];
  readonly placeOf: ReadonlyMap<string, number>;
};

/** Null when no panel of the lane is in use. */
export function yearLane(
  { plan, common, copperOf }: Pick<SolvableWiring, "plan" | "common" | "copperOf">,
  lane: PortArray,
  port: PortSheet,
  poseIds: readonly string[],
  around: Surroundings,
): YearLane | null {
  const solve = createBulkSolver();
  const modelOf = (tile: PanelRef): PanelModel => kindOf(common, tile).model;
  const full = netOfRows(lane.rows, {
    modelOf,
    lightOn: () => ({ cellTempC: stcCellTempC, irradianceWm2: [stcIrradianceWm2] }),
  });
  if (full === null) return null;
  const { mpp } = solve(full.net);
  const measured = copperOf(lane).cables;
  // where nobody measured, so much that at the amps of full sun the cables lose the share said of the volts
  const shareOhm = measured === null && mpp.i > 0 ? (around.shares.cable * mpp.v) / mpp.i : 0;
  const cableOhm = measured === null ? shareOhm : ohmOfAll(measured, lane, plan);
  const standings = new Map(poseIds.map((poseId) => [poseId, standingIn(poseId, full.tiles)]));

  function standingIn(poseId: string, tiles: readonly PanelRef[]): Standing {
    const alikeOf = createAlike({ plan, common }, poseId);
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

  function sunOf(hour: SkyHour, stay: Stay, poseId: string): LaneSun {
    const standing = standings.get(poseId);
    if (standing === undefined) throw new Error(`no pose "${poseId}" among those made ready`);
    const { alike, counts, placeOf } = standing;
    const each = alike.map((panel) => panelHour(panel, hour, stay, poseId, around));
    const panels = Object.fromEntries(
      summed.map((name) => [name, each.reduce((sum, panel, k) => sum + panel[name] * (counts[k] ?? 0), 0)]),
    ) as Record<(typeof summed)[number], number>;
    const found = netOfRows(lane.rows, {
      modelOf,
      lightOn: (tile) => {
        const panel = each[placeOf.get(keyOf(tile)) ?? 0];
        if (panel === undefined) throw new Error("every panel in use has its place");
        return panel;
      },
      cables: measured,
    });
    if (found === null) throw new Error("a lane in use has a net");
    const net: Net =
      shareOhm > 0 ? { type: "series", members: [found.net, { type: "cable", ohm: shareOhm }] } : found.net;
    const solution = solve(net);
    return { panels, solution, cableW: solution.mpp.i ** 2 * cableOhm };
  }

  return { lane, window: portWindow(port), tracking: trackingOf(port), wakeV: wakeV(port) ?? 0, sunOf };
}

/** The one resistance that loses as much as all cables of a lane, where its rows share the amps as their labels have them, Ω. */
function ohmOfAll(
  { rowOhm, otherRowOhm, arrayOhm }: Cables,
  { rows }: PortArray,
  plan: SolvableWiring["plan"],
): number {
  const amps = rows.map((row) => ampsOfRow(plan, row)?.impA ?? 0);
  const all = amps.reduce((sum, each) => sum + each, 0);
  if (all === 0) return arrayOhm;
  return rows.reduce(
    (sum, { id }, k) => sum + ((amps[k] ?? 0) / all) ** 2 * (rowOhm.get(id ?? "") ?? otherRowOhm),
    arrayOhm,
  );
}
