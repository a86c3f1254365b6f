export { createHandler } from "./handler";
export { type Job } from "./job";
export { type Answer, type Letter } from "./letters";
export { createMail, type Mail, type Outcome, type Slot } from "./mail";
