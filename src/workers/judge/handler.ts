import { findMends } from "@/core/finder";
import { assessOpen, createMemory, lookInto, openById, passes } from "@/core/rules";
import { type JudgeAnswer, type JudgeLetter, letterVersion } from "./letters";

type Parts = {
  readonly post: (answer: JudgeAnswer) => void;
  readonly nowMs: () => number;
  /** Lets letters that have arrived meanwhile be read. */
  readonly pause: () => Promise<void>;
  /** Waits so many ms. */
  readonly rest: (ms: number) => Promise<void>;
};

/** Longest the search for mends goes on before it looks for newer letters, ms. */
const stintMs = 3;
const reportEveryMs = 300;
/** The search begins when the verdict has been drawn: on a small machine it would take the time from the drawing, ms. */
const restMs = 120;

/** Answers letters one revision at a time; whatever is under way is dropped when a newer one comes. */
export function createHandler({ post, nowMs, pause, rest }: Parts): (letter: JudgeLetter) => Promise<void> {
  const memory = createMemory();
  let newest = 0;

  async function judge(
    { revision, plan, wiringId, look, withMends }: Extract<JudgeLetter, { type: "judge" }>,
    turn: number,
  ): Promise<void> {
    const open = openById(plan, wiringId, look.poseId, memory);
    const assessment = assessOpen(open, look);
    const findings = assessment.type === "assessed" ? assessment.findings : [];
    const searching = withMends && findings.some(({ level }) => !passes(level) && level !== "open");
    // one letter, so that the page is drawn once
    post({ version: letterVersion, type: "verdict", revision, assessment, searching, tiles: lookInto(open, look) });
    if (!searching) return;
    await rest(restMs);
    if (turn !== newest) return;
    const search = findMends(open, findings);
    let tried = 0;
    let since = nowMs();
    let reported = since;
    for (;;) {
      const step = search.next();
      if (step.done) {
        post({ version: letterVersion, type: "mends", revision, remedies: [...step.value] });
        return;
      }
      if (step.value === "tried") tried += 1;
      if (nowMs() - since < stintMs) continue;
      await pause();
      if (turn !== newest) return;
      since = nowMs();
      if (since - reported > reportEveryMs) {
        reported = since;
        post({ version: letterVersion, type: "progress", revision, tried });
      }
    }
  }

  return async (letter) => {
    if (letter.version !== letterVersion) return;
    newest += 1;
    if (letter.type === "cancel") return;
    const turn = newest;
    await pause();
    // several letters may have come at once: only the last is worth judging
    if (turn !== newest) return;
    try {
      await judge(letter, turn);
    } catch (error) {
      post({
        version: letterVersion,
        type: "failed",
        revision: letter.revision,
        message: error instanceof Error ? error.message : "unknown",
      });
    }
  };
}
