import path from "node:path";
import { identityOf } from "./identity.mjs";
import { captured } from "./prepared-page.mjs";

/**
 * The page of a plan holds no plan: it asks for it. So it is the same for all plans but for their id, is made once for each stop,
 * and served from memory with that id and a nonce of its own each time, while the one thread that all wait for does other things.
 */
/** Pages kept: every stop as it is liked to be seen. */
const maxPages = 200;
const pagePath = /^\/plan\/([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})\/([a-z]{1,20})$/;
/** A request with one of these is the framework's own, for a part of a page. */
const partHeaders = ["rsc", "next-router-state-tree", "next-router-prefetch", "next-router-segment-prefetch", "range"];

/** @typedef {import("./prepared-page.mjs").PreparedPage} PreparedPage */

export class PageCache {
  #file;
  /** @type {import("better-sqlite3").Database | null} */ #db = null;
  /** @type {import("better-sqlite3").Statement | null} */ #isPlan = null;
  /** @type {string | null} */ #identity = null;
  /** @type {Map<string, PreparedPage>} */ #pages = new Map();
  /** @type {Map<string, Promise<PreparedPage | null>>} */ #coming = new Map();

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
    const asked = await this.#asked(request, asker);
    if (asked === null) return false;
    const { id, key } = asked;
    const page = this.#pages.get(key) ?? (await this.#coming.get(key)) ?? null;
    if (page !== null) {
      // the last used stay longest
      this.#pages.delete(key);
      this.#keep(key, page);
      page.answer(request, response, id);
      return true;
    }
    /** @type {(page: PreparedPage | null) => void} */
    let came = () => undefined;
    if (!this.#coming.has(key)) this.#coming.set(key, new Promise((resolve) => (came = resolve)));
    request.headers["accept-encoding"] = "identity";
    captured(response, id, (made) => {
      if (made !== null) this.#keep(key, made);
      came(made);
      this.#coming.delete(key);
    });
    await make();
    return true;
  }

  close() {
    this.#db?.close();
    this.#db = this.#isPlan = null;
  }

  /** @param {string} key @param {PreparedPage} page */
  #keep(key, page) {
    this.#pages.set(key, page);
    const [oldest] = this.#pages.keys();
    if (this.#pages.size > maxPages && oldest !== undefined) this.#pages.delete(oldest);
  }

  /** Which plan's page, and what else it follows from: the stop, who asks, how they like to see it. Null: no such page. */
  async #asked(/** @type {import("node:http").IncomingMessage} */ request, /** @type {string} */ asker) {
    const [, id, stop] = (request.method === "GET" && pagePath.exec(request.url ?? "")) || [];
    if (id === undefined || partHeaders.some((name) => name in request.headers)) return null;
    try {
      if ((await this.#opened()).get(id) === undefined) return null;
    } catch {
      // what is wrong with the disk is told by the application itself
      this.close();
      return null;
    }
    const liking = (request.headers.cookie ?? "").match(/golden-array-(?:light|units)=[a-z]{1,12}/g) ?? [];
    return { id, key: [stop, asker, ...liking.sort()].join("|") };
  }

  async #opened() {
    const identity = identityOf(this.#file);
    if (this.#isPlan !== null && identity === this.#identity) return this.#isPlan;
    this.close();
    const { default: Database } = await import("better-sqlite3");
    this.#identity = identity;
    this.#db = new Database(this.#file, { readonly: true, fileMustExist: true, timeout: 50 });
    return (this.#isPlan = this.#db.prepare("select 1 from plan where id = ?"));
  }
}
