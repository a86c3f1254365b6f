import { browserClient, type NewStandIn } from "@/api";
import { type Plan } from "@/core/plan";
import { type Moment } from "@/core/commissioning";
import { assumedSite } from "@/core/plan-model";
import { askWalk } from "@/features/commissioning-request";
import { openBenchTexts } from "@/messages/en/simulator/view";

type Asked = Omit<NewStandIn, "clearWm2" | "seed"> & { readonly plan: Plan };
type Opened = { readonly type: "open"; readonly id: string } | { readonly type: "fault"; readonly message: string };

/** Opens a simulated bench of a port's array, under what the sky of that moment gives it; in the night under a dim light. */
export async function openBench({ plan, ...asked }: Asked): Promise<Opened> {
  const { wiringId, inputId, portId, sky, moment } = asked;
  const walk = await askWalk({ plan, wiringId, inputId, portId, sky, moment }, `stand-in ${inputId} ${portId}`);
  if (walk === null) return { type: "fault", message: openBenchTexts.nothingToTestAtThisPvInputYet };
  const clearWm2 = Math.max(minWm2, walk.clearWm2);
  const seed = Math.floor(Math.random() * 1_000_000);
  const result = await browserClient.standIns.open({ ...asked, clearWm2, seed });
  return result.type === "fault"
    ? { type: "fault", message: result.fault.message }
    : { type: "open", id: result.value.id };
}
const minWm2 = 50;

/** Noon of the longest day where the plan is: a bench needs no waiting for the sun. */
export function brightMoment({ site }: Pick<Plan, "site">, now: Moment): Moment {
  const { latitudeDeg } = assumedSite(site);
  const longitudeDeg = site.longitudeDeg ?? now.longitudeDeg;
  const noonMs = Date.UTC(2026, latitudeDeg >= 0 ? 5 : 11, 21, 12) - (longitudeDeg / 15) * 3_600_000;
  return { atMs: noonMs, longitudeDeg };
}
