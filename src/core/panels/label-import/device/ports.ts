import { type DeviceDoubt, type DeviceRead, type LimitRead, type PortRead } from "./read-types";
import { type Fact } from "./facts";

type Read = Pick<DeviceRead, "ports" | "groups" | "from" | "places" | "doubts">;
type One = { readonly port: PortRead; readonly from: Map<string, Fact>; readonly doubts: DeviceDoubt[] };

/** PV inputs put together from all that a text says of them: by their names where it names them, else as many as it counts. */
export function portsOf(facts: readonly Fact[]): Read {
  const keys = [...new Set(facts.flatMap(({ port, of }) => (port === null || of === "count" ? [] : [port])))].sort();
  const count = Math.max(1, ...facts.flatMap((fact) => (fact.of === "count" ? [fact.count] : [])));
  const isNamed = keys.length > 1;
  const places = isNamed ? keys : Array.from({ length: count }, () => null);
  const shared = facts.filter((fact) => isShared(fact, isNamed, places.length));
  const own = facts.filter((fact) => !shared.includes(fact));
  const made = places.map((key) => portOf(own.filter(({ port }) => key === null || port === null || port === key)));
  /** Something of each statement that a value came from, by the value's place. */
  const each = <Part>(part: (fact: Fact) => Part): Record<string, Part> =>
    Object.fromEntries(
      made.flatMap(({ from }, k) => [...from].map(([field, fact]) => [`ports[${k}].${field}`, part(fact)])),
    );
  return {
    ports: made.map(({ port }) => port),
    groups: groupsOf(shared, places.length),
    from: each(({ words }) => words),
    places: each(({ place }) => place),
    doubts: made.flatMap(({ doubts }, k) => doubts.map((doubt) => ({ ...doubt, field: `ports[${k}].${doubt.field}` }))),
  };
}

/** What several inputs have together. */
function isShared(fact: Fact, isNamed: boolean, count: number): boolean {
  if (count < 2) return false;
  if (fact.of === "totalA") return true;
  return fact.of === "watts" && (fact.share === "total" || (isNamed && fact.port === null && fact.share !== "each"));
}

function groupsOf(shared: readonly Fact[], count: number): DeviceRead["groups"] {
  const watts = shared.flatMap((fact) => (fact.of === "watts" ? [fact.watts] : []));
  const amps = shared.flatMap((fact) => (fact.of === "totalA" ? [fact.amps] : []));
  if (watts.length + amps.length === 0) return [];
  const ports = Array.from({ length: count }, (_, k) => k + 1);
  return [
    { ports, maxW: watts.length === 0 ? null : Math.min(...watts), amps: amps.length === 0 ? null : Math.min(...amps) },
  ];
}

