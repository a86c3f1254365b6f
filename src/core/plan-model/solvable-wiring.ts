import {
  completeLabel,
  doubtsAbout,
  impossibleIn,
  type LabelDoubt,
  type LabelReading,
  readLabel,
  type RequiredField,
} from "../engine/panel";
import { type CableEnvironment, copperOf, type PortArrayCopper, noCopper } from "../protection/cabling";
import { carefulRecords, doKindsAgree, extremeRecords } from "../site/climate";
import { type Facing, facingOf } from "../engine/light";
import { fixedPosition, labelOf, type Plan, type PlanPanel, type PortSheet, type Wiring } from "../plan";
import { mountReport, type MountReport, type MountEnvironment } from "../mounting";
import { type Parked } from "../layout/roof";
import { brightNoonAirC, type Mount } from "../engine/sky";
import {
  keyOf,
  type PortArray,
  portArrayKey,
  type Position,
  samePortArray,
  type Stand,
  type PanelRef,
  tilesOf,
} from "../engine/array";
import {
  buildPortArray,
  type SharedContext,
  type Kind,
  type PortArrayContext,
  type Site,
  solverFor,
} from "./port-array-context";
import { coldVoltsOf } from "./cold";
import { type Assumption } from "./assumption";
import { type SolveCache } from "./solve-cache";
import { clearDayOfOnePanel, powerByLight } from "./clear-month";

/** What has to be there before a port array can be judged. */
export type Missing =
  | { readonly type: "noPanel" }
  | { readonly type: "labelIncomplete"; readonly panelName: string; readonly fields: readonly RequiredField[] }
  | {
      readonly type: "labelImpossible";
      readonly panelName: string;
      readonly doubts: readonly LabelDoubt[];
      /** A reading of it that would agree with itself, if there is one. */
      readonly reading: LabelReading | null;
    }
  | { readonly type: "recordsCrossed"; readonly lowC: number; readonly highC: number }
  /** No kind of climate known lies so far north or south: nobody can guess how cold it gets. */
  | { readonly type: "recordLowAsked"; readonly latitudeDeg: number }
  | { readonly type: "noInput" };

/** Taken for a site that says no latitude. */
export const assumedLatitudeDeg = 45;
const assumedMount: Mount = "roofGap";

/**
 * What is taken for a site where it does not say. Records: the lowest and the highest of every kind of climate there may be at
 * its latitude and at every halt of its route; where there is none, of all kinds anywhere, and they are asked.
 */
export function assumedSite({ latitudeDeg, route }: Pick<Plan["site"], "latitudeDeg" | "route">): Site {
  const at = latitudeDeg ?? assumedLatitudeDeg;
  const records = [at, ...route.map((halt) => halt.latitudeDeg)].map((each) => carefulRecords(each) ?? extremeRecords);
  const lowC = Math.min(...records.map((each) => each.lowC));
  const highC = Math.max(...records.map((each) => each.highC));
  return { recordLowC: lowC, recordHighC: highC, latitudeDeg: at, longitudeDeg: null, mount: assumedMount };
}

/** Where a plan's vehicle stands and which way it points, as it matters for shadows. */
export function parkedIn({ site }: Pick<Plan, "site">): Parked {
  return { headingDeg: site.headingDeg ?? 0, latitudeDeg: site.latitudeDeg ?? assumedLatitudeDeg };
}

/** Panels to buy that a fix may ask for at most; the solver is made wide enough for them. */
export const extraPanels = 3;

/** A position with the name it goes by. */
export type NamedPosition = { readonly id: string; readonly name: string; readonly position: Position };

/** A wiring made ready for judging in all its positions: what its port arrays share, the port arrays themselves, and what is missing. */
export type SolvableWiring = {
  readonly plan: Plan;
  readonly wiringId: string;
  /** All port arrays of the wiring, judgeable or not. */ readonly wired: readonly PortArray[];
  /** The positions it is used in. */ readonly positions: readonly NamedPosition[];
  readonly common: SharedContext;
  /** What is said of the copper of its port arrays, and of others its ports might have. */
  readonly copperOf: (portArray: PortArray) => PortArrayCopper;
  /** Its port arrays in the position looked at, and in each of its positions. */
  readonly portArrays: readonly PortArrayContext[];
  readonly positioned: readonly (readonly PortArrayContext[])[];
  readonly missing: readonly Missing[];
  readonly memory: SolveCache;
};

