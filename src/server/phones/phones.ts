import "server-only";
import { createHash, randomBytes, randomInt, timingSafeEqual } from "node:crypto";

/** A phone that was let in. */
export type Phone = {
  readonly id: string;
  readonly name: string;
  readonly pairedAtMs: number;
  readonly seenAtMs: number;
};
/** What is kept of it: of its key only a hash, so that what lies on disk lets nobody in. */
export type StoredPhone = Phone & { readonly keyHash: string };

/** Where paired phones are kept; `save` returns once they are on disk. */
export type PhoneStore = {
  readonly load: () => StoredPhone[];
  readonly save: (phones: readonly StoredPhone[]) => void;
};

export type PairingCode = { readonly digits: string; readonly untilMs: number };
export type Pairing =
  | { readonly type: "paired"; readonly key: string }
  | { readonly type: "refused"; readonly why: "noCode" | "wrong"; readonly triesLeft: number };

/** How long a code is good, ms, and for how many wrong tries. */
export const codeMs = 120_000;
export const maxTries = 5;
const codeDigits = 8;
/** Phones that may be paired at once; the one seen least lately goes. */
const maxPhones = 20;
/** A phone is noted as seen at most this often, ms. */
const seenStepMs = 60_000;

/**
 * Which phones may use this server. One code is good for one phone, for two minutes or five wrong tries, whichever ends
 * first, and a new one is made by hand on the computer only: so guessing gets nowhere, however long it goes on.
 */
export class Phones {
  #phones: StoredPhone[];
  #code: (PairingCode & { triesLeft: number }) | null = null;

  constructor(
    private readonly store: PhoneStore,
    private readonly nowMs: () => number,
  ) {
    this.#phones = store.load();
  }

  /** A new code; an older one is void. */
  makeCode(): PairingCode {
    const digits = String(randomInt(10 ** codeDigits)).padStart(codeDigits, "0");
    this.#code = { digits, untilMs: this.nowMs() + codeMs, triesLeft: maxTries };
    return { digits, untilMs: this.#code.untilMs };
  }

  /** Until when a code lets a phone in, or null. */
  codeUntilMs(): number | null {
    return this.#goodCode()?.untilMs ?? null;
  }

  /** Lets a phone in that knows the code. What is typed may hold spaces. */
  pair(typed: string, name: string): Pairing {
    const code = this.#goodCode();
    if (code === null) return { type: "refused", why: "noCode", triesLeft: 0 };
    if (!same(hashOf(typed.replace(/\s/g, "")), hashOf(code.digits))) {
      code.triesLeft -= 1;
      return { type: "refused", why: "wrong", triesLeft: code.triesLeft };
    }
    this.#code = null;
    const key = randomBytes(32).toString("base64url");
    const now = this.nowMs();
    const phone = { id: randomBytes(8).toString("hex"), name, pairedAtMs: now, seenAtMs: now, keyHash: hashOf(key) };
    const newest = [...this.#phones].sort((a, b) => b.seenAtMs - a.seenAtMs).slice(0, maxPhones - 1);
    this.#keep([...newest, phone]);
    return { type: "paired", key };
  }

  /** Whether a key was given to a phone that is still let in. */
  knows(key: string): boolean {
    const hash = hashOf(key);
    const phone = this.#phones.find(({ keyHash }) => same(keyHash, hash));
    if (phone === undefined) return false;
    const now = this.nowMs();
    if (now - phone.seenAtMs >= seenStepMs)
      this.#phones = this.#phones.map((each) => (each === phone ? { ...phone, seenAtMs: now } : each));
    return true;
  }

  list(): Phone[] {
    return this.#phones.map(({ id, name, pairedAtMs, seenAtMs }) => ({ id, name, pairedAtMs, seenAtMs }));
  }

  /** Shuts a phone out from its next request on; false where there is none of this id. */
  revoke(id: string): boolean {
    const left = this.#phones.filter((phone) => phone.id !== id);
    if (left.length === this.#phones.length) return false;
    this.#keep(left);
    return true;
  }

  /** On disk before it counts. */
  #keep(phones: StoredPhone[]): void {
    this.store.save(phones);
    this.#phones = phones;
  }

  #goodCode() {
    if (this.#code !== null && (this.#code.triesLeft <= 0 || this.nowMs() >= this.#code.untilMs)) this.#code = null;
    return this.#code;
  }
}

function hashOf(text: string): string {
  return createHash("sha256").update(text).digest("hex");
}

/** Compares hashes of one length in a time that tells nothing of where they part. */
function same(a: string, b: string): boolean {
  return timingSafeEqual(Buffer.from(a), Buffer.from(b));
}
