import { fullSunWm2 } from "../../engine/numeric";
import { wakeV } from "../../engine/pv-input";
import { longestClearDay } from "../../engine/sky";
import { evenly } from "../../engine/light";
import { fitAssumed, type PortArrayContext, labelAssumed, siteAssumed, solveStrings } from "../../plan-model";
import { minFloorV, type RuleOutcome, type Level, type PortArrayRule } from "../../checks";

export type WakeFacts = {
  readonly wakeV: number;
  readonly dullWm2: number;
  readonly dullVocV: number;
  readonly brightVocV: number;
  /** Light at which the volts with nothing connected reach the waking volts, W/m²; null when full sun does not. */
  readonly wakesAtWm2: number | null;
  /** Minutes of the longest clear day, at both ends together, with less light than that. */
  readonly asleepMinutes: number;
};

export type WakeReason = {
  readonly type: "wake";
  readonly outcome: "never" | "lateWake" | "dullSleep" | "early";
} & WakeFacts;

/** Light of a dull morning under thick cloud, and of first light, W/m². */
const dullWm2 = 100;
const firstLightWm2 = 30;
/** Air and cells on such a morning, °C: with so little light they are alike. */
const dullAirC = 10;

/** Rule 8: with nothing connected the array must reach the waking volts even when there is little light. */
export function wake(context: PortArrayContext): RuleOutcome<WakeReason> | null {
  const neededV = wakeV(context.port);
  if (neededV === null || neededV < minFloorV) return null;
  const vocAt = (irradianceWm2: number) =>
    solveStrings(context, context.portArray.strings, evenly(irradianceWm2, dullAirC))?.vocV ?? 0;
  const dullVocV = vocAt(dullWm2);
  const brightVocV = vocAt(fullSunWm2);
  const firstVocV = vocAt(firstLightWm2);
  const wakesAtWm2 = lightAt(neededV, [
    [firstLightWm2, firstVocV],
    [dullWm2, dullVocV],
    [fullSunWm2, brightVocV],
  ]);
  const facts: WakeFacts = {
    wakeV: neededV,
    dullWm2,
    dullVocV,
    brightVocV,
    wakesAtWm2,
    asleepMinutes:
      wakesAtWm2 === null || wakesAtWm2 < firstLightWm2 / 10 ? 0 : minutesBelow(context.site.latitudeDeg, wakesAtWm2),
  };
  const { level, outcome } = grade(facts, firstVocV);
  const assumptions = [
    { type: "dullAir", valueC: dullAirC } as const,
    ...siteAssumed(context, "latitude"),
    ...labelAssumed(context, "tempCoVocPctPerC"),
    ...fitAssumed(context),
  ];
  return {
    level,
    value: { value: outcome === "never" ? brightVocV : dullVocV, unit: "V" },
    limit: { value: neededV, unit: "V" },
    marginPct: 100 * ((outcome === "never" ? brightVocV : dullVocV) / neededV - 1),
    assumptions,
    reason: { type: "wake", outcome, ...facts },
    tiles: [],
  };
}

function grade(
  facts: WakeFacts,
  firstVocV: number,
): { level: Level; outcome: "never" | "lateWake" | "dullSleep" | "early" } {
  if (facts.wakesAtWm2 === null) return { level: "stop", outcome: "never" };
  if (facts.dullVocV < facts.wakeV) return { level: "care", outcome: "dullSleep" };
  if (firstVocV < facts.wakeV) return { level: "note", outcome: "lateWake" };
  return { level: "good", outcome: "early" };
}

/** Light at which volts reach a value: volts rise with the logarithm of light, so that is what is interpolated. */
function lightAt(v: number, points: readonly (readonly [number, number])[]): number | null {
  for (const [k, [light, volts]] of points.entries()) {
    if (volts < v) continue;
    const before = points[k - 1] ?? points[k + 1];
    if (before === undefined || before[1] === volts) return light;
    const share = (v - volts) / (before[1] - volts);
    return Math.exp(Math.log(light) + share * (Math.log(before[0]) - Math.log(light)));
  }
  return null;
}

/** Minutes of daylight on the longest clear day with less light than this on a flat panel. */
function minutesBelow(latitudeDeg: number, irradianceWm2: number): number {
  return longestClearDay(latitudeDeg).reduce(
    (sum, sample) => sum + (sample.irradianceWm2 < irradianceWm2 ? sample.hours * 60 : 0),
    0,
  );
}

export const wakeRule: PortArrayRule<"wake", WakeReason> = {
  id: "wake",
  step: "wiring",
  sense: "atLeast",
  chart: { skies: [], edge: "floor" },
  fixedBy: "wiring",
  ofInput: true,
  judge: wake,
};
