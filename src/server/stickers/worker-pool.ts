import { Worker } from "node:worker_threads";
import { type PhotoReading, type PictureFault, maxPictureBytes } from "@/core/panels/label-import/photo";
import { type Answered, type Shown } from "./protocol";

export type StickerOutcome =
  | { readonly type: "read"; readonly reading: PhotoReading; readonly shown: Shown }
  | { readonly type: "fault"; readonly fault: PictureFault }
  /** Called off before it was read. */
  | { readonly type: "cancelled" };

export type Stickers = {
  /** Reads a photo, after those that were given before it. */
  readonly read: (file: Uint8Array, told?: (share: number) => void, signal?: AbortSignal) => Promise<StickerOutcome>;
  readonly end: () => Promise<void>;
};

type Limits = {
  /** The bundled module the thread runs. */ readonly file: string;
  /** Longest a photo may take, ms. */ readonly maxMs: number;
  /** How long the thread is kept when there is nothing to read, ms: its readers hold a few hundred megabytes. */ readonly idleMs: number;
};

/**
 * Reads photos of stickers in a thread, one at a time. A photo that takes too long, or is called off, ends the thread and all it
 * began; the next one gets a new thread. What the readers print is not ours and goes nowhere.
 */
export function createStickers({ file: module, maxMs, idleMs }: Limits): Stickers {
  let worker: Worker | null = null;
  let idle: NodeJS.Timeout | null = null;
  let last: Promise<unknown> = Promise.resolve();
  let count = 0;

  const end = async () => {
    const ending = worker;
    worker = null;
    await ending?.terminate();
  };

  const open = (): Worker => {
    const opened = new Worker(module, { stdout: true, stderr: true, resourceLimits: { maxOldGenerationSizeMb: 768 } });
    opened.stdout.resume();
    opened.stderr.resume();
    opened.unref();
    return opened;
  };

  async function readOne(
    file: Uint8Array,
    told: (share: number) => void,
    signal?: AbortSignal,
  ): Promise<StickerOutcome> {
    if (signal?.aborted === true) return { type: "cancelled" };
    if (file.length > maxPictureBytes) return { type: "fault", fault: "tooManyBytes" };
    if (idle !== null) clearTimeout(idle);
    const own = (worker ??= open());
    own.ref();
    const id = (count += 1);
    const { promise, resolve } = defer<StickerOutcome>();
    const heard = (answered: Answered) => {
      if (answered.id !== id) return;
      if (answered.type === "progress") told(answered.share);
      else if (answered.type === "failed") resolve({ type: "fault", fault: "broken" });
      else resolve(answered);
    };
    const ended = () => resolve({ type: "fault", fault: "tooLong" });
    const abort = () => resolve({ type: "cancelled" });
    own.on("message", heard);
    own.once("error", ended);
    own.once("exit", ended);
    signal?.addEventListener("abort", abort);
    const timer = setTimeout(ended, maxMs);
    own.postMessage({ id, file });
    const outcome = await promise;
    clearTimeout(timer);
    own.off("message", heard);
    own.off("error", ended);
    own.off("exit", ended);
    signal?.removeEventListener("abort", abort);
    if (outcome.type === "cancelled" || (outcome.type === "fault" && outcome.fault === "tooLong")) await end();
    own.unref();
    idle = setTimeout(() => void end(), idleMs);
    idle.unref();
    return outcome;
  }

  return {
    read: (file, told = () => undefined, signal) => {
      const mine = last.then(() => readOne(file, told, signal));
      last = mine.catch(() => undefined);
      return mine;
    },
    end,
  };
}

function defer<T>(): { readonly promise: Promise<T>; readonly resolve: (value: T) => void } {
  let resolve: (value: T) => void = () => undefined;
  const promise = new Promise<T>((done) => {
    resolve = done;
  });
  return { promise, resolve };
}