/** Makes some port arrays of a plan ready for judging in some positions, of which one is looked at. What `memory` still knows is not worked out again. */
export function solvableWiring(
  plan: Plan,
  { id: wiringId, portArrays }: Pick<Wiring, "id" | "portArrays">,
  memory: SolveCache,
  positions: readonly NamedPosition[],
  shown = 0,
): SolvableWiring {
  const used = new Set(tilesOf(portArrays).flatMap((tile) => [keyOf(tile), tile.panelId]));
  // kinds on the shelf too: a search may try them
  const readings = plan.panels
    .flatMap((panel) => sheetsOf(panel))
    .map((sheet) => ({ sheet, reading: readKind(sheet, memory) }));
  const kinds = new Map(
    readings.flatMap(({ sheet, reading }) => (reading.type === "kind" ? [[sheet.id, reading.kind] as const] : [])),
  );
  const lost = new Set(readings.flatMap(({ sheet, reading }) => (reading.type === "missing" ? [sheet.id] : [])));
  const common = memory.common(
    JSON.stringify([
      plan.site,
      plan.mounts,
      plan.standards,
      readings.map(({ sheet: { id, label, measured, count } }) => [id, label, measured, count]),
    ]),
    () =>
      commonOf(
        plan,
        readings.map(({ sheet }) => sheet),
        kinds,
      ),
  );
  const copperOfPortArray = copperIn(plan, wiringId, positions[0]?.id ?? "");
  const remembered = (portArray: PortArray, position: Position) => {
    const copper = copperOfPortArray(portArray);
    const key = [portArray, standsIn(portArray, position), portOf(plan, portArray), keyOfCopper(copper)];
    return memory.portArray(JSON.stringify(key), () => portArrayOf(plan, common, portArray, position, copper));
  };
  const isRead = (tile: PanelRef) => !lost.has(keyOf(tile)) && (kinds.has(keyOf(tile)) || kinds.has(tile.panelId));
  const judgeable = portArrays.filter((portArray) => tilesOf([portArray]).every(isRead));
  const missing: Missing[] = readings.flatMap(({ sheet, reading }) =>
    used.has(sheet.id) && reading.type === "missing" ? [reading.missing] : [],
  );
  if (used.size === 0) missing.push({ type: "noPanel" });
  if (plan.inputs.length === 0 || portArrays.some((portArray) => portArray.portId === null))
    missing.push({ type: "noInput" });
  const { recordLowC: lowC, recordLowSource, recordHighC: highC, latitudeDeg, route } = plan.site;
  if (lowC !== null && highC !== null && lowC > highC) missing.push({ type: "recordsCrossed", lowC, highC });
  const places = [latitudeDeg, ...route.map((halt) => halt.latitudeDeg)].filter((each) => each !== null);
  const unknown = places.find((each) => carefulRecords(each) === null);
  if ((lowC === null || recordLowSource === "climateKind") && unknown !== undefined)
    missing.push({ type: "recordLowAsked", latitudeDeg: unknown });
  const ordered = inPortOrder(plan, judgeable);
  const positioned = positions.map(({ position }) =>
    ordered.flatMap((portArray) => remembered(portArray, position) ?? []),
  );
  const contexts = positioned[shown] ?? [];
  // port arrays that are remembered stand for the equal ones asked about, so that a search sees which it leaves alone
  const wired = portArrays.map(
    (portArray) => contexts.find((context) => samePortArray(context.portArray, portArray))?.portArray ?? portArray,
  );
  return {
    plan,
    wiringId,
    wired,
    positions,
    common,
    copperOf: copperOfPortArray,
    portArrays: contexts,
    positioned,
    missing,
    memory,
  };
}

