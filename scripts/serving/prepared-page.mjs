import { randomUUID } from "node:crypto";
import { constants, crc32, deflateRawSync } from "node:zlib";

/** @typedef {{ readonly plain: Buffer, readonly packed: Buffer }} Piece as it is, and packed so that more may follow it */

/** A page that was made once, and is told again with an id and a nonce of its own each time. */
export class PreparedPage {
  #id;
  #nonce;
  #headers;
  /** @type {readonly (Piece | "id" | "nonce")[]} */ #pieces;

  /**
   * @param {string} html
   * @param {string} id of the plan it was made for
   * @param {string} nonce it was made with
   * @param {readonly (readonly [name: string, value: string])[]} headers
   */
  constructor(html, id, nonce, headers) {
    this.#id = id;
    this.#nonce = nonce;
    this.#headers = headers;
    this.#pieces = html
      .split(nonce)
      .flatMap((outer, n) => [
        ...(n === 0 ? [] : [/** @type {const} */ ("nonce")]),
        ...outer.split(id).flatMap((text, k) => [...(k === 0 ? [] : [/** @type {const} */ ("id")]), pieceOf(text)]),
      ]);
  }

  /** @param {import("node:http").IncomingMessage} request @param {import("node:http").ServerResponse} response @param {string} id */
  answer(request, response, id) {
    // as the application makes them
    const nonce = btoa(randomUUID());
    const filled = { id: wordOf(id), nonce: wordOf(nonce) };
    const pieces = this.#pieces.map((piece) => (typeof piece === "string" ? filled[piece] : piece));
    const isPacked = /\bgzip\b/.test(String(request.headers["accept-encoding"] ?? ""));
    const body = isPacked ? gzipOf(pieces) : Buffer.concat(pieces.map(({ plain }) => plain));
    for (const [name, value] of this.#headers)
      response.setHeader(name, value.replaceAll(this.#nonce, nonce).replaceAll(this.#id, id));
    response.setHeader("vary", "accept-encoding, cookie");
    if (isPacked) response.setHeader("content-encoding", "gzip");
    response.setHeader("content-length", body.length);
    response.writeHead(200);
    response.end(body);
  }
}

/** Hears what is answered while it is answered; null: it is no page to keep. */
export function captured(
  /** @type {import("node:http").ServerResponse} */ response,
  /** @type {string} */ id,
  /** @type {(page: PreparedPage | null) => void} */ done,
) {
  /** @type {Buffer[]} */
  const chunks = [];
  const { write, end } = response;
  const heard = (/** @type {unknown} */ chunk, /** @type {unknown} */ encoding) => {
    if (typeof chunk === "string")
      chunks.push(Buffer.from(chunk, /** @type {BufferEncoding} */ (typeof encoding === "string" ? encoding : "utf8")));
    else if (chunk instanceof Uint8Array) chunks.push(Buffer.from(chunk));
  };
  /** @type {any} */ (response).write = (/** @type {any[]} */ ...said) => {
    heard(said[0], said[1]);
    return /** @type {any} */ (write).apply(response, said);
  };
  /** @type {any} */ (response).end = (/** @type {any[]} */ ...said) => {
    heard(said[0], said[1]);
    return /** @type {any} */ (end).apply(response, said);
  };
  // one that was broken off is not whole
  response.once("close", () =>
    done(response.writableFinished ? pageOf(response, Buffer.concat(chunks).toString("utf8"), id) : null),
  );
}

/** Headers that are of one answer alone. */
const ownHeaders = ["content-length", "transfer-encoding", "date"];

/** @param {import("node:http").ServerResponse} response @param {string} html @param {string} id @returns {PreparedPage | null} */
function pageOf(response, html, id) {
  const nonce = /'nonce-([^']+)'/.exec(String(response.getHeader("content-security-policy") ?? ""))?.[1];
  const isWhole = response.statusCode === 200 && html.trimEnd().endsWith("</html>");
  if (nonce === undefined || !isWhole) return null;
  const headers = Object.entries(response.getHeaders()).flatMap(([name, value]) =>
    value === undefined || ownHeaders.includes(name) ? [] : [/** @type {const} */ ([name, String(value)])],
  );
  return new PreparedPage(html, id, nonce, headers);
}

/** @param {string} text @returns {Piece} */
function pieceOf(text) {
  const plain = Buffer.from(text);
  // ended at a whole byte, and not for good
  return { plain, packed: deflateRawSync(plain, { finishFlush: constants.Z_FULL_FLUSH }) };
}

/** A short text as a block that is not packed (RFC 1951, 3.2.4). @param {string} text @returns {Piece} */
function wordOf(text) {
  const plain = Buffer.from(text);
  const head = Buffer.alloc(5);
  head.writeUInt16LE(plain.length, 1);
  head.writeUInt16LE(~plain.length & 0xffff, 3);
  return { plain, packed: Buffer.concat([head, plain]) };
}

const gzipHead = Buffer.from([0x1f, 0x8b, 8, 0, 0, 0, 0, 0, 0, 255]);
/** The last block of a packed text, with nothing in it. */
const lastBlock = Buffer.from([1, 0, 0, 0xff, 0xff]);

/** Pieces one after the other as a gzip file (RFC 1952), not packed anew. @param {readonly Piece[]} pieces */
function gzipOf(pieces) {
  let [sum, length] = [0, 0];
  for (const { plain } of pieces) {
    sum = crc32(plain, sum);
    length += plain.length;
  }
  const tail = Buffer.alloc(8);
  tail.writeUInt32LE(sum, 0);
  tail.writeUInt32LE(length >>> 0, 4);
  return Buffer.concat([gzipHead, ...pieces.map(({ packed }) => packed), lastBlock, tail]);
}