function portOf(facts: readonly Fact[]): One {
  const from = new Map<string, Fact>();
  const doubts: DeviceDoubt[] = [];
  const volts = (of: "minV" | "trackingMaxV" | "startV" | "startOverBatteryV" | "stayOverBatteryV") =>
    facts.find((fact): fact is Extract<Fact, { of: typeof of }> => fact.of === of);
  /** The first of several statements; the most careful of them, in doubt, where they differ. */
  const settle = <F extends Fact>(
    field: string,
    stated: readonly F[],
    valueOf: (fact: F) => number,
    why: DeviceDoubt["why"] = "twoValues",
  ): number | null => {
    const [first, ...others] = [...stated].sort((a, b) => valueOf(a) - valueOf(b));
    if (first === undefined) return null;
    from.set(field, first);
    const other = others.find((each) => valueOf(each) !== valueOf(first));
    if (other !== undefined) doubts.push({ field, value: valueOf(other), why });
    return valueOf(first);
  };

  const allRanges = facts.filter((fact) => fact.of === "range");
  const stated = allRanges.filter(({ by }) => by !== "amps");
  const ranges = stated.length > 0 ? stated : allRanges;
  const inputs = ranges.filter(({ by }) => by !== "tracking");
  const bounds = inputs.length > 0 ? inputs : ranges;
  const lowest = [...bounds].sort((a, b) => a.fromV - b.fromV)[0];
  const highest = [...bounds].sort((a, b) => b.toV - a.toV)[0];

  const ceilings = facts.filter((fact) => fact.of === "maxV");
  const byBattery = ceilings.filter(({ batteryV }) => batteryV !== null);
  const why = byBattery.length > 1 ? "byBattery" : "twoValues";
  let maxV = settle("maxV", byBattery.length > 0 ? byBattery : ceilings, (fact) => fact.volts, why);
  const isOpenCircuit = ceilings.length > 0 && ceilings.every((fact) => fact.isOpenCircuit);
  const maxVByBattery = eachBattery(ceilings).map(([batteryV, fact]) => ({ batteryV, volts: fact.volts }));
  if (maxV === null && highest !== undefined) {
    maxV = highest.toV;
    from.set("maxV", highest);
  } else if (maxV !== null && highest !== undefined && highest.toV > maxV)
    doubts.push({ field: "maxV", value: highest.toV, why: "aboveMax" });

  const tracking = ranges.filter(({ by }) => by === "tracking").map((fact) => ({ fact, toV: fact.toV }));
  const trackingMax = volts("trackingMaxV");
  const ends = [
    ...tracking,
    ...(trackingMax === undefined ? [] : [{ fact: trackingMax, toV: trackingMax.volts }]),
    ...(ceilings.length > 0 && highest !== undefined ? [{ fact: highest, toV: highest.toV }] : []),
  ];
  const [end] = ends.sort((a, b) => a.toV - b.toV);
  const mpptToV = end !== undefined && maxV !== null && end.toV < maxV ? end.toV : null;
  if (end !== undefined && mpptToV !== null) from.set("mpptToV", end.fact);

  const least = volts("minV");
  const minV = lowest?.fromV ?? least?.volts ?? null;
  const minFrom = lowest ?? least;
  if (minFrom !== undefined) from.set("minV", minFrom);

  /** Volts that are said once. */
  const once = (field: "startV" | "startOverBatteryV" | "stayOverBatteryV"): number | null => {
    const fact = volts(field);
    if (fact === undefined) return null;
    from.set(field, fact);
    return fact.volts;
  };

  const watts = facts.filter((fact) => fact.of === "watts");
  const wattsByBattery = eachBattery(watts).map(([batteryV, fact]) => ({ batteryV, watts: fact.watts }));
  const firstByBattery = watts.find(({ batteryV }) => batteryV !== null);
  if (firstByBattery !== undefined) from.set("wattsByBattery", firstByBattery);
  const perPort = watts.filter(({ share }) => share === "each");
  const maxW =
    firstByBattery !== undefined ? null : settle("maxW", perPort.length > 0 ? perPort : watts, (fact) => fact.watts);

  const toBattery = facts.filter((fact) => fact.of === "batteryMaxA");
  const batteryMaxA = settle("batteryMaxA", toBattery, (fact) => fact.amps);
  if (batteryMaxA !== null && toBattery.some(({ isSure }) => !isSure))
    doubts.push({ field: "batteryMaxA", value: batteryMaxA, why: "whoseAmps" });
  const currentLimits = limitsOf(facts, from, doubts);
  return {
    port: {
      minV,
      maxV,
      maxVByBattery,
      isOpenCircuit,
      mpptToV,
      startV: once("startV"),
      startOverBatteryV: once("startOverBatteryV"),
      stayOverBatteryV: once("stayOverBatteryV"),
      currentLimits,
      maxW,
      wattsByBattery,
      batteryMaxA,
    },
    from,
    doubts,
  };
}

/** What is said for one battery or another: the last for each. */
function eachBattery<F extends { readonly batteryV: number | null }>(facts: readonly F[]): [number, F][] {
  const found = new Map<number, F>();
  for (const fact of facts) if (fact.batteryV !== null) found.set(fact.batteryV, fact);
  return [...found];
}

/** Limits of amps, one for each range of volts; one that only says again what a range says is left out. */
function limitsOf(facts: readonly Fact[], from: Map<string, Fact>, doubts: DeviceDoubt[]): LimitRead[] {
  const stated = facts.filter((fact): fact is Extract<Fact, { of: "amps" }> => fact.of === "amps");
  const keyOf = ({ fromV, toV, isNeverExceed }: (typeof stated)[number]) => `${fromV} ${toV} ${isNeverExceed}`;
  const groups = new Map<string, typeof stated>();
  for (const fact of stated) groups.set(keyOf(fact), [...(groups.get(keyOf(fact)) ?? []), fact]);
  const limits = [...groups.values()].flatMap((same): LimitRead[] => {
    const [first, ...others] = [...same].sort((a, b) => a.amps - b.amps);
    if (first === undefined) return [];
    const other = others.find(({ amps }) => amps !== first.amps);
    if (other !== undefined) doubts.push({ field: "currentLimits", value: other.amps, why: "twoValues" });
    if (!from.has("currentLimits")) from.set("currentLimits", first);
    const { fromV, toV, amps, isNeverExceed } = first;
    return [{ fromV, toV, amps, nature: isNeverExceed ? "neverExceed" : "unknown" }];
  });
  const ranged = limits.filter(({ fromV }) => fromV !== null);
  const highest = Math.max(...ranged.map(({ amps }) => amps));
  return limits
    .filter(({ fromV, amps, nature }) => fromV !== null || nature === "neverExceed" || amps !== highest)
    .sort((a, b) => (a.fromV ?? Infinity) - (b.fromV ?? Infinity));
}
