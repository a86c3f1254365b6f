"use client";

import { lossThatCounts } from "@/core/protection/cabling";
import { type Plan } from "@/core/plan";
import { type ProtectReport } from "@/core/protection/diagram";
import { inAll, type PlanYear, sharesOf } from "@/core/wiring/year";
import { useWiring } from "@/features/plan-session";
import { useRestedPlan, useYear } from "@/features/year";

/** What the watts a cable loses in full sun add up to in a year, by the cable's key; null while that is not known. */
export function useYearLoss(report: ProtectReport | null): (runKey: string) => number | null {
  const plan = useRestedPlan();
  const { year, settled } = useYear(plan, useWiring().id);
  const lost = report === null || year === null || !settled ? null : lossesOfYear(report, year, plan);
  return (key) => lost?.get(key) ?? null;
}

/** Each measured cable's share of what the year loses in all cables of the wiring, kWh. */
function lossesOfYear({ portArrays }: ProtectReport, year: PlanYear, { site }: Plan): Map<string, number> {
  const shares = sharesOf(site);
  const lostW = new Map<string, number>();
  let allW = 0;
  for (const { runs } of portArrays) {
    const measured = runs.filter(({ lengthBy }) => lengthBy !== "assumed");
    const ask = runs.find(({ part }) => part === "trunk")?.ask ?? null;
    // a port none of whose cables was measured loses its share of the volts
    if (measured.length === 0) allW += ask === null ? 0 : shares.cable * ask.vmpV * ask.impA;
    for (const run of measured) {
      const lossW = lossThatCounts(run)?.lossW ?? 0;
      allW += lossW;
      lostW.set(run.key, lossW);
    }
  }
  const cableKwh = inAll(year.months).losses.cable;
  return new Map([...lostW].map(([key, lossW]) => [key, allW === 0 ? 0 : (cableKwh * lossW) / allW]));
}
