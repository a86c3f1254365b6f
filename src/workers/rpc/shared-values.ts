import { type SharedValue, type Request, protocolVersion } from "./protocol";

/** Things one worker keeps at most. An edit makes one or two new ones; a search or a year uses a few. */
const maxKept = 48;

/**
 * What one worker has been sent under keys. The page decides what is kept there, so that both always know the same: the
 * things used last, so many at most.
 */
export type SharedValueCache = {
  /** How a field of an input is said by keys; posts what the worker does not have yet. */
  readonly hold: (value: object) => SharedValue;
  /** Lets the worker drop what is too much; once the letter that uses it is posted. */
  readonly trim: () => void;
};

export function createSharedValueCache(post: (letter: Request) => void): SharedValueCache {
  // in the order they were last used
  const kept = new Map<object, number>();
  let last = 0;

  function keyFor(value: object): number {
    const known = kept.get(value);
    const key = known ?? (last += 1);
    // first sent, then known as sent: what cannot cross to another thread throws here
    if (known === undefined) post({ version: protocolVersion, type: "put", key, value });
    kept.delete(value);
    kept.set(value, key);
    return key;
  }

  return {
    hold: (value) => heldBy(value, keyFor),
    trim: () => {
      for (const [old, key] of kept) {
        if (kept.size <= maxKept) break;
        kept.delete(old);
        post({ version: protocolVersion, type: "drop", key });
      }
    },
  };
}

/** A document by its sections, each under a key of its own: an edit leaves most of them the objects they were. */
function heldBy(value: object, keyFor: (value: object) => number): SharedValue {
  if (Array.isArray(value) || Object.getPrototypeOf(value) !== Object.prototype)
    return { type: "whole", key: keyFor(value) };
  const keys: Record<string, number> = {};
  const rest: Record<string, unknown> = {};
  for (const [name, part] of Object.entries(value)) {
    if (typeof part === "object" && part !== null) keys[name] = keyFor(part as object);
    else rest[name] = part;
  }
  return { type: "parts", keys, rest };
}
