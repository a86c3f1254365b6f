import { type Plan } from "@/core/plan";
import { type PortArrayView, type ViewState } from "@/core/assessment";

/** Steps of the voltage sweep in a netlist. */
const sweepSteps = 200;

/** A port array as it stands under a sky, in a position, written for a circuit simulator; the engine is loaded when first asked for. */
export async function netlistOf(
  plan: Plan,
  wiringId: string,
  { inputId, portId, skies }: Pick<PortArrayView, "inputId" | "portId" | "skies">,
  look: ViewState,
  title: string,
): Promise<string> {
  const [{ spiceNetlist }, { portArrayNet }] = await Promise.all([
    import("@/core/engine/spice-netlist"),
    import("@/core/assessment"),
  ]);
  const { vocV } = skies[look.sky].array;
  const net = portArrayNet(plan, wiringId, { inputId, portId }, look);
  return spiceNetlist(net, { toV: vocV, stepV: Math.max(vocV, 1) / sweepSteps }, title);
}
