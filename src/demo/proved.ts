import { type MeasuredRecord, unsaidSky } from "@/core/measurements";
import { type Plan } from "@/core/plan";
import { provedPortArray, walkOf } from "@/core/commissioning";
import { solvableById } from "@/core/plan-model";
import { createPlanes } from "@/core/wiring/year";

/** A clear noon in spring, when the array was new. */
const readMs = Date.UTC(2025, 9, 18, 11, 40);
const airC = 14;

/** The walk of proving, read on the day it was wired: all of it as it was due, as far as a meter shows. */
export function demoProved(plan: Plan, wiringId: string): readonly MeasuredRecord[] {
  const ready = solvableById(plan, wiringId);
  const planes = createPlanes(plan, ready.positions[0]?.id ?? "", 0);
  const sky = { ...unsaidSky, cloud: "clear" as const, airC };
  return ready.portArrays.flatMap((context, nth): MeasuredRecord[] => {
    const portArray = provedPortArray(context, sky, { atMs: readMs, longitudeDeg: 0 }, planes);
    const { inputId, portId } = context.portArray;
    if (portArray === null || inputId === null || portId === null) return [];
    const { steps, light } = walkOf(portArray, []);
    return steps.flatMap(({ place, quantity, band }, k): MeasuredRecord[] => {
      if (band === null && quantity !== "batterySoc") return [];
      // a hand meter is off by a share of a percent, now up, now down
      const value = band === null ? 54 : band.due * (1 + 0.006 * Math.sin(5 * k + nth));
      return [
        {
          id: `proved-${nth}-${k}`,
          kind: "prove",
          atUtc: new Date(readMs + (nth * 40 + k) * 60_000).toISOString(),
          by: "Ines",
          wiringId,
          inputId,
          portId,
          place,
          quantity,
          value: Number(value.toFixed(quantity === "displayW" || quantity === "batterySoc" ? 0 : 2)),
          sky,
          due: band,
          lightWm2: light.due,
          source: "typed",
        },
      ];
    });
  });
}
