import { type Plan } from "@/core/plan";
import { type Assessment, type TileStates } from "@/core/rules";
import { type Moment, type SkyName } from "@/core/sky";
import { createJudgeClient, type JudgeAnswer, type Slot } from "@/workers/judge";
import { type Desk, wiringOf } from "./store";

/** What is known of one revision of the document. It grows as answers come; a newer revision replaces it whole. */
export type Judgement = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly assessment: Assessment;
  /** What each panel does under each sky. */
  readonly tiles: Readonly<Record<SkyName, TileStates>>;
  readonly mends: "searching" | "found";
  /** Wirings tried so far, when the search takes long enough to say so. */
  readonly tried: number;
};

/** Has the worker judge the wiring on the desk whenever it changes. Returns how to stop. */
export function startJudge(desk: Desk, open: () => Slot): () => void {
  const { store } = desk;
  let asked: { plan: Plan; wiringId: string; moment: Moment } | null = null;

  const answered = (answer: JudgeAnswer) => {
    const { judgement } = store.getState();
    if (asked === null) return;
    if (answer.type === "verdict") {
      desk.set({ judgement: { ...asked, assessment: answer.assessment, tiles: answer.tiles, mends: answer.searching ? "searching" : "found", tried: 0 } });
      return;
    }
    if (answer.type === "failed") {
      desk.set({ notice: `The verdict could not be worked out (${answer.message}). The plan is safe; change something to try again.` });
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
    const { moment } = state;
    if (asked !== null && asked.plan === plan && asked.wiringId === wiringId && asked.moment === moment) return;
    asked = { plan, wiringId, moment };
    client.ask(asked);
  };
  look();
  const unsubscribe = store.subscribe(look);
  return () => {
    unsubscribe();
    client.stop();
  };
}

function grown(judgement: Judgement, answer: Extract<JudgeAnswer, { type: "progress" | "mends" }>): Judgement {
  switch (answer.type) {
    case "progress":
      return { ...judgement, tried: answer.tried };
    case "mends": {
      const { assessment } = judgement;
      if (assessment.type !== "assessed") return judgement;
      const mends = new Map(answer.mends);
      const findings = assessment.findings.map((finding) => ({ ...finding, mend: mends.get(finding.id) ?? null }));
      return { ...judgement, assessment: { ...assessment, findings }, mends: "found" };
    }
  }
}
