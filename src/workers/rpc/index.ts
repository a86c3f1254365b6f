export { createHandler } from "./server";
export { type Job } from "./job";
export { type Answer, type Request as Letter } from "./protocol";
export { createClient as createMail, type Client as Mail, type Outcome, type WorkerPort as Slot } from "./client";
