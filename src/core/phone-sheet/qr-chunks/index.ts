/** A text over as many codes to be photographed as it takes, in any order, told apart from codes of another text. */

const mark = "GA1";
/** What a camera still reads off a phone, bytes. */
export const maxCodeBytes = 2000;
const headBytes = 24;

/** Cuts an ASCII text into codes of at most 2000 bytes: `GA1:NUMBER/ALL:SUM:PART`. */
export function codesOf(text: string): readonly string[] {
  const each = maxCodeBytes - headBytes;
  const all = Math.max(1, Math.ceil(text.length / each));
  const sum = sumOf(text);
  return Array.from(
    { length: all },
    (_, k) => `${mark}:${k + 1}/${all}:${sum}:${text.slice(k * each, (k + 1) * each)}`,
  );
}

export type Joined =
  | { readonly type: "whole"; readonly text: string }
  | { readonly type: "missing"; readonly numbers: readonly number[]; readonly all: number }
  | { readonly type: "mixed" }
  | { readonly type: "none" };

/** Puts codes together again. What is no code of ours is left out; codes of two texts are not mixed. */
export function joinCodes(codes: readonly string[]): Joined {
  const parts = codes.flatMap((code) => {
    const found = /^GA1:(\d{1,3})\/(\d{1,3}):([0-9a-f]{8}):([^]*)$/.exec(code);
    return found === null
      ? []
      : [{ number: Number(found[1]), all: Number(found[2]), sum: found[3] ?? "", part: found[4] ?? "" }];
  });
  const [first] = parts;
  if (first === undefined) return { type: "none" };
  if (parts.some(({ all, sum }) => all !== first.all || sum !== first.sum)) return { type: "mixed" };
  const byNumber = new Map(parts.map(({ number, part }) => [number, part]));
  const numbers = Array.from({ length: first.all }, (_, k) => k + 1).filter((number) => !byNumber.has(number));
  if (numbers.length > 0) return { type: "missing", numbers, all: first.all };
  const text = Array.from({ length: first.all }, (_, k) => byNumber.get(k + 1)).join("");
  return sumOf(text) === first.sum ? { type: "whole", text } : { type: "mixed" };
}

/** FNV-1a over 32 bits: tells texts apart, and proves nothing. */
export function sumOf(text: string): string {
  let hash = 0x811c9dc5;
  for (let k = 0; k < text.length; k++) hash = Math.imul(hash ^ text.charCodeAt(k), 0x01000193) >>> 0;
  return hash.toString(16).padStart(8, "0");
}
