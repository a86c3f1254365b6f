import { randomUUID } from "node:crypto";
import path from "node:path";
import { constants, crc32, deflateRawSync } from "node:zlib";
import { identityOf } from "./identity.mjs";

/**
 * The page of a plan is the same for all who open it, until the plan is saved anew: it is made once for each revision, and served
 * from memory with a nonce of its own each time. To make it takes a hundred milliseconds of the one thread that all wait for.
 */
/** Pages kept: of the plans that were opened last. */
const mostPages = 40;
const pagePath = /^\/plan\/([A-Za-z0-9-]{1,64})\/[a-z]{1,20}$/;
/** A request with one of these is the framework's own, for a part of a page. */
const partHeaders = ["rsc", "next-router-state-tree", "next-router-prefetch", "next-router-segment-prefetch", "range"];

/**
 * @typedef {{ readonly parts: readonly Part[], readonly policy: string, readonly nonce: string, readonly headers: readonly (readonly [string, string | string[]])[] }} Page
 *   its text between the places where its nonce stands
 * @typedef {{ readonly plain: Buffer, readonly packed: Buffer }} Part as it is, and packed so that more may follow it
 */

export class PageCache {
  #file;
  /** @type {import("better-sqlite3").Database | null} */ #db = null;
  /** @type {string | null} */ #identity = null;
  /** @type {Map<string, Page>} */ #pages = new Map();
  /** @type {Map<string, Promise<Page | null>>} */ #coming = new Map();

  /** @param {string} dataDir */
  constructor(dataDir) {
    this.#file = path.join(dataDir, "golden-array.db");
  }

