import { type Plan, type PlanInput, type PlanPanel, type PortSheet, type Wiring } from "../plan";
import { completeLabel, fitLabel, type LabelFit, type PanelLabel, readLabel, type RequiredField } from "../panel";
import { brightNoonAirC } from "../sky";
import { buildContext, panelUnderSkies, type RuleContext, type Site } from "./context";
import { type Assumption, type Finding, type Level, worstLevel } from "./finding";
import { findMends } from "./mend";
import { judgeAll } from "./rules";
import { clearDayOfOnePanel } from "./watts";

/** What has to be there before anything can be judged. */
export type Missing =
  | { readonly type: "noPanel" }
  | { readonly type: "labelIncomplete"; readonly panelName: string; readonly fields: readonly RequiredField[] }
  | { readonly type: "noInput" };

export type Assessment =
  | { readonly type: "incomplete"; readonly missing: readonly Missing[] }
  | { readonly type: "assessed"; readonly findings: readonly Finding[]; readonly worst: Level; readonly context: RuleContext };

/** Taken for a site that does not say; on the careful side for most of the inhabited world. */
export const assumedSite: Site = { recordLowC: -20, recordHighC: 40, latitudeDeg: 45, mount: "roofGap" };

/** Fits are costly beside the rest, so callers pass one that remembers; the plain one is fitLabel. */
export type Fitter = (label: PanelLabel) => LabelFit;

/** Judges one wiring of a plan. Pure: the same plan gives the same assessment. */
export function assess(plan: Plan, wiringId: string, fit: Fitter = fitLabel): Assessment {
  const wiring = plan.wirings.find((candidate) => candidate.id === wiringId);
  if (wiring === undefined) throw new Error(`no wiring "${wiringId}" in the plan`);
  const panel = plan.panels.find((candidate) => candidate.id === wiring.panelId);
  const port = portOf(plan, wiring);
  const missing: Missing[] = [...missingOf(panel), ...(port === undefined ? [{ type: "noInput" } as const] : [])];
  const reading = panel === undefined ? null : readLabel(panel.label);
  if (missing.length > 0 || reading?.type !== "label" || port === undefined) return { type: "incomplete", missing };
  const fitted = fit(reading.label);
  const site = siteOf(plan);
  const context = buildContext({
    fit: fitted,
    assumedFields: completeLabel(reading.label).assumed,
    series: wiring.series,
    strings: wiring.strings,
    port,
    site,
    onePanel: panelUnderSkies(fitted, site),
    clearDay: once(() => clearDayOfOnePanel(fitted.model, site)),
    siteAssumptions: assumptionsOf(plan),
  });
  const judged = judgeAll(context);
  const mends = findMends(context, judged);
  const findings = judged.map((finding) => ({ ...finding, mend: mends.get(finding.rule) ?? null }));
  return { type: "assessed", findings, worst: worstLevel(findings), context };
}

function once<T>(make: () => T): () => T {
  let made: T | undefined;
  return () => (made ??= make());
}

/** The port a wiring feeds, if the plan has it. */
export function portOf(plan: Plan, wiring: Wiring): PortSheet | undefined {
  const input: PlanInput | undefined = plan.inputs.find((candidate) => candidate.id === wiring.inputId);
  return input?.device.ports.find((port) => port.id === wiring.portId);
}

function missingOf(panel: PlanPanel | undefined): Missing[] {
  if (panel === undefined) return [{ type: "noPanel" }];
  const reading = readLabel(panel.label);
  return reading.type === "label" ? [] : [{ type: "labelIncomplete", panelName: panel.label.name, fields: reading.missing }];
}

function siteOf({ site }: Plan): Site {
  return {
    recordLowC: site.recordLowC ?? assumedSite.recordLowC,
    recordHighC: site.recordHighC ?? assumedSite.recordHighC,
    latitudeDeg: site.latitudeDeg ?? assumedSite.latitudeDeg,
    mount: site.mount ?? assumedSite.mount,
  };
}

function assumptionsOf({ site }: Plan): Assumption[] {
  const assumed: Assumption[] = [{ type: "noonAir", valueC: brightNoonAirC }];
  if (site.recordLowC === null) assumed.push({ type: "recordLow", valueC: assumedSite.recordLowC });
  if (site.recordHighC === null) assumed.push({ type: "recordHigh", valueC: assumedSite.recordHighC });
  if (site.latitudeDeg === null) assumed.push({ type: "latitude", valueDeg: assumedSite.latitudeDeg });
  if (site.mount === null) assumed.push({ type: "mount", mount: assumedSite.mount });
  return assumed;
}
