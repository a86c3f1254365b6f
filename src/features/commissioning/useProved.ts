import { type PortArrayJudgement } from "@/core/commissioning";
import { useLiveJob } from "@/features/worker-hooks";
import { workerClient, type ProveInput, type ProveWalk } from "@/workers";

export type PortArrayRef = { readonly inputId: string; readonly portId: string };

/** A question changes only with what is in it. */
function subjectOf(input: ProveInput | null): readonly unknown[] {
  if (input === null) return [null, ""];
  const { plan, wiringId, inputId, portId, sky, moment, meter, suspicion, records } = input;
  const ids = records.map(({ id }) => id);
  return [plan, JSON.stringify([wiringId, inputId, portId, sky, moment, meter, suspicion, ids])];
}

const nothingAsked = Promise.resolve({ type: "cancelled" } as const);

/** The walk with what is due, worked out beside the page; the one before stands until the next is there. */
export function useWalk(input: ProveInput | null): { readonly walk: ProveWalk | null; readonly fault: string | null } {
  const isWanted = input !== null;
  const { value, fault } = useLiveJob<ProveWalk | null>(
    subjectOf(input),
    (topic) =>
      input === null
        ? nothingAsked
        : workerClient().ask("proveWalk", input, { topic, queue: "prompt", once: ["plan"] }),
    { isWanted },
  );
  return isWanted ? { walk: value, fault } : { walk: null, fault: null };
}

/** What may be wrong by all that was read; takes some tenths of a second in the patient worker. */
export function useCauses(input: ProveInput | null): {
  readonly judgement: PortArrayJudgement | null;
  readonly isJudging: boolean;
} {
  const isWanted = input !== null && (input.records.length > 0 || input.suspicion !== null);
  const { value, isOfNow } = useLiveJob<PortArrayJudgement | null>(
    subjectOf(input),
    (topic) =>
      input === null
        ? nothingAsked
        : workerClient().ask("proveCauses", input, { topic, queue: "patient", once: ["plan"] }),
    { isWanted },
  );
  return isWanted ? { judgement: value, isJudging: !isOfNow } : { judgement: null, isJudging: false };
}
