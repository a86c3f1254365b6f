import { type CableEnvironment, copperOf, type PortArrayCopper, noCopper } from "../protection/cabling";
import { carefulRecords } from "../site/climate";
import { type Plan, type PortSheet, type Wiring } from "../plan";
import { mountReport, type MountReport, type MountEnvironment } from "../mounting";
import { type Parked } from "../layout/roof";
import { type Mount } from "../engine/sky";
import {
  keyOf,
  type PortArray,
  portArrayKey,
  type Position,
  samePortArray,
  type PanelRef,
  tilesOf,
} from "../engine/array";
import { buildPortArray, type SharedContext, type PortArrayContext } from "./port-array-context";
import { type SolveCache } from "./solve-cache";
import { assumedLatitudeDeg, siteOf } from "./assumed-site";
import { sheetsOf, readKind, commonOf, type Missing } from "./kinds";

/** Where a plan's vehicle stands and which way it points, as it matters for shadows. */
export function parkedIn({ site }: Pick<Plan, "site">): Parked {
  return { headingDeg: site.headingDeg ?? 0, latitudeDeg: site.latitudeDeg ?? assumedLatitudeDeg };
}

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
