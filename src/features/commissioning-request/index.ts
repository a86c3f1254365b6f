import { defaultMeter } from "@/core/commissioning";
import { workerClient, type ProveInput, type ProveWalk } from "@/workers";

type Asked = Pick<ProveInput, "plan" | "wiringId" | "inputId" | "portId" | "sky" | "moment">;

/** The walk of a port before anything is read, by a usual meter: what is due at each place; null: nothing can be said. */
export async function askWalk(asked: Asked, topic: string): Promise<ProveWalk | null> {
  const outcome = await workerClient().ask(
    "proveWalk",
    { ...asked, positionId: null, meter: defaultMeter, records: [], suspicion: null },
    { topic, queue: "prompt", once: ["plan"] },
  );
  return outcome.type === "done" ? outcome.value : null;
}
