"use client";

import { useEffect, useState } from "react";
import { type Plan, type Wiring } from "@/core/plan";
import { type Assessment, judgedMisplug, type JudgedMisplug as Judged } from "@/core/assessment";
import { type Moment } from "@/core/engine/sky";
import { type Misplug, misplugs } from "@/core/engine/array";
import { workerClient } from "@/workers";

/** A misplug on the way to a wiring, and what the rules say of it. */
export type JudgedMisplug = Judged & { readonly toId: string };
/** Verdicts by `standKey`; misplugs by the wiring they are on the way to. */
export type Compared = {
  readonly verdicts: ReadonlyMap<string, Assessment>;
  readonly misplugs: readonly JudgedMisplug[];
};

/** A wiring in one of the positions it is used in. */
export type InPosition = { readonly wiring: Wiring; readonly positionId: string };

export function standKey({ wiring, positionId }: InPosition): string {
  return `${wiring.id}/${positionId}`;
}

/** Every wiring of a plan in every position it is used in. */
export function inPositions({ wirings }: Pick<Plan, "wirings">): InPosition[] {
  return wirings.flatMap((wiring) => wiring.positionIds.map((positionId) => ({ wiring, positionId })));
}

type Job = InPosition & { readonly misplug: { readonly toId: string; readonly misplug: Misplug } | null };

const topic = "comparison";
const nothing: Compared = { verdicts: new Map(), misplugs: [] };

/**
 * The verdict on every wiring of a plan, and on every misplug on the way to it from the one on the board, one after another, on
 * the patient queue; they come in as they are ready.
 */
export function useComparison(plan: Plan, here: Wiring, moment: Moment): Compared {
  const [known, setKnown] = useState<{ readonly plan: Plan; readonly hereId: string; readonly compared: Compared }>({
    plan,
    hereId: here.id,
    compared: nothing,
  });
  useEffect(() => {
    let stopped = false;
    const judgeAll = async () => {
      for (const job of jobsOf(plan, here)) {
        const { wiring, positionId } = job;
        const outcome = await workerClient().ask(
          "judge",
          {
            // parts have to do for every wiring of the same panels; a misplug is none of them
            plan: job.misplug === null ? plan : { ...plan, wirings: [wiring] },
            wiringId: wiring.id,
            look: { sky: "brightNoon", moment, positionId },
          },
          { topic, queue: "patient", once: ["plan"] },
        );
        if (stopped) return;
        if (outcome.type !== "done") continue;
        const { assessment } = outcome.value;
        setKnown((before) => {
          const compared = before.plan === plan && before.hereId === here.id ? before.compared : nothing;
          return { plan, hereId: here.id, compared: withAnswer(compared, job, assessment) };
        });
      }
    };
    void judgeAll();
    return () => {
      stopped = true;
      workerClient().cancel(topic);
    };
  }, [plan, here, moment]);
  // until the first answer the verdicts of the state before stand: nothing goes blank at an edit
  return known.compared;
}

function jobsOf(plan: Plan, here: Wiring): Job[] {
  const others = plan.wirings.filter(({ id }) => id !== here.id);
  return [
    ...inPositions(plan).map((each) => ({ ...each, misplug: null })),
    ...others.flatMap((to) => {
      // a misplug may be made in whichever position either of them is used in
      const positionIds = [...new Set([...here.positionIds, ...to.positionIds])];
      return misplugs(here.portArrays, to.portArrays).map((misplug) => ({
        wiring: { ...to, positionIds, portArrays: [misplug.portArray] },
        positionId: positionIds[0] ?? "",
        misplug: { toId: to.id, misplug },
      }));
    }),
  ];
}

function withAnswer({ verdicts, misplugs: judged }: Compared, job: Job, assessment: Assessment): Compared {
  const { misplug } = job;
  if (misplug === null) return { verdicts: new Map(verdicts).set(standKey(job), assessment), misplugs: judged };
  const findings = assessment.type === "assessed" ? assessment.findings : [];
  return { verdicts, misplugs: [...judged, { ...judgedMisplug(misplug.misplug, findings), toId: misplug.toId }] };
}
