import { type JobTable } from "./job";
import { type Answer, type SharedValue, type Request, protocolVersion } from "./protocol";

type Parts = {
  readonly post: (answer: Answer) => void;
  readonly nowMs: () => number;
  /** Lets letters that have arrived meanwhile be read. */ readonly pause: () => Promise<void>;
  /** Waits so many ms. */ readonly rest: (ms: number) => Promise<void>;
};

/** Longest a job goes on before it looks for newer letters, ms. */
const stintMs = 3;
const reportEveryMs = 200;
/** How often a job that stands still looks whether it may go on, ms. */
const standMs = 50;

/** The worker's end of the slot: runs the jobs asked for, side by side in short stints, until done or called off. */
export function createHandler(jobs: JobTable, { post, nowMs, pause, rest }: Parts): (letter: Request) => Promise<void> {
  const put = new Map<number, unknown>();
  const wanted = new Set<number>();
  const standing = new Set<number>();

  async function run({ id, job: name, input, held, restMs }: Extract<Request, { type: "run" }>): Promise<void> {
    // made up at once: what it is made of may be dropped before it begins
    const whole = { ...input, ...Object.fromEntries(Object.entries(held).map(([field, of]) => [field, made(of)])) };
    wanted.add(id);
    // several letters may have come at once, the last of them calling this off
    await pause();
    if (restMs > 0 && wanted.has(id)) await rest(restMs);
    const job = jobs[name];
    if (job === undefined) throw new Error(`there is no job "${name}"`);
    if (!wanted.has(id)) return;
    const steps = job(whole);
    let since = nowMs();
    let reported = since;
    for (;;) {
      const step = steps.next();
      if (step.done) return post({ version: protocolVersion, id, type: "done", value: step.value });
      if (step.value !== undefined && nowMs() - reported >= reportEveryMs) {
        reported = nowMs();
        post({ version: protocolVersion, id, type: "progress", progress: step.value });
      }
      if (nowMs() - since < stintMs) continue;
      await pause();
      while (standing.has(id) && wanted.has(id)) await rest(standMs);
      if (!wanted.has(id)) return;
      since = nowMs();
    }
  }

  function made(held: SharedValue): unknown {
    if (held.type === "whole") return thing(held.key);
    return { ...held.rest, ...Object.fromEntries(Object.entries(held.keys).map(([name, key]) => [name, thing(key)])) };
  }

  function thing(key: number): unknown {
    if (!put.has(key)) throw new Error(`nothing was put under key ${key}`);
    return put.get(key);
  }

  return async (letter) => {
    if (letter.version !== protocolVersion) return;
    switch (letter.type) {
      case "put":
        put.set(letter.key, letter.value);
        return;
      case "drop":
        put.delete(letter.key);
        return;
      case "cancel":
        wanted.delete(letter.id);
        return;
      case "hold":
        if (letter.on) standing.add(letter.id);
        else standing.delete(letter.id);
        return;
      case "run":
        try {
          await run(letter);
        } catch (error) {
          const message = error instanceof Error ? error.message : "unknown";
          post({ version: protocolVersion, id: letter.id, type: "failed", message });
        } finally {
          wanted.delete(letter.id);
          standing.delete(letter.id);
        }
    }
  };
}
