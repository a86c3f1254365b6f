export { createHandler } from "./server";
export { type Job } from "./job";
export { type Answer, type Request } from "./protocol";
export { createClient, type Client, type Outcome, type WorkerPort } from "./client";
