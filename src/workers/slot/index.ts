export { createHandler } from "./handler";
export { type Job, type JobTable, type InputOf, type ProgressOf, type ValueOf } from "./job";
export { type Answer, type Letter, letterVersion } from "./letters";
export { type AskOptions, createMail, type LaneName, type Mail, type Outcome, type Slot } from "./mail";
