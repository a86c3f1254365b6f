import { IncomingMessage } from "node:http";
import { answerFault } from "./answer.mjs";
import { Spool } from "./spool.mjs";

/**
 * Bodies are counted as they come, before the framework, which reads one to its end before a route sees it: each against
 * what its address takes, and all together against what this program may hold at once.
 */

/** @typedef {{ readonly most: number, readonly isSpooled: boolean }} Bound */

/**
 * Most bytes of a body by the beginning of its address; anything else takes a small one. A third field: it goes to a file as it
 * comes.
 * @type {readonly (readonly [prefix: string, most: number, spooled?: "spooled"])[]}
 */
const bounds = [
  ["/api/plans", 16_000_000],
  ["/api/panels", 5_000_000],
  ["/api/inputs", 5_000_000],
  ["/api/weather", 8_800_000],
  ["/api/photos", 2_600_000],
  ["/api/sticker-readings", 41_000_000, "spooled"],
];
const smallBody = 64_000;
/** Most bytes of all bodies under way. */
const maxHeld = 96_000_000;

const lingerMs = 2000;
let held = 0;

/** What an address takes, and whether its body goes to a file. `maxBundleBytes`: of a plan with all that belongs to it. */
function boundOf(/** @type {string} */ path, /** @type {number} */ maxBundleBytes) {
  if (path === "/api/plans/import") return { most: maxBundleBytes, isSpooled: true };
  const [, most = smallBody, spooled] =
    bounds.find(([prefix]) => path === prefix || path.startsWith(`${prefix}/`)) ?? [];
  return { most, isSpooled: spooled !== undefined };
}

/** A request that counts its body as it comes, so that one without end is told so while it is still coming. */
export class BoundedMessage extends IncomingMessage {
  #bytes = 0;
  /** What of them is in memory. */ #held = 0;
  #over = false;
  /** @type {Spool | null} */ #spool = null;
  /** @type {Bound} */
  bound = { most: smallBody, isSpooled: false };
  /** @type {(status: number, message: string) => void} */
  onRefused = () => undefined;

  /** @override */
  push(/** @type {any} */ chunk, /** @type {BufferEncoding | undefined} */ encoding) {
    // let go unread, so that a body that ends leaves its connection in order
    if (this.#over && chunk !== null) return true;
    if (chunk === null) {
      this.#spool?.end();
      return super.push(chunk, encoding);
    }
    const { most, isSpooled } = this.bound;
    this.#bytes += chunk.length;
    if (this.#bytes > most)
      return this.#refuse(413, `The request is larger than ${most} bytes. Nothing was taken of it.`);
    if (isSpooled) return this.#toFile(chunk);
    this.#held += chunk.length;
    held += chunk.length;
    if (held > maxHeld)
      return this.#refuse(
        503,
        "Too many large requests are under way at once. Nothing was taken of this one: try again.",
      );
    return super.push(chunk, encoding);
  }

  /** Opens the file that the body goes to, and says where it is in a header, before the application hears of the request. */
  spool(/** @type {string} */ header) {
    try {
      this.#spool = new Spool();
      this.headers[header] = this.#spool.file;
    } catch {
      // told with the first byte that finds no place
    }
  }

  #toFile(/** @type {Buffer} */ chunk) {
    try {
      if (this.#spool === null) throw new Error("no file for it");
      this.#spool.write(chunk);
      return true;
    } catch {
      return this.#refuse(
        507,
        "The disk does not take a file of this size. Nothing was taken of it: make room, and try again.",
      );
    }
  }

  #refuse(/** @type {number} */ status, /** @type {string} */ message) {
    this.#over = true;
    this.release();
    this.onRefused(status, message);
    return true;
  }

  /** Gives back what it counted, once its body is not needed any more. */
  release() {
    held -= this.#held;
    this.#held = 0;
    this.#spool?.remove();
    this.#spool = null;
  }
}

/** Watches a request's body; where it is too much, answers and hangs up: what still comes is not read. */
export function boundBody(
  /** @type {BoundedMessage} */ request,
  /** @type {import("node:http").ServerResponse} */ response,
  /** @type {{ readonly maxBundleBytes: number, readonly spoolHeader: string }} */ { maxBundleBytes, spoolHeader },
) {
  delete request.headers[spoolHeader];
  request.bound = boundOf(pathOf(request.url), maxBundleBytes);
  const hasBody = "content-length" in request.headers || "transfer-encoding" in request.headers;
  if (request.bound.isSpooled && hasBody) request.spool(spoolHeader);
  response.once("close", () => request.release());
  request.onRefused = (status, message) => {
    request.onRefused = () => undefined;
    // not "connection: close": the connection would be torn down with the answer still on its way
    if (!response.headersSent)
      answerFault(response, status, status === 413 ? "tooLarge" : status === 507 ? "full" : "busy", message);
    closeAfterResponse(request);
  };
}

/** Time for an answer to be read: what hangs up while more comes in tears the answer away with it. */
export function closeAfterResponse(/** @type {IncomingMessage} */ request) {
  setTimeout(() => {
    if (!request.complete) request.destroy();
  }, lingerMs).unref();
}

function pathOf(/** @type {string | undefined} */ url) {
  return (url ?? "/").split("?", 1)[0] ?? "/";
}
