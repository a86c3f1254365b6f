"use client";

import { useEffect, useState } from "react";
import { type Plan, type Wiring } from "@/core/plan";
import { type Assessment, judgedSlip, type JudgedSlip as Judged } from "@/core/rules";
import { type Moment } from "@/core/sky";
import { type Slip, slips } from "@/core/wiring";
import { pageMail } from "@/workers";

/** A slip on the way to a wiring, and what the rules say of it. */
export type JudgedSlip = Judged & { readonly toId: string };
/** Verdicts by `standKey`; slips by the wiring they are on the way to. */
export type Compared = { readonly verdicts: ReadonlyMap<string, Assessment>; readonly slips: readonly JudgedSlip[] };

/** A wiring in one of the poses it is used in. */
export type InPose = { readonly wiring: Wiring; readonly poseId: string };

export function standKey({ wiring, poseId }: InPose): string {
  return `${wiring.id}/${poseId}`;
}

/** Every wiring of a plan in every pose it is used in. */
export function inPoses({ wirings }: Pick<Plan, "wirings">): InPose[] {
  return wirings.flatMap((wiring) => wiring.poseIds.map((poseId) => ({ wiring, poseId })));
}

type Job = InPose & { readonly slip: { readonly toId: string; readonly slip: Slip } | null };

const topic = "comparison";
const nothing: Compared = { verdicts: new Map(), slips: [] };

/**
 * The verdict on every wiring of a plan, and on every slip on the way to it from the one on the board, one after another, on
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
        const outcome = await pageMail().ask(
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
      pageMail().callOff(topic);
    };
  }, [plan, here, moment]);
  // until the first answer the verdicts of the state before stand: nothing goes blank at an edit
  return known.compared;
}

function jobsOf(plan: Plan, here: Wiring): Job[] {
  const others = plan.wirings.filter(({ id }) => id !== here.id);
  return [
    ...inPoses(plan).map((each) => ({ ...each, slip: null })),
    ...others.flatMap((to) => {
      // a slip may be made in whichever pose either of them is used in
      const poseIds = [...new Set([...here.poseIds, ...to.poseIds])];
      return slips(here.lanes, to.lanes).map((slip) => ({
        wiring: { ...to, poseIds, lanes: [slip.lane] },
        poseId: poseIds[0] ?? "",
        slip: { toId: to.id, slip },
      }));
    }),
  ];
}

function withAnswer({ verdicts, slips: judged }: Compared, job: Job, assessment: Assessment): Compared {
  const { slip } = job;
  if (slip === null) return { verdicts: new Map(verdicts).set(standKey(job), assessment), slips: judged };
  const findings = assessment.type === "assessed" ? assessment.findings : [];
  return { verdicts, slips: [...judged, { ...judgedSlip(slip.slip, findings), toId: slip.toId }] };
}
