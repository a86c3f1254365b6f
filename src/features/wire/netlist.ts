import { type Plan } from "@/core/plan";
import { type LaneView } from "@/core/rules";
import { type Moment, type SkyName } from "@/core/sky";

/** Steps of the voltage sweep in a netlist. */
const sweepSteps = 200;

/** A lane as it stands under a sky, written for a circuit simulator; the engine is loaded when first asked for. */
export async function netlistOf(
  plan: Plan,
  wiringId: string,
  { inputId, portId, skies }: Pick<LaneView, "inputId" | "portId" | "skies">,
  sky: SkyName,
  moment: Moment,
  title: string,
): Promise<string> {
  const [{ spiceNetlist }, { laneNet }] = await Promise.all([import("@/core/spice"), import("@/core/rules")]);
  const { vocV } = skies[sky].array;
  const net = laneNet(plan, wiringId, { inputId, portId }, sky, moment);
  return spiceNetlist(net, { toV: vocV, stepV: Math.max(vocV, 1) / sweepSteps }, title);
}