/** What is said of the copper of a wiring, for its port arrays and any others it might have. */
export function copperIn(plan: Plan, wiringId: string, positionId: string): (portArray: PortArray) => PortArrayCopper {
  const wiring = plan.wirings.find(({ id }) => id === wiringId);
  if (wiring === undefined) return () => noCopper;
  const around = cableEnvironment(plan, positionId);
  return (portArray) => copperOf(plan, wiring, portArray, around);
}

function keyOfCopper({ cables, fusesA }: PortArrayCopper): unknown {
  return [cables === null ? null : [...cables.stringOhm, cables.otherStringOhm, cables.arrayOhm], ...fusesA];
}

/** What cables are judged by: how hot it gets, and how they lie in a position. */
export function cableEnvironment(plan: Plan, positionId: string): CableEnvironment {
  const { recordHighC, mount } = siteOf(plan);
  return { recordHighC, mount, parked: parkedIn(plan), positionId };
}

/** What panels are fixed by, each with all that is worked out of it. */
export function mountReports(plan: Plan): { readonly reports: readonly MountReport[]; readonly usual: Mount } {
  const round = mountEnvironment(plan);
  return { reports: plan.fixings.list.map((fixing) => mountReport(plan, fixing, round)), usual: round.mount };
}

export function mountEnvironment(plan: Plan): MountEnvironment {
  const { recordHighC, mount } = siteOf(plan);
  return { recordHighC, mount, parked: parkedIn(plan) };
}

/** The label of a kind, and of each piece of it that has another: what is read, and of how many panels. */
type Sheet = Pick<PlanPanel, "id" | "label" | "measured"> & { readonly count: number };

function sheetsOf({ id, label, pieces, measured }: PlanPanel): Sheet[] {
  const own = pieces.filter((piece) => piece.own.length > 0);
  return [
    { id, label, measured, count: pieces.length - own.length },
    ...own.map((piece) => ({
      id: keyOf({ panelId: id, piece: piece.number }),
      label: { ...labelOf({ label }, piece), name: `${label.name}, ${piece.tag || `number ${piece.number}`}` },
      // points measured on the kind say nothing of a piece whose curve is another
      measured: piece.own.every(({ field }) => field === "maxSeriesFuseA" || field === "maxSystemV") ? measured : null,
      count: 1,
    })),
  ];
}

/** One panel of a plan by its own label; null where there is none, or where its label is not enough. Solves no wiring. */
export function kindOfPiece(plan: Pick<Plan, "panels">, ref: Pick<PanelRef, "panelId" | "piece">, cache: SolveCache) {
  const sheets = plan.panels.filter(({ id }) => id === ref.panelId).flatMap(sheetsOf);
  const sheet = sheets.find(({ id }) => id === keyOf(ref)) ?? sheets[0];
  const read = sheet === undefined ? null : readKind(sheet, cache);
  return read?.type === "kind" ? read.kind : null;
}

function standsIn(portArray: PortArray, position: Position): unknown {
  return position.size === 0 ? [] : tilesOf([portArray]).map((tile) => position.get(keyOf(tile)) ?? null);
}

/** Port arrays in the order of the plan's ports, however the wiring came about; one without a port last. */
export function inPortOrder({ inputs }: Pick<Plan, "inputs">, portArrays: readonly PortArray[]): PortArray[] {
  const ports = inputs.flatMap(({ id, device }) =>
    device.ports.map((port) => portArrayKey({ inputId: id, portId: port.id })),
  );
  const placeOf = (portArray: PortArray) =>
    (ports.indexOf(portArrayKey(portArray)) + ports.length + 1) % (ports.length + 1);
  return [...portArrays].sort((a, b) => placeOf(a) - placeOf(b));
}

/** A port array made ready with what port arrays have in common; null while its port is not in the plan or nothing in it is in use. */
export function portArrayOf(
  plan: Plan,
  common: SharedContext,
  portArray: PortArray,
  position: Position,
  copper: PortArrayCopper,
): PortArrayContext | null {
  const found = portOf(plan, portArray);
  return found === undefined ? null : buildPortArray(common, portArray, found.device, found.port, position, copper);
}

