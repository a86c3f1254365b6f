import {
  applyChange,
  type Change,
  type DeviceSheet,
  emptyPlan,
  type PanelSheet,
  type Plan,
  type PortSheet,
} from "@/core/plan";
import { assess, type Assessment, type Finding, type RuleId } from "@/core/assessment";
import { countsOf, newTile, type PvString, stringOf, type PanelRef, type PanelKey } from "@/core/engine/array";
import { demoInputs, demoPanels, demoPlans } from "@/demo";

/** Plans to try things on, and what is said of them. */

/** The demo plan whose name begins so: the Lantern (two ports and another input), the Narrowboat (a Stop) … */
export function demoPlan(start: string): Plan {
  const found = demoPlans().find(({ name }) => name.startsWith(start));
  if (found === undefined) throw new Error(`no demo plan begins with “${start}”`);
  return found;
}

export function changed(plan: Plan, ...changes: readonly Change[]): Plan {
  return changes.reduce<Plan>(applyChange, plan);
}

export type Setting = {
  panel?: Partial<PanelSheet>;
  port?: Partial<PortSheet>;
  site?: Partial<Plan["site"]>;
  series: number;
  strings: number;
};

/** A plan with the 195 W panel and the high-volt port of the power station, changed as asked. */
export function planWith({ panel = {}, port = {}, site = {}, series, strings }: Setting): Plan {
  const [, high] = demoInputs.twoPortStation.ports;
  const changes: Change[] = [
    { type: "addPanel", id: "p", libraryId: null, label: { ...demoPanels.rigid195, ...panel } },
    {
      type: "addInput",
      id: "i",
      libraryId: null,
      device: { ...demoInputs.twoPortStation, ports: [{ ...high, ...port }], groups: [] },
    },
    { type: "setSite", patch: { recordLowC: -14, recordHighC: 31, latitudeDeg: 57, mount: "roofGap", ...site } },
    {
      type: "fillPortArray",
      wiringId: "wiring-1",
      inputId: "i",
      portId: "high",
      panelId: "p",
      series,
      strings,
      more: series * strings,
    },
  ];
  return changed(emptyPlan("Rules"), ...changes);
}

/** A plan of several kinds on one port, of the power station unless asked otherwise, its strings as given. */
export function mixedPlan(
  strings: readonly PvString[],
  device: DeviceSheet = demoInputs.twoPortStation,
  portId = "high",
): Plan {
  return portsPlan(device, { [portId]: strings });
}

/** The same with strings on several ports. */
export function portsPlan(device: DeviceSheet, stringsOf: Readonly<Record<string, readonly PvString[]>>): Plan {
  const portArrays = Object.entries(stringsOf).map(([portId, strings]) => ({ inputId: "i", portId, strings }));
  const changes: Change[] = [
    { type: "addPanel", id: "a", libraryId: null, label: demoPanels.rigid195 },
    { type: "addPanel", id: "b", libraryId: null, label: demoPanels.rigid120 },
    { type: "addPanel", id: "c", libraryId: null, label: demoPanels.rigid225 },
    { type: "addInput", id: "i", libraryId: null, device },
    { type: "setSite", patch: { recordLowC: -14, recordHighC: 31, latitudeDeg: 57, mount: "roofGap" } },
    { type: "rewire", wiringId: "wiring-1", portArrays, counts: countsOf(portArrays) },
  ];
  return changed(emptyPlan("Mixed"), ...changes);
}

/** A limit of amps over a range of volts. */
export const tier = (
  amps: number,
  nature: "drawsUpTo" | "neverExceed",
  fromV: number | null = null,
  toV: number | null = null,
) => ({ amps, nature, fromV, toV });

/** A string of panels by kind and number, each changed as given. */
export const string = (...tiles: readonly [panelId: string, piece: number, change?: Partial<PanelRef>][]): PvString =>
  stringOf(tiles.map(([panelId, piece, change]) => ({ ...newTile(panelId, piece), ...change })));

/** A plan with some of its panels standing as given, in its first position. */
export const stood = (plan: Plan, ...stands: readonly [key: PanelKey, patch: StandPatch][]): Plan =>
  changed(
    plan,
    ...stands.map(([key, patch]): Change => ({
      type: "setStands",
      positionId: plan.positions[0]?.id ?? "",
      keys: [key],
      patch,
    })),
  );
type StandPatch = Extract<Change, { type: "setStands" }>["patch"];

export function verdictOn(plan: Plan): Extract<Assessment, { type: "assessed" }> {
  const assessment = assess(plan, "wiring-1");
  if (assessment.type !== "assessed") throw new Error("the plan is incomplete");
  return assessment;
}

export function findingIn(plan: Plan, rule: RuleId): Finding {
  const found = verdictOn(plan).findings.find((candidate) => candidate.rule === rule);
  if (found === undefined) throw new Error(`no finding of ${rule}`);
  return found;
}
