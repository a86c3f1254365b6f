import { closeSync, mkdtempSync, openSync, rmSync, writeSync } from "node:fs";
import os from "node:os";
import path from "node:path";

/**
 * Large bodies go to a file as they come, and the application is told where it lies: they take no memory, however many there are.
 * The file is its owner's alone, and goes with the answer.
 */
export class Spool {
  /** @type {string} */ #dir;
  /** @type {number | null} */ #handle;

  constructor() {
    this.#dir = mkdtempSync(path.join(os.tmpdir(), "golden-array-body-"));
    this.#handle = openSync(this.file, "wx", 0o600);
  }

  get file() {
    return path.join(this.#dir, "body");
  }

  /** Throws where the disk does not take it. */
  write(/** @type {Buffer} */ chunk) {
    if (this.#handle === null) return;
    for (let at = 0; at < chunk.length;) at += writeSync(this.#handle, chunk, at);
  }

  end() {
    if (this.#handle !== null) closeSync(this.#handle);
    this.#handle = null;
  }

  remove() {
    this.end();
    rmSync(this.#dir, { recursive: true, force: true });
  }
}
