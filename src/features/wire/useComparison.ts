"use client";

import { useEffect, useState } from "react";
import { type Plan, type Wiring } from "@/core/plan";
import { type Assessment, judgedSlip, type JudgedSlip as Judged } from "@/core/rules";
import { type Moment } from "@/core/sky";
import { type Slip, slips } from "@/core/wiring";
import { createJudgeClient, openJudgeWorker } from "@/workers/judge";

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

const nothing: Compared = { verdicts: new Map(), slips: [] };

/**
 * The verdict on every wiring of a plan, and on every slip on the way to it from the one on the board, one after another, by
 * a worker of its own; they come in as they are ready.
 */
export function useComparison(plan: Plan, here: Wiring, moment: Moment): Compared {
  const [known, setKnown] = useState<{ readonly plan: Plan; readonly hereId: string; readonly compared: Compared }>({
    plan,
    hereId: here.id,
    compared: nothing,
  });
  useEffect(() => {
    const waiting = jobsOf(plan, here);
    let current: Job | undefined;
    const next = () => {
      current = waiting.shift();
      if (current !== undefined)
        client.ask({
          plan: { ...plan, wirings: [current.wiring] },
          wiringId: current.wiring.id,
          look: { sky: "brightNoon", moment, poseId: current.poseId },
          withMends: false,
        });
    };
    const client = createJudgeClient(openJudgeWorker, (answer) => {
      if (answer.type !== "verdict" && answer.type !== "failed") return;
      const done = current;
      if (answer.type === "verdict" && done !== undefined) {
        const { assessment } = answer;
        setKnown((before) => ({
          plan,
          hereId: here.id,
          compared: withAnswer(
            before.plan === plan && before.hereId === here.id ? before.compared : nothing,
            done,
            assessment,
          ),
        }));
      }
      next();
    });
    next();
    return () => client.stop();
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
