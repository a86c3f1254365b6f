import { createSharedValueCache, type SharedValueCache } from "./shared-values";
import { type InputOf, type JobTable, type ProgressOf, type ValueOf } from "./job";
import { type Answer, type Request, protocolVersion } from "./protocol";

/** As much of a Worker as the page uses. */
export type WorkerPort = Pick<Worker, "terminate"> & {
  postMessage: (letter: Request) => void;
  onmessage: ((event: MessageEvent<Answer>) => void) | null;
  onerror: ((event: ErrorEvent) => void) | null;
};

/**
 * Where a question is worked on. `prompt`: what someone waits for with their hand on it, milliseconds long. `patient`: what
 * may take seconds. `own`: a worker for this question alone, which ends with it; for a job that cannot pause, or more
 * than one at a time. `crew`: workers that share one large question, and keep what they have worked out for its next part.
 */
export type QueueName = "prompt" | "patient" | "own" | `crew ${number}`;

export type Outcome<Value> =
  | { readonly type: "done"; readonly value: Value }
  | { readonly type: "failed"; readonly message: string }
  /** Given up, or overtaken by a newer question of its topic: nobody waits for it any more. */
  | { readonly type: "cancelled" };

export type AskOptions<Input, Progress> = {
  readonly queue: QueueName;
  /** What it is about: a newer question of a topic calls off the one before, in whichever queue it is. */
  readonly topic: string;
  /** Large fields of the input: each is sent to a worker once, however often it is asked about. */
  readonly once?: readonly (keyof Input & string)[];
  /** Begins after so many ms, if still wanted then. */ readonly restMs?: number;
  readonly progressed?: (progress: Progress) => void;
};

/** The page's end of the slot to the workers that have these jobs. */
export type Client<Jobs extends JobTable> = {
  /** Asks for a job to be done. The outcome never rejects; a question given up hears nothing more but that. */
  readonly ask: <Name extends keyof Jobs & string>(
    job: Name,
    input: InputOf<Jobs[Name]>,
    options: AskOptions<InputOf<Jobs[Name]>, ProgressOf<Jobs[Name]>>,
  ) => Promise<Outcome<ValueOf<Jobs[Name]>>>;
  /** Gives up what is asked on a topic. */ readonly cancel: (topic: string) => void;
  /** Lets what is asked on a topic stand still, or go on. */ readonly setPaused: (topic: string, on: boolean) => void;
  /** Ends all workers; whatever is under way is cancelled. */
  readonly close: () => void;
};

type Question = {
  readonly topic: string;
  readonly progressed: (progress: unknown) => void;
  readonly settle: (outcome: Outcome<unknown>) => void;
};

/** A worker with what it was sent and what it is asked. */
type WorkerHandle = {
  readonly slot: WorkerPort;
  readonly keeper: SharedValueCache;
  readonly pending: Map<number, Question>;
};

export function createClient<Jobs extends JobTable>(open: () => WorkerPort): Client<Jobs> {
  const queues = new Map<QueueName, WorkerHandle>();
  const offices = new Set<WorkerHandle>();
  let last = 0;

  function opened(queue: QueueName): WorkerHandle {
    const slot = open();
    const office: WorkerHandle = {
      slot,
      keeper: createSharedValueCache((letter) => slot.postMessage(letter)),
      pending: new Map(),
    };
    offices.add(office);
    if (queue !== "own") queues.set(queue, office);
    slot.onmessage = ({ data }) => {
      const question = office.pending.get(data.id);
      if (question === undefined || data.version !== protocolVersion) return;
      if (data.type === "progress") question.progressed(data.progress);
      else
        settle(
          office,
          data.id,
          data.type === "done" ? { type: "done", value: data.value } : { type: "failed", message: data.message },
        );
    };
    slot.onerror = (event) => {
      event.preventDefault();
      end(office);
      const { pending } = office;
      // reopened before the word goes out: whoever hears it may ask again at once, and finds nothing of what the dead
      // one was sent. A worker that died with nothing to do is opened when it is next needed, lest it die for ever
      if (queue !== "own" && pending.size > 0) opened(queue);
      for (const id of [...pending.keys()])
        settle(office, id, { type: "failed", message: event.message || "the worker ended" });
    };
    return office;
  }

  function end(office: WorkerHandle): void {
    office.slot.terminate();
    offices.delete(office);
    for (const [queue, each] of queues) if (each === office) queues.delete(queue);
  }

  function settle(office: WorkerHandle, id: number, outcome: Outcome<unknown>): void {
    const question = office.pending.get(id);
    office.pending.delete(id);
    if (office.pending.size === 0 && ![...queues.values()].includes(office)) end(office);
    question?.settle(outcome);
  }

  function callOff(topic: string): void {
    for (const office of offices)
      for (const [id, question] of office.pending) {
        if (question.topic !== topic) continue;
        office.slot.postMessage({ version: protocolVersion, type: "cancel", id });
        settle(office, id, { type: "cancelled" });
      }
  }

  function hold(topic: string, on: boolean): void {
    for (const { pending, slot } of offices)
      for (const [id, question] of pending)
        if (question.topic === topic) slot.postMessage({ version: protocolVersion, type: "hold", id, on });
  }

  return {
    ask: (job, input, { queue, topic, once = [], restMs = 0, progressed }) => {
      callOff(topic);
      const id = (last += 1);
      const office = (queue === "own" ? undefined : queues.get(queue)) ?? opened(queue);
      const { keeper, slot, pending } = office;
      const outcome = new Promise<Outcome<never>>((resolve) => {
        pending.set(id, {
          topic,
          progressed: (progress) => progressed?.(progress as never),
          settle: resolve as (outcome: Outcome<unknown>) => void,
        });
      });
      try {
        const fields = Object.entries(input as Record<string, unknown>);
        const isHeld = (field: string) => once.includes(field as never);
        const held = Object.fromEntries(
          fields.filter(([field]) => isHeld(field)).map(([field, value]) => [field, keeper.hold(value as object)]),
        );
        const bare = Object.fromEntries(fields.filter(([field]) => !isHeld(field)));
        slot.postMessage({ version: protocolVersion, type: "run", id, job, input: bare, held, restMs });
        keeper.trim();
      } catch (error) {
        // what cannot cross to another thread is answered, not thrown
        settle(office, id, { type: "failed", message: error instanceof Error ? error.message : "not sent" });
      }
      return outcome;
    },
    cancel: callOff,
    setPaused: hold,
    close: () => {
      for (const office of [...offices]) {
        end(office);
        for (const id of [...office.pending.keys()]) settle(office, id, { type: "cancelled" });
      }
    },
  };
}
