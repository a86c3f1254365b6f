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

/** A wiring in one of the poses it is used in. */
export type InPose = { readonly wiring: Wiring; readonly poseId: string };

export function standKey({ wiring, poseId }: InPose): string {
  return `${wiring.id}/${poseId}`;
}

/** Every wiring of a plan in every pose it is used in. */
export function inPoses({ wirings }: Pick<Plan, "wirings">): InPose[] {
  return wirings.flatMap((wiring) => wiring.poseIds.map((poseId) => ({ wiring, poseId })));
}

type Job = InPose & { readonly misplug: { readonly toId: string; readonly misplug: Misplug } | null };

const topic = "comparison";
const nothing: Compared = { verdicts: new Map(), misplugs: [] };

/**
 * The verdict on every wiring of a plan, and on every misplug on the way to it from the one on the board, one after another, on
 * the patient lane; they come in as they are ready.
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
        const { wiring, poseId } = job;
        const outcome = await workerClient().ask(
          "judge",
          { plan: { ...plan, wirings: [wiring] }, wiringId: wiring.id, look: { sky: "brightNoon", moment, poseId } },
          { topic, lane: "patient", once: ["plan"] },
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
    ...inPoses(plan).map((each) => ({ ...each, misplug: null })),
    ...others.flatMap((to) => {
      // a misplug may be made in whichever pose either of them is used in
      const poseIds = [...new Set([...here.poseIds, ...to.poseIds])];
      return misplugs(here.lanes, to.lanes).map((misplug) => ({
        wiring: { ...to, poseIds, lanes: [misplug.lane] },
        poseId: poseIds[0] ?? "",
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
