export { createJudgeClient, type JudgeClient, type Slot } from "./client";
export { createHandler } from "./handler";
export { type JudgeAnswer, type JudgeLetter, letterVersion } from "./letters";
export { openJudgeWorker } from "./open";
