import { type Line } from "./plain";

/** A port as a text states it; what it does not say is null. */
export type PortRead = {
  readonly minV: number | null;
  readonly maxV: number | null;
  readonly currentLimits: readonly { readonly fromV: number; readonly toV: number; readonly amps: number }[];
  readonly maxW: number | null;
};
export type InputRead = {
  readonly name: string;
  readonly ports: readonly PortRead[];
  readonly from: Readonly<Record<string, string>>;
  readonly doubts: readonly { readonly field: string; readonly value: number; readonly why: string }[];
};

const number = "(\\d{1,4}(?:[.,]\\d{1,2})?)";
const range = new RegExp(`${number} ?V? ?(?:DC)? ?(?:-|to|bis|~|…|\\.\\.) ?${number} ?V(?:dc)?`, "gi");
const notSolar = /\bAC\b|USB|output|ausgang|car (?:charg|input)|adapter in/i;
const solar = /input|eingang|solar|\bpv\b|mppt|charg/i;

/** What a text states of inputs, a port for each line of ranges; empty where it states none. */
export function inputIn(name: string, lines: readonly Line[]): InputRead | null {
  const ports: PortRead[] = [];
  const from: Record<string, string> = {};
  let openV: number | null = null;
  for (const { words } of lines) {
    if (notSolar.test(words)) continue;
    const ceiling = new RegExp(
      `max(?:imum|\\.)?[^\\d]{0,30}(?:open[ -]?circuit|voc|uoc|pv|input|eingangs)[^\\d]{0,24}(?:voltage|spannung)[^\\d]{0,12}${number} ?V`,
      "i",
    ).exec(words);
    if (ceiling !== null && openV === null) {
      openV = valueOf(ceiling[1]);
      from["maxV"] = words;
    }
    const ranges = [...words.matchAll(range)];
    if (ranges.length === 0 || !(solar.test(words) || /\bA\b|\d ?A\b/.test(words))) continue;
    const limits = ranges.flatMap((match, k) => {
      const [fromV, toV] = [valueOf(match[1]), valueOf(match[2])];
      const rest = words.slice(match.index + match[0].length, ranges[k + 1]?.index ?? words.length);
      const amps = new RegExp(`^[^\\d]{0,16}${number} ?A(?:\\b|(?=max))`, "i").exec(rest);
      if (fromV === null || toV === null || !(toV > fromV) || toV > 1000) return [];
      return [{ fromV, toV, amps: amps === null ? null : valueOf(amps[1]) }];
    });
    if (limits.length === 0) continue;
    const watts = /(\d{2,5}(?:[.,]\d{3})?) ?W(?:att|p)?\b/i.exec(words);
    ports.push({
      minV: Math.min(...limits.map(({ fromV }) => fromV)),
      maxV: Math.max(...limits.map(({ toV }) => toV)),
      currentLimits: limits.flatMap(({ amps, ...of }) => (amps === null ? [] : [{ ...of, amps }])),
      maxW: watts === null ? null : valueOf(watts[1]),
    });
    from[`port ${ports.length}`] = words;
  }
  const [first, ...others] = ports;
  if (first === undefined && openV === null) return null;
  const doubts: { field: string; value: number; why: string }[] = [];
  const alone: PortRead = { minV: null, maxV: openV, currentLimits: [], maxW: null };
  if (first !== undefined && openV !== null && first.maxV !== null && openV !== first.maxV)
    doubts.push({ field: "maxV", value: openV, why: "two ceilings are stated" });
  return { name, ports: first === undefined ? [alone] : [first, ...others], from, doubts };
}

function valueOf(digits: string | undefined): number | null {
  if (digits === undefined) return null;
  const value = Number(digits.replace(",", "."));
  return Number.isFinite(value) ? value : null;
}
