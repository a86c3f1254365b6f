import { newStandInSchema } from "@/api";
import { provedPortArray } from "@/core/commissioning";
import { solvableById } from "@/core/plan-model";
import { createPlanes } from "@/core/wiring/year";
import { readPlanRecord, withDatabase } from "@/server/db";
import { answer, bodyJson, fault, guarded, parsed } from "@/server/http";
import { theDevices } from "@/server/simulators";
import { canHave, createSimulatedBench } from "@/simulator";

const maxBytes = 10_000;

/** Opens a simulated bench of a port's array as the plan has it, with a fault put in. */
export function POST(request: Request): Promise<Response> {
  return guarded(async () => {
    const asked = parsed(newStandInSchema, await bodyJson(request, maxBytes));
    const { planId, wiringId, inputId, portId, sky, moment, fault: put, seed } = asked;
    const { plan } = await withDatabase((db) => readPlanRecord(db, planId));
    if (plan.wirings.every(({ id }) => id !== wiringId))
      throw fault("invalid", `wiringId: no wiring ${JSON.stringify(wiringId)} in this plan.`);
    const positionId = plan.wirings.find(({ id }) => id === wiringId)?.positionIds[0] ?? "";
    const context = solvableById(plan, wiringId).portArrays.find(
      ({ portArray }) => portArray.inputId === inputId && portArray.portId === portId,
    );
    const portArray =
      context === undefined
        ? null
        : provedPortArray(context, sky, moment, createPlanes(plan, positionId, moment.longitudeDeg));
    if (portArray === null)
      throw fault(
        "invalid",
        `portId: nothing is wired to ${JSON.stringify(portId)}, or one of its labels is incomplete.`,
      );
    const why = canHave(portArray.tree, put.id, put.n);
    if (why !== null) throw fault("invalid", `fault: ${why}.`);
    const bench = createSimulatedBench({
      tree: portArray.tree,
      window: portArray.window,
      tracking: portArray.tracking,
      rossK: portArray.sky.rossK,
      sky: { clearWm2: asked.clearWm2, cloud: sky.cloud ?? "clear", airTempC: portArray.sky.airTempC, seed },
      fault: put,
    });
    return answer({ id: await theDevices().open(bench) }, 201);
  });
}
