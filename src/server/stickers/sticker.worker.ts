import { parentPort } from "node:worker_threads";
import { type Engine, openEngine } from "./engine";
import { UnreadablePicture } from "./prepare";
import { type Answered, type Asked } from "./protocol";
import { readSticker } from "./read-sticker";

/** Runs in a thread of its own, which owns the readers of letters: whatever a photo costs, other requests are served meanwhile. */
let engine: Promise<Engine> | null = null;

parentPort?.on("message", ({ id, file }: Asked) => {
  const answer = (answered: Answered) => parentPort?.postMessage(answered);
  engine ??= openEngine();
  engine
    .then((open) => readSticker(file, open, (share) => answer({ id, type: "progress", share })))
    .then(({ shown, ...reading }) =>
      answer({ id, type: "read", reading, shown: { ...shown, jpeg: Uint8Array.from(shown.jpeg) } }),
    )
    .catch((error: unknown) => {
      if (error instanceof UnreadablePicture) answer({ id, type: "fault", fault: error.fault });
      else answer({ id, type: "failed", message: error instanceof Error ? error.message : String(error) });
    });
});
