import {
  completeLabel,
  doubtsAbout,
  impossibleIn,
  type LabelDoubt,
  type Reading,
  readLabel,
  type RequiredField,
} from "../panel";
import { type Plan, type PlanPanel, type PortSheet } from "../plan";
import { brightNoonAirC } from "../sky";
import { type Lane, laneKey, sameLane, tilesOf } from "../wiring";
import { buildLane, type Ground, type Kind, type LaneContext, type Site, solverFor } from "./context";
import { coldVoltsOf } from "./cold";
import { type Assumption } from "./finding";
import { type Memory } from "./memory";
import { clearDayOfOnePanel, powerByLight } from "./clear-month";

/** What has to be there before a lane can be judged. */
export type Missing =
  | { readonly type: "noPanel" }
  | { readonly type: "labelIncomplete"; readonly panelName: string; readonly fields: readonly RequiredField[] }
  | {
      readonly type: "labelImpossible";
      readonly panelName: string;
      readonly doubts: readonly LabelDoubt[];
      /** A reading of it that would agree with itself, if there is one. */
      readonly reading: Reading | null;
    }
  | { readonly type: "recordsCrossed"; readonly lowC: number; readonly highC: number }
  | { readonly type: "noInput" };

/** Taken for a site that does not say; on the careful side for most of the inhabited world. */
export const assumedSite: Site = { recordLowC: -20, recordHighC: 40, latitudeDeg: 45, mount: "roofGap" };

/** Panels to buy that a mend may ask for at most; the solver is made wide enough for them. */
export const extraPanels = 3;

/** A wiring made ready for judging: what its lanes share, the lanes themselves, and what is missing. */
export type OpenWiring = {
  readonly plan: Plan;
  /** All lanes of the wiring, judgeable or not. */ readonly wired: readonly Lane[];
  readonly ground: Ground;
  readonly lanes: readonly LaneContext[];
  readonly missing: readonly Missing[];
  readonly memory: Memory;
};

/** Makes some lanes of a plan ready for judging. What `memory` still knows is not worked out again. */
export function openWiring(plan: Plan, lanes: readonly Lane[], memory: Memory): OpenWiring {
  const used = new Set(tilesOf(lanes).map((tile) => tile.panelId));
  // kinds on the shelf too: a search may try them
  const readings = plan.panels.map((panel) => ({ panel, reading: readKind(panel, memory) }));
  const kinds = new Map(
    readings.flatMap(({ panel, reading }) => (reading.type === "kind" ? [[panel.id, reading.kind] as const] : [])),
  );
  const ground = memory.ground(
    JSON.stringify([
      plan.site,
      readings.map(({ panel: { id, label, measured, count } }) => [id, label, measured, count]),
    ]),
    () => groundOf(plan, kinds),
  );
  const remembered = (lane: Lane) =>
    memory.lane(JSON.stringify([lane, portOf(plan, lane)]), () => laneOf(plan, ground, lane));
  const judgeable = lanes.filter((lane) => tilesOf([lane]).every((tile) => kinds.has(tile.panelId)));
  const missing: Missing[] = readings.flatMap(({ panel, reading }) =>
    used.has(panel.id) && reading.type === "missing" ? [reading.missing] : [],
  );
  if (used.size === 0) missing.push({ type: "noPanel" });
  if (plan.inputs.length === 0 || lanes.some((lane) => lane.portId === null)) missing.push({ type: "noInput" });
  const { recordLowC: lowC, recordHighC: highC } = plan.site;
  if (lowC !== null && highC !== null && lowC > highC) missing.push({ type: "recordsCrossed", lowC, highC });
  const contexts = inPortOrder(plan, judgeable).flatMap((lane) => remembered(lane) ?? []);
  // lanes that are remembered stand for the equal ones asked about, so that a search sees which it leaves alone
  const wired = lanes.map((lane) => contexts.find((context) => sameLane(context.lane, lane))?.lane ?? lane);
  return { plan, wired, ground, lanes: contexts, missing, memory };
}

/** Lanes in the order of the plan's ports, however the wiring came about. */
function inPortOrder({ inputs }: Plan, lanes: readonly Lane[]): Lane[] {
  const ports = inputs.flatMap(({ id, device }) =>
    device.ports.map((port) => laneKey({ inputId: id, portId: port.id })),
  );
  return [...lanes].sort((a, b) => ports.indexOf(laneKey(a)) - ports.indexOf(laneKey(b)));
}

/** A lane made ready on the same ground; null while its port is not in the plan or nothing in it is in use. */
export function laneOf(plan: Plan, ground: Ground, lane: Lane): LaneContext | null {
  const found = portOf(plan, lane);
  return found === undefined ? null : buildLane(ground, lane, found.device, found.port);
}

/** The port a lane feeds, if the plan has it. */
export function portOf(
  plan: Plan,
  { inputId, portId }: Pick<Lane, "inputId" | "portId">,
): { device: Plan["inputs"][number]["device"]; port: PortSheet } | undefined {
  const input = plan.inputs.find((candidate) => candidate.id === inputId);
  const port = input?.device.ports.find((candidate) => candidate.id === portId);
  return input === undefined || port === undefined ? undefined : { device: input.device, port };
}

function readKind(
  { id, label, measured }: PlanPanel,
  { fit, reading: readingOf }: Memory,
): { type: "kind"; kind: Kind } | { type: "missing"; missing: Missing } {
  const reading = readLabel(label);
  if (reading.type !== "label")
    return { type: "missing", missing: { type: "labelIncomplete", panelName: label.name, fields: reading.missing } };
  const impossible = impossibleIn(label);
  if (impossible.length > 0) {
    const missing = {
      type: "labelImpossible",
      panelName: label.name,
      doubts: impossible,
      reading: readingOf(label),
    } as const;
    return { type: "missing", missing };
  }
  const doubts = doubtsAbout(label);
  const { label: fitted, points } = fit(reading.label, measured);
  const model = points?.type === "model" ? points.model : fitted.model;
  return {
    type: "kind",
    kind: {
      id,
      name: label.name,
      fit: fitted,
      model,
      assumedFields: completeLabel(reading.label).assumed,
      measured: points?.type === "model",
      doubts,
      reading: doubts.length > 0 ? readingOf(label) : null,
    },
  };
}

function groundOf(plan: Plan, kinds: ReadonlyMap<string, Kind>): Ground {
  const site = siteOf(plan);
  const counted = plan.panels.flatMap(({ id, count }) => {
    const kind = kinds.get(id);
    return kind === undefined ? [] : [{ kind, count: count + extraPanels }];
  });
  const daysOf = onceEach((kind: Kind) => {
    const powerAt = powerByLight(kind.model, site);
    return onceEach((tiltDeg: number) => clearDayOfOnePanel(powerAt, tiltDeg, site));
  });
  const clearDay = (kind: Kind, tiltDeg: number) => daysOf(kind)(tiltDeg);
  const cold = onceEach((kind: Kind) => coldVoltsOf(kind, site));
  return { site, siteAssumptions: assumptionsOf(plan), kinds, solve: solverFor(counted, site), clearDay, cold };
}

/** Worked out for each key when first asked for. */
function onceEach<K, T>(make: (key: K) => T): (key: K) => T {
  const made = new Map<K, T>();
  return (key) => {
    const known = made.get(key) ?? make(key);
    made.set(key, known);
    return known;
  };
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
