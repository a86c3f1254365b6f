import { createJobs } from "./jobs";
import { type Answer, createHandler, type Request } from "./rpc";

/** The worker's own end of the slot: nothing but posting. */
type Scope = {
  postMessage: (answer: Answer) => void;
  onmessage: ((event: MessageEvent<Request>) => void) | null;
};
const scope = self as unknown as Scope;

const pauses = new MessageChannel();
const waiting: (() => void)[] = [];
pauses.port1.onmessage = () => waiting.shift()?.();

const handle = createHandler(createJobs(), {
  post: (answer) => scope.postMessage(answer),
  nowMs: () => performance.now(),
  // a message to oneself queues behind those already here, and is not slowed down as timers are
  pause: () =>
    new Promise((resolve) => {
      waiting.push(resolve);
      pauses.port2.postMessage(null);
    }),
  rest: (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
});

scope.onmessage = (event) => void handle(event.data);
