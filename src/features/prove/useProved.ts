import { useEffect, useId, useState } from "react";
import { type LaneJudgement } from "@/core/prove";
import { pageMail, type ProveInput, type ProveWalk } from "@/workers";

export type LaneRef = { readonly inputId: string; readonly portId: string };

/** A question changes only with what is in it. */
function keyOf(input: ProveInput | null): string {
  if (input === null) return "";
  const { wiringId, inputId, portId, sky, moment, meter, suspicion, records } = input;
  const ids = records.map(({ id }) => id);
  return JSON.stringify([wiringId, inputId, portId, sky, moment, meter, suspicion, ids]);
}

/** The walk with what is due, worked out beside the page; the one before stands until the next is there. */
export function useWalk(input: ProveInput | null): { readonly walk: ProveWalk | null; readonly fault: string | null } {
  const topic = `walk ${useId()}`;
  const [state, setState] = useState<{ walk: ProveWalk | null; fault: string | null }>({ walk: null, fault: null });
  const plan = input?.plan;
  const key = keyOf(input);
  useEffect(() => {
    if (input === null) return;
    let isWanted = true;
    void pageMail()
      .ask("proveWalk", input, { topic, lane: "prompt", once: ["plan"] })
      .then((outcome) => {
        if (!isWanted) return;
        if (outcome.type === "done") setState({ walk: outcome.value, fault: null });
        if (outcome.type === "failed") setState((before) => ({ ...before, fault: outcome.message }));
      });
    return () => {
      isWanted = false;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key holds all that is in the question but the plan
  }, [plan, key, topic]);
  useEffect(() => () => pageMail().callOff(topic), [topic]);
  return input === null ? { walk: null, fault: null } : state;
}

/** What may be wrong by all that was read; takes some tenths of a second in the patient worker. */
export function useCauses(input: ProveInput | null): {
  readonly judgement: LaneJudgement | null;
  readonly isJudging: boolean;
} {
  const topic = `causes ${useId()}`;
  const plan = input?.plan;
  const key = keyOf(input);
  const [state, setState] = useState<{ judgement: LaneJudgement | null; of: string }>({ judgement: null, of: "" });
  const isAsked = input !== null && (input.records.length > 0 || input.suspicion !== null);
  useEffect(() => {
    if (!isAsked) return;
    let isWanted = true;
    void pageMail()
      .ask("proveCauses", input, { topic, lane: "patient", once: ["plan"] })
      .then((outcome) => {
        if (isWanted && outcome.type === "done") setState({ judgement: outcome.value, of: key });
      });
    return () => {
      isWanted = false;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key holds all that is in the question but the plan
  }, [plan, key, topic, isAsked]);
  useEffect(() => () => pageMail().callOff(topic), [topic]);
  return isAsked ? { judgement: state.judgement, isJudging: state.of !== key } : { judgement: null, isJudging: false };
}