  /**
   * Answers a request for the page of a plan: from memory where it is there, else by `make`, and keeps what came. False: it is
   * no such request, and nothing was done.
   * @param {import("node:http").IncomingMessage} request
   * @param {import("node:http").ServerResponse} response
   * @param {string} asker
   * @param {() => Promise<void>} make
   */
  async serve(request, response, asker, make) {
    const key = await this.#keyOf(request, asker);
    if (key === null) return false;
    const page = this.#pages.get(key) ?? (await this.#coming.get(key)) ?? null;
    if (page !== null) {
      // the last used stay longest
      this.#pages.delete(key);
      this.#keep(key, page);
      answer(page, request, response);
      return true;
    }
    /** @type {(page: Page | null) => void} */
    let came = () => undefined;
    if (!this.#coming.has(key)) this.#coming.set(key, new Promise((resolve) => (came = resolve)));
    request.headers["accept-encoding"] = "identity";
    captured(response, (made) => {
      if (made !== null) this.#keep(key, made);
      came(made);
      this.#coming.delete(key);
    });
    await make();
    return true;
  }

  close() {
    this.#db?.close();
    this.#db = null;
  }

  /** @param {string} key @param {Page} page */
  #keep(key, page) {
    this.#pages.set(key, page);
    const [oldest] = this.#pages.keys();
    if (this.#pages.size > mostPages && oldest !== undefined) this.#pages.delete(oldest);
  }

  /** What a page follows from: its address, the plan as it is saved, and how its reader likes to see it. Null: no such page. */
  async #keyOf(/** @type {import("node:http").IncomingMessage} */ request, /** @type {string} */ asker) {
    const id = request.method === "GET" ? pagePath.exec(request.url ?? "")?.[1] : undefined;
    if (id === undefined || partHeaders.some((name) => name in request.headers)) return null;
    try {
      const row = (await this.#opened()).prepare("select revision, digest from plan where id = ?").get(id);
      const { revision, digest } = /** @type {{ revision: number, digest: string }} */ (row ?? {});
      const liking = (request.headers.cookie ?? "").match(/golden-array-(?:light|units)=[a-z]{1,12}/g) ?? [];
      return row === undefined ? null : [request.url, revision, digest, asker, ...liking.sort()].join("|");
    } catch {
      // what is wrong with the disk is told by the application itself
      this.close();
      return null;
    }
  }

  async #opened() {
    const identity = identityOf(this.#file);
    if (this.#db !== null && identity === this.#identity) return this.#db;
    this.close();
    const { default: Database } = await import("better-sqlite3");
    this.#identity = identity;
    return (this.#db = new Database(this.#file, { readonly: true, fileMustExist: true, timeout: 50 }));
  }
}

/** Hears what is answered while it is answered; null: it is no page to keep. */
function captured(
  /** @type {import("node:http").ServerResponse} */ response,
  /** @type {(page: Page | null) => void} */ done,
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
  response.once("close", () => done(response.writableFinished ? pageOf(response, Buffer.concat(chunks)) : null));
}

/** @param {import("node:http").ServerResponse} response @param {Buffer} html @returns {Page | null} */
function pageOf(response, html) {
  const policy = String(response.getHeader("content-security-policy") ?? "");
  const nonce = /'nonce-([^']+)'/.exec(policy)?.[1];
  const isWhole = response.statusCode === 200 && html.subarray(-8).toString().trim().endsWith("</html>");
  if (nonce === undefined || !isWhole) return null;
  const headers = Object.entries(response.getHeaders()).flatMap(([name, value]) =>
    value === undefined || ["content-security-policy", "content-length", "transfer-encoding", "date"].includes(name)
      ? []
      : [/** @type {const} */ ([name, Array.isArray(value) ? value : String(value)])],
  );
  const parts = html
    .toString("utf8")
    .split(nonce)
    .map((part) => {
      const plain = Buffer.from(part);
      // ended at a whole byte, and not for good
      return { plain, packed: deflateRawSync(plain, { finishFlush: constants.Z_FULL_FLUSH }) };
    });
  return { parts, policy, nonce, headers };
}

/** @param {Page} page @param {import("node:http").IncomingMessage} request @param {import("node:http").ServerResponse} response */
function answer(page, request, response) {
  // as the application makes them
  const nonce = btoa(randomUUID());
  const isPacked = /\bgzip\b/.test(String(request.headers["accept-encoding"] ?? ""));
  const body = isPacked ? gzipOf(page.parts, Buffer.from(nonce)) : plainOf(page.parts, Buffer.from(nonce));
  for (const [name, value] of page.headers) response.setHeader(name, value);
  response.setHeader("content-security-policy", page.policy.replaceAll(page.nonce, nonce));
  response.setHeader("vary", "accept-encoding, cookie");
  if (isPacked) response.setHeader("content-encoding", "gzip");
  response.setHeader("content-length", body.length);
  response.writeHead(200);
  response.end(body);
}

/** @param {readonly Part[]} parts @param {Buffer} nonce */
function plainOf(parts, nonce) {
  return Buffer.concat(parts.flatMap(({ plain }, k) => (k === 0 ? [plain] : [nonce, plain])));
}

const gzipHead = Buffer.from([0x1f, 0x8b, 8, 0, 0, 0, 0, 0, 0, 255]);
/** The last block of a packed text, with nothing in it (RFC 1951, 3.2.4). */
const lastBlock = Buffer.from([1, 0, 0, 0xff, 0xff]);

/**
 * The same as a gzip file (RFC 1952), its parts packed once and for all; between them the nonce as blocks that are not packed.
 * @param {readonly Part[]} parts
 * @param {Buffer} nonce
 */
function gzipOf(parts, nonce) {
  const block = Buffer.alloc(5);
  block.writeUInt16LE(nonce.length, 1);
  block.writeUInt16LE(~nonce.length & 0xffff, 3);
  let [sum, length] = [0, 0];
  /** @type {Buffer[]} */
  const all = [gzipHead];
  for (const [k, { plain, packed }] of parts.entries()) {
    if (k > 0) {
      all.push(block, nonce);
      sum = crc32(nonce, sum);
      length += nonce.length;
    }
    all.push(packed);
    sum = crc32(plain, sum);
    length += plain.length;
  }
  const tail = Buffer.alloc(8);
  tail.writeUInt32LE(sum, 0);
  tail.writeUInt32LE(length >>> 0, 4);
  return Buffer.concat([...all, lastBlock, tail]);
}
