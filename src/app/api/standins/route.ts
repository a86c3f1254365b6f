import { newStandInSchema } from "@/api";
import { provedLane } from "@/core/commissioning";
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
    const poseId = plan.wirings.find(({ id }) => id === wiringId)?.poseIds[0] ?? "";
    const context = solvableById(plan, wiringId).lanes.find(
      ({ lane }) => lane.inputId === inputId && lane.portId === portId,
    );
    const lane =
      context === undefined ? null : provedLane(context, sky, moment, createPlanes(plan, poseId, moment.longitudeDeg));
    if (lane === null)
      throw fault(
        "invalid",
        `portId: nothing is wired to ${JSON.stringify(portId)}, or one of its labels is incomplete.`,
      );
    const why = canHave(lane.tree, put.id, put.n);
    if (why !== null) throw fault("invalid", `fault: ${why}.`);
    const bench = createSimulatedBench({
      tree: lane.tree,
      window: lane.window,
      tracking: lane.tracking,
      rossK: lane.sky.rossK,
      sky: { clearWm2: asked.clearWm2, cloud: sky.cloud ?? "clear", airTempC: lane.sky.airTempC, seed },
      fault: put,
    });
    return answer({ id: await theDevices().open(bench) }, 201);
  });
}
