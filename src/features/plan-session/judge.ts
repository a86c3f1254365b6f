import { type Assessed, type Assessment, noFixes, type Fixes } from "@/core/assessment";
import { passes } from "@/core/checks";
import { type JudgeInput, type WorkerClient } from "@/workers";
import { type Judgement } from "./judgement";
import { positionIdOf, wiringOf } from "./slices/look";
import { type Desk } from "./store";
import { judgeTexts } from "@/messages/en/plan-session/view";

/** The search for fixes begins when the verdict has been drawn: on a small machine it would take the time from that, ms. */
const fixesAfterMs = 120;
/**
 * The search goes on in the worker that judges: all its port arrays are solved there, and the engine is warm from it. In a worker
 * of its own it made edits slower (24 panels: median 38 to 43 ms), as two cores then had three to serve.
 * A search for fixes is of the same topic as a verdict: a newer verdict calls it off.
 */
const topic = "desk";

/** Has the workers judge the wiring on the desk whenever it changes, and look for fixes. Returns how to stop. */
export function startJudge(desk: Desk, mail: Pick<WorkerClient, "ask" | "cancel">): () => void {
  let asked: JudgeInput | null = null;

  /** `known`: fixes found before for this very wiring. */
  const judge = async (input: JudgeInput, known: Judgement | null) => {
    const outcome = await mail.ask("judge", input, { topic, queue: "prompt", once: ["plan"] });
    if (outcome.type === "cancelled") return;
    if (outcome.type === "failed")
      return desk.set({
        notice: judgeTexts.couldNotCalculateTheVerdict(outcome.message),
      });
    const { plan, wiringId, look } = input;
    const { assessment, tiles, shade } = outcome.value;
    const searching = known === null && wantsFixes(assessment);
    const judgement: Judgement = {
      plan,
      wiringId,
      sky: look.sky,
      positionId: look.positionId ?? "",
      assessment: withFixesOf(assessment, known),
      tiles,
      shade,
      fixes: searching ? "searching" : "found",
      tried: 0,
    };
    desk.set({ judgement });
    if (searching) await fix(judgement, look.positionId);
  };

  const fix = async (judgement: Judgement, positionId: string | null) => {
    const { plan, wiringId, assessment } = judgement;
    const outcome = await mail.ask(
      "fixes",
      { plan, wiringId, positionId },
      {
        topic,
        queue: "prompt",
        once: ["plan"],
        restMs: fixesAfterMs,
        progressed: ({ tried }) => desk.set({ judgement: { ...judgement, tried } }),
      },
    );
    if (outcome.type === "failed")
      desk.set({
        judgement: { ...judgement, fixes: "found" },
        notice: judgeTexts.couldNotFinishTheSearchForFixes(outcome.message),
      });
    if (outcome.type === "done" && assessment.type === "assessed")
      desk.set({
        judgement: { ...judgement, assessment: fixed(assessment, new Map(outcome.value)), fixes: "found" },
      });
  };

  const look = () => {
    const state = desk.now();
    const plan = state.history.present;
    const wiringId = wiringOf(state).id;
    const { sky, moment, judgement } = state;
    const positionId = positionIdOf(state);
    const same = asked !== null && asked.plan === plan && asked.wiringId === wiringId;
    if (same && asked?.look.sky === sky && asked.look.moment === moment && asked.look.positionId === positionId) return;
    // a look at another sky or position changes no rule: fixes once found still stand
    const known =
      judgement?.plan === plan && judgement.wiringId === wiringId && judgement.fixes === "found" ? judgement : null;
    asked = { plan, wiringId, look: { sky, moment, positionId } };
    void judge(asked, known);
  };
  look();
  const unsubscribe = desk.store.subscribe(look);
  return () => {
    unsubscribe();
    mail.cancel(topic);
  };
}

function wantsFixes(assessment: Assessment): boolean {
  return assessment.type === "assessed" && assessment.findings.some(({ level }) => !passes(level) && level !== "open");
}

function withFixesOf(assessment: Assessment, known: Judgement | null): Assessment {
  if (assessment.type !== "assessed" || known?.assessment.type !== "assessed") return assessment;
  return fixed(assessment, new Map(known.assessment.findings.map(({ id, fixes, needs }) => [id, { fixes, needs }])));
}

function fixed(assessment: Assessed, remedies: ReadonlyMap<string, Fixes>): Assessed {
  return {
    ...assessment,
    findings: assessment.findings.map((finding) => ({ ...finding, ...(remedies.get(finding.id) ?? noFixes) })),
  };
}
