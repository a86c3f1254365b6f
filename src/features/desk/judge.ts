import { type Plan } from "@/core/plan";
import { type Assessed, type Assessment, type Look, noRemedy, type Remedy } from "@/core/rules";
import { createJudgeClient, type JudgeAnswer, type Slot } from "@/workers/judge";
import { type Judgement } from "./judgement";
import { type Desk, poseIdOf, wiringOf } from "./store";

/** Has the worker judge the wiring on the desk whenever it changes. Returns how to stop. */
export function startJudge(desk: Desk, open: () => Slot): () => void {
  const { store } = desk;
  let asked: {
    readonly plan: Plan;
    readonly wiringId: string;
    readonly look: Look;
    /** mends found before for this very wiring */ readonly known: Judgement | null;
  } | null = null;

  const answered = (answer: JudgeAnswer) => {
    const { judgement } = store.getState();
    if (asked === null) return;
    if (answer.type === "verdict") {
      const { plan, wiringId, look, known } = asked;
      desk.set({
        judgement: {
          plan,
          wiringId,
          sky: look.sky,
          poseId: look.poseId ?? "",
          assessment: withMendsOf(answer.assessment, known),
          tiles: answer.tiles,
          mends: answer.searching ? "searching" : "found",
          tried: 0,
        },
      });
      return;
    }
    if (answer.type === "failed") {
      desk.set({
        notice: `The verdict could not be worked out (${answer.message}). The plan is safe; change something to try again.`,
      });
      return;
    }
    // what follows adds to a verdict of the same revision
    if (judgement === null || judgement.plan !== asked.plan || judgement.wiringId !== asked.wiringId) return;
    desk.set({ judgement: grown(judgement, answer) });
  };

  const client = createJudgeClient(open, answered);
  const look = () => {
    const state = store.getState();
    const plan = state.history.present;
    const wiringId = wiringOf(state).id;
    const { sky, moment, judgement } = state;
    const poseId = poseIdOf(state);
    const same = asked !== null && asked.plan === plan && asked.wiringId === wiringId;
    if (same && asked?.look.sky === sky && asked.look.moment === moment && asked.look.poseId === poseId) return;
    // a look at another sky or pose changes no rule: mends once found still stand
    const known =
      judgement?.plan === plan && judgement.wiringId === wiringId && judgement.mends === "found" ? judgement : null;
    asked = { plan, wiringId, look: { sky, moment, poseId }, known };
    client.ask({ plan, wiringId, look: asked.look, withMends: known === null });
  };
  look();
  const unsubscribe = store.subscribe(look);
  return () => {
    unsubscribe();
    client.stop();
  };
}

function withMendsOf(assessment: Assessment, known: Judgement | null): Assessment {
  if (assessment.type !== "assessed" || known?.assessment.type !== "assessed") return assessment;
  return mended(assessment, new Map(known.assessment.findings.map(({ id, mends, needs }) => [id, { mends, needs }])));
}

function mended(assessment: Assessed, remedies: ReadonlyMap<string, Remedy>): Assessed {
  return {
    ...assessment,
    findings: assessment.findings.map((finding) => ({ ...finding, ...(remedies.get(finding.id) ?? noRemedy) })),
  };
}

function grown(judgement: Judgement, answer: Extract<JudgeAnswer, { type: "progress" | "mends" }>): Judgement {
  switch (answer.type) {
    case "progress":
      return { ...judgement, tried: answer.tried };
    case "mends": {
      const { assessment } = judgement;
      if (assessment.type !== "assessed") return judgement;
      return { ...judgement, assessment: mended(assessment, new Map(answer.remedies)), mends: "found" };
    }
  }
}
