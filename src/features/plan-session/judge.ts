import { type Assessed, type Assessment, noFixes, type Fixes } from "@/core/assessment";
import { passes } from "@/core/checks";
import { type JudgeInput, type WorkerClient } from "@/workers";
import { type Judgement } from "./judgement";
import { poseIdOf, wiringOf } from "./slices/look";
import { type Desk } from "./store";
import { judgeTexts } from "@/messages/en/plan-session/view";

/** The search for mends begins when the verdict has been drawn: on a small machine it would take the time from that, ms. */
const mendsAfterMs = 120;
/**
 * The search goes on in the worker that judges: all its lanes are solved there, and the engine is warm from it. In a worker
 * of its own it made edits slower (24 panels: median 38 to 43 ms), as two cores then had three to serve.
 * A search for mends is of the same topic as a verdict: a newer verdict calls it off.
 */
const topic = "desk";

/** Has the workers judge the wiring on the desk whenever it changes, and look for mends. Returns how to stop. */
export function startJudge(desk: Desk, mail: Pick<WorkerClient, "ask" | "cancel">): () => void {
  let asked: JudgeInput | null = null;

  /** `known`: mends found before for this very wiring. */
  const judge = async (input: JudgeInput, known: Judgement | null) => {
    const outcome = await mail.ask("judge", input, { topic, lane: "prompt", once: ["plan"] });
    if (outcome.type === "cancelled") return;
    if (outcome.type === "failed")
      return desk.set({
        notice: judgeTexts.couldNotCalculateTheVerdict(outcome.message),
      });
    const { plan, wiringId, look } = input;
    const { assessment, tiles } = outcome.value;
    const searching = known === null && wantsMends(assessment);
    const judgement: Judgement = {
      plan,
      wiringId,
      sky: look.sky,
      poseId: look.poseId ?? "",
      assessment: withMendsOf(assessment, known),
      tiles,
      mends: searching ? "searching" : "found",
      tried: 0,
    };
    desk.set({ judgement });
    if (searching) await mend(judgement, look.poseId);
  };

  const mend = async (judgement: Judgement, poseId: string | null) => {
    const { plan, wiringId, assessment } = judgement;
    const outcome = await mail.ask(
      "mends",
      { plan, wiringId, poseId },
      {
        topic,
        lane: "prompt",
        once: ["plan"],
        restMs: mendsAfterMs,
        progressed: ({ tried }) => desk.set({ judgement: { ...judgement, tried } }),
      },
    );
    if (outcome.type === "failed")
      desk.set({
        judgement: { ...judgement, mends: "found" },
        notice: judgeTexts.couldNotFinishTheSearchForFixes(outcome.message),
      });
    if (outcome.type === "done" && assessment.type === "assessed")
      desk.set({
        judgement: { ...judgement, assessment: mended(assessment, new Map(outcome.value)), mends: "found" },
      });
  };

  const look = () => {
    const state = desk.now();
    const plan = state.history.present;
    const wiringId = wiringOf(state).id;
    const { sky, moment, judgement } = state;
    const poseId = poseIdOf(state);
    const same = asked !== null && asked.plan === plan && asked.wiringId === wiringId;
    if (same && asked?.look.sky === sky && asked.look.moment === moment && asked.look.poseId === poseId) return;
    // a look at another sky or pose changes no rule: mends once found still stand
    const known =
      judgement?.plan === plan && judgement.wiringId === wiringId && judgement.mends === "found" ? judgement : null;
    asked = { plan, wiringId, look: { sky, moment, poseId } };
    void judge(asked, known);
  };
  look();
  const unsubscribe = desk.store.subscribe(look);
  return () => {
    unsubscribe();
    mail.cancel(topic);
  };
}

function wantsMends(assessment: Assessment): boolean {
  return assessment.type === "assessed" && assessment.findings.some(({ level }) => !passes(level) && level !== "open");
}

function withMendsOf(assessment: Assessment, known: Judgement | null): Assessment {
  if (assessment.type !== "assessed" || known?.assessment.type !== "assessed") return assessment;
  return mended(assessment, new Map(known.assessment.findings.map(({ id, mends, needs }) => [id, { mends, needs }])));
}

function mended(assessment: Assessed, remedies: ReadonlyMap<string, Fixes>): Assessed {
  return {
    ...assessment,
    findings: assessment.findings.map((finding) => ({ ...finding, ...(remedies.get(finding.id) ?? noFixes) })),
  };
}
