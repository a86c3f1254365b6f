import { type Random } from "@/core/engine/random";

const hostile: readonly [unknown, ...unknown[]] = [
  null,
  true,
  "",
  0,
  -1,
  0.1,
  1e9,
  -1e300,
  1.7976931348623157e308,
  "x".repeat(3000),
  "\u0000\u202e\ud800",
  "__proto__",
  "=cmd|' /C calc'!A0",
  [],
  {},
  [[[[[]]]]],
  { constructor: { prototype: { polluted: true } } },
];

/** A document with one to a few things in it changed, some of them to what nobody expects. */
export function mutated(document: unknown, roll: Random): unknown {
  let copy = structuredClone(document);
  for (let k = roll.whole(1, 4); k > 0; k--) copy = mutateOnce(copy, roll);
  return copy;
}

/** The same as text: now and then cut off, doubled, or with a letter of it exchanged. */
export function mutatedText(document: unknown, roll: Random): string {
  const text = JSON.stringify(mutated(document, roll));
  const at = roll.whole(0, text.length);
  switch (roll.pick(["whole", "whole", "whole", "cut", "twice", "letter", "nest"])) {
    case "cut":
      return text.slice(0, at);
    case "twice":
      return text + text.slice(at);
    case "letter":
      return text.slice(0, at) + String.fromCharCode(roll.whole(1, 300)) + text.slice(at + 1);
    case "nest": {
      const deep = roll.whole(10, 3000);
      return text.slice(0, at) + "[".repeat(deep) + "]".repeat(deep) + text.slice(at);
    }
    default:
      return text;
  }
}

/** A copy: what is put in may be changed in its turn. */
const odd = (roll: Random): unknown => structuredClone(roll.pick(hostile));

function mutateOnce(value: unknown, roll: Random): unknown {
  if (typeof value !== "object" || value === null) return odd(roll);
  const keys = Object.keys(value);
  const [first, ...others] = keys;
  if (first === undefined) return odd(roll);
  const key = roll.pick([first, ...others]);
  const holder = value as Record<string, unknown>;
  // deep down oftener than here
  if (roll.chance(0.75) && typeof holder[key] === "object" && holder[key] !== null) {
    holder[key] = mutateOnce(holder[key], roll);
    return value;
  }
  switch (roll.pick(["replace", "replace", "drop", "repeat", "move", "odd"])) {
    case "replace":
      holder[key] = odd(roll);
      return value;
    case "drop":
      if (Array.isArray(value)) value.splice(Number(key), 1);
      else Reflect.deleteProperty(value, key);
      return value;
    case "repeat":
      if (Array.isArray(value)) for (let k = roll.whole(1, 60); k > 0; k--) value.push(structuredClone(value[0]));
      return value;
    case "move":
      holder[key] = structuredClone(holder[roll.pick([first, ...others])]);
      return value;
    default:
      holder[roll.pick(["__proto__x", "extra", "a b", "ключ"])] = odd(roll);
      return value;
  }
}
