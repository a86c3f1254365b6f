import { IncomingMessage } from "node:http";

/** More than any route takes; each has a lower bound of its own. The framework reads a body to its end before a route sees it. */
export const mostBodyBytes = 8_000_000;

const lingerMs = 2000;

/** A request that counts its body as it comes, so that one without end is told so while it is still coming. */
export class BoundedMessage extends IncomingMessage {
  #bytes = 0;
  /** @type {() => void} */
  onTooLarge = () => undefined;

  /** @override */
  push(/** @type {any} */ chunk, /** @type {BufferEncoding | undefined} */ encoding) {
    if (chunk === null) return super.push(chunk, encoding);
    this.#bytes += chunk.length;
    if (this.#bytes <= mostBodyBytes) return super.push(chunk, encoding);
    this.onTooLarge();
    return false;
  }
}

/** Answers a request whose body grows too large, and hangs up: what still comes is not read. */
export function boundBody(
  /** @type {BoundedMessage} */ request,
  /** @type {import("node:http").ServerResponse} */ response,
) {
  request.onTooLarge = () => {
    request.onTooLarge = () => undefined;
    const message = `The request is larger than ${mostBodyBytes} bytes. Nothing was read of it.`;
    const body = JSON.stringify({ type: "tooLarge", message, path: null, current: null, changed: null });
    if (!response.headersSent) {
      // not "connection: close": the connection would be torn down with the answer still on its way
      response.writeHead(413, { "content-type": "application/json", "cache-control": "no-store" });
      response.end(body);
    }
    // time for the answer to be read: what hangs up while more comes in tears the answer away with it
    setTimeout(() => request.destroy(), lingerMs);
  };
}