/** The port a port array feeds, if the plan has it. */
export function portOf(
  plan: Plan,
  { inputId, portId }: Pick<PortArray, "inputId" | "portId">,
): { device: Plan["inputs"][number]["device"]; port: PortSheet } | undefined {
  const input = plan.inputs.find((candidate) => candidate.id === inputId);
  const port = input?.device.ports.find((candidate) => candidate.id === portId);
  return input === undefined || port === undefined ? undefined : { device: input.device, port };
}

function readKind(
  { id, label, measured }: Sheet,
  { fit, reading: readingOf }: SolveCache,
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

function commonOf(plan: Plan, sheets: readonly Sheet[], kinds: ReadonlyMap<string, Kind>): SharedContext {
  const site = siteOf(plan);
  const counted = sheets.flatMap(({ id, count }) => {
    const kind = kinds.get(id);
    return kind === undefined ? [] : [{ kind, count: count + extraPanels }];
  });
  const daysOf = onceEach((kind: Kind) =>
    onceEach((mount: Mount) => {
      const powerAt = powerByLight(kind.model, { mount });
      return onceEach((facing: string) => clearDayOfOnePanel(powerAt, JSON.parse(facing) as Facing, site));
    }),
  );
  const clearDay = (kind: Kind, stand: Stand) =>
    daysOf(kind)(stand.mount ?? site.mount)(JSON.stringify(facingOf(stand, site)));
  const cold = onceEach((kind: Kind) => coldVoltsOf(kind, site));
  const fixed = fixedPosition(plan);
  const mounts = [...fixed.values()].flatMap(({ mount }) => mount ?? []);
  return {
    site,
    siteAssumptions: assumptionsOf(plan),
    kinds,
    solve: solverFor(counted, site, mounts),
    standards: plan.standards,
    fixed,
    clearDay,
    cold,
  };
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

type LowOf = "unsaid" | "kind" | "kindsDiffer";

/**
 * The record low that holds, and on whose word: a kind of climate says nothing of the place itself, and while the kinds there may be differ
 * by more than 10 K the coldest of them holds. Null: typed, or of a weather file.
 */
export function recordLowOf(site: Plan["site"]): { readonly lowC: number; readonly by: LowOf | null } {
  const assumedC = assumedSite(site).recordLowC;
  if (site.recordLowC === null) return { lowC: Math.min(assumedC, site.recordHighC ?? assumedC), by: "unsaid" };
  if (site.recordLowSource !== "climateKind") return { lowC: site.recordLowC, by: null };
  const places = [site.latitudeDeg ?? assumedLatitudeDeg, ...site.route.map(({ latitudeDeg }) => latitudeDeg)];
  return places.every(doKindsAgree)
    ? { lowC: site.recordLowC, by: "kind" }
    : { lowC: Math.min(site.recordLowC, assumedC), by: "kindsDiffer" };
}

function siteOf({ site }: Plan): Site {
  const assumed = assumedSite(site);
  const recordLowC = recordLowOf(site).lowC;
  return {
    recordLowC,
    recordHighC: site.recordHighC ?? Math.max(assumed.recordHighC, recordLowC),
    latitudeDeg: assumed.latitudeDeg,
    longitudeDeg: site.longitudeDeg,
    mount: site.mount ?? assumed.mount,
  };
}

function assumptionsOf(plan: Plan): Assumption[] {
  const { site } = plan;
  const { recordLowC, recordHighC, latitudeDeg, mount } = siteOf(plan);
  const assumed: Assumption[] = [{ type: "noonAir", valueC: brightNoonAirC }];
  const { by } = recordLowOf(site);
  if (by !== null) assumed.push({ type: "recordLow", valueC: recordLowC, by });
  if (site.recordHighC === null) assumed.push({ type: "recordHigh", valueC: recordHighC });
  if (site.latitudeDeg === null) assumed.push({ type: "latitude", valueDeg: latitudeDeg });
  if (site.mount === null) assumed.push({ type: "mount", mount });
  return assumed;
}
