import { IncomingMessage } from "node:http";
import { answerFault } from "./answer.mjs";

/**
 * Bodies are counted as they come, before the framework, which reads one to its end before a route sees it: each against
 * what its address takes, and all together against what this program may hold at once.
 */

/** Most bytes of a body by the beginning of its address; anything else takes a small one. */
const bounds = /** @type {const} */ ([
  ["/api/plans", 16_000_000],
  ["/api/panels", 5_000_000],
  ["/api/inputs", 5_000_000],
  ["/api/weather", 8_800_000],
  ["/api/photos", 2_600_000],
  ["/api/readings", 41_000_000],
]);
const smallBody = 64_000;
/** Most bytes of all bodies under way. */
const mostHeld = 96_000_000;

const lingerMs = 2000;
let held = 0;

export function mostBodyBytes(/** @type {string} */ path) {
  return bounds.find(([prefix]) => path === prefix || path.startsWith(`${prefix}/`))?.[1] ?? smallBody;
}

/** A request that counts its body as it comes, so that one without end is told so while it is still coming. */
export class BoundedMessage extends IncomingMessage {
  #bytes = 0;
  #over = false;
  /** @type {(status: number, message: string) => void} */
  onRefused = () => undefined;

  /** @override */
  push(/** @type {any} */ chunk, /** @type {BufferEncoding | undefined} */ encoding) {
    if (chunk === null) return super.push(chunk, encoding);
    // let go unread, so that a body that ends leaves its connection in order
    if (this.#over) return true;
    this.#bytes += chunk.length;
    held += chunk.length;
    const most = mostBodyBytes(pathOf(this.url));
    if (this.#bytes > most)
      return this.#refuse(413, `The request is larger than ${most} bytes. Nothing was taken of it.`);
    if (held > mostHeld)
      return this.#refuse(
        503,
        "Too many large requests are under way at once. Nothing was taken of this one: try again.",
      );
    return super.push(chunk, encoding);
  }

  #refuse(/** @type {number} */ status, /** @type {string} */ message) {
    this.#over = true;
    this.release();
    this.onRefused(status, message);
    return true;
  }

  /** Gives back what it counted, once its body is not needed any more. */
  release() {
    held -= this.#bytes;
    this.#bytes = 0;
  }
}

/** Watches a request's body; where it is too much, answers and hangs up: what still comes is not read. */
export function boundBody(
  /** @type {BoundedMessage} */ request,
  /** @type {import("node:http").ServerResponse} */ response,
) {
  response.once("close", () => request.release());
  request.onRefused = (status, message) => {
    request.onRefused = () => undefined;
    // not "connection: close": the connection would be torn down with the answer still on its way
    if (!response.headersSent) answerFault(response, status, status === 413 ? "tooLarge" : "busy", message);
    hangUpLater(request);
  };
}

/** Time for an answer to be read: what hangs up while more comes in tears the answer away with it. */
export function hangUpLater(/** @type {IncomingMessage} */ request) {
  setTimeout(() => {
    if (!request.complete) request.destroy();
  }, lingerMs).unref();
}

function pathOf(/** @type {string | undefined} */ url) {
  return (url ?? "/").split("?", 1)[0] ?? "/";
}
