import { type JudgeAnswer, type JudgeLetter, letterVersion } from "./letters";

/** As much of a Worker as the client uses. */
export type Slot = Pick<Worker, "postMessage" | "terminate"> & {
  onmessage: ((event: MessageEvent<JudgeAnswer>) => void) | null;
  onerror: ((event: ErrorEvent) => void) | null;
};

type Question = Pick<Extract<JudgeLetter, { type: "judge" }>, "plan" | "wiringId" | "look" | "withMends">;

export type JudgeClient = {
  /** Asks for a judgement; answers to anything asked before are dropped from now on. Returns its revision. */
  readonly ask: (question: Question) => number;
  readonly stop: () => void;
};

/** The page's end of the slot: numbers questions, drops stale answers, starts a fresh worker if one dies. */
export function createJudgeClient(open: () => Slot, answered: (answer: JudgeAnswer) => void): JudgeClient {
  let revision = 0;
  let slot = opened();

  function opened(): Slot {
    const fresh = open();
    fresh.onmessage = ({ data }) => {
      if (data.version === letterVersion && data.revision === revision) answered(data);
    };
    fresh.onerror = (event) => {
      event.preventDefault();
      fresh.terminate();
      // reopened before the word goes out: whoever hears it may ask again at once. The letter it died over is not sent
      // again, as it would only die again
      slot = opened();
      answered({ version: letterVersion, type: "failed", revision, message: event.message || "the worker ended" });
    };
    return fresh;
  }

  return {
    ask: (question) => {
      revision += 1;
      const letter: JudgeLetter = { version: letterVersion, type: "judge", revision, ...question };
      slot.postMessage(letter);
      return revision;
    },
    stop: () => slot.terminate(),
  };
}
