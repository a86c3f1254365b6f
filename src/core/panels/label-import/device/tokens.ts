import { figuresIn, type Figure } from "../number";

/** A number of volts, amps or watts in a text, a range of volts, or some of them side by side ("12/24 V"). */
export type Token = {
  readonly kind: "range" | "volts" | "amps" | "watts";
  /** Two for a range, one for each of a list. */ readonly values: readonly number[];
  /** Of the mains. */ readonly isAc: boolean;
  readonly at: number;
  readonly end: number;
};

const units = [
  ["volts", /^ {0,2}(?:V(?:olts?)?|Vdc|V_dc)(?![a-z]) ?(?:DC\b ?)*/i],
  ["amps", /^ {0,2}(?:A(?:mps?|mpere|dc)?)(?![a-z])/i],
  ["watts", /^ {0,2}(k?W(?:atts?|p)?)(?![a-z])/i],
] as const;
const between =
  /^ ?(?:V(?:olts?|dc)?)? ?(?:DC)? ?(?:[-~…]|\.{2,3}|to|bis|à|a|up to|hasta|tot|(?:and|und|et|y|en)) ?(?:DC ?)?$/i;
/** "And" joins a range only after "between": "12 and 24 V" names two batteries. */
const isBoth = /\b(?:and|und|et|y|en)\b/i;
const opensBoth = /\b(?:between|zwischen|entre|tussen) ?(?:DC ?)?$/i;
const mains = /^ ?(?:~(?! ?\d)|AC\b|V?AC\b)|^[^,;()]{0,12}\b(?:[56]0 ?\/? ?(?:[56]0)? ?Hz|split|phase)/i;

type Measured = {
  readonly figure: Figure;
  readonly kind: Token["kind"] | null;
  readonly value: number;
  readonly end: number;
};

/** Volts, amps and watts of a text in order; numbers without such a unit are left out. */
export function tokensIn(text: string): Token[] {
  const figures = figuresIn(text).flatMap((figure): Measured[] => {
    for (const [kind, unit] of units) {
      const match = unit.exec(text.slice(figure.end));
      if (match === null) continue;
      const [first = NaN] = figure.values;
      const kilo = /^k/i.test(match[1] ?? "") ? 1000 : 1;
      const value = kind === "watts" && kilo === 1 ? first : (figure.values.at(-1) ?? first);
      return [{ figure, kind, value: Math.abs(value) * kilo, end: figure.end + match[0].trimEnd().length }];
    }
    const [value = NaN] = figure.values;
    return [{ figure, kind: null, value: Math.abs(value), end: figure.end }];
  });
  const tokens: Token[] = [];
  for (let k = 0; k < figures.length; k++) {
    const first = figures[k];
    const next = figures[k + 1];
    if (first === undefined) continue;
    const kind = first.kind ?? "volts";
    const gap = next === undefined ? "" : gapOf(text, first, next);
    const isRange =
      between.test(gap) &&
      (!isBoth.test(gap) || opensBoth.test(text.slice(0, first.figure.at))) &&
      !isInChain(text, figures, k);
    if (next?.kind === "volts" && (first.kind ?? "volts") === "volts" && isRange) {
      if (next.value > first.value)
        tokens.push({ kind: "range", values: [first.value, next.value], ...placed(text, first, next) });
      k += 1;
      continue;
    }
    const list = listFrom(text, figures, k);
    const last = list.at(-1);
    if (last !== undefined && list.length > 1 && last.kind !== null) {
      tokens.push({ kind: last.kind, values: list.map(({ value }) => value), ...placed(text, first, last) });
      k += list.length - 1;
    } else if (first.kind !== null) tokens.push({ kind, values: [first.value], ...placed(text, first, first) });
  }
  return tokens;
}

/** What stands between two numbers, the sign of the second with it: "11 - 32 V" is a range. */
function gapOf(text: string, first: Measured, next: Measured): string {
  const sign = /^[-+]/.exec(next.figure.words)?.[0] ?? "";
  return text.slice(first.figure.end, next.figure.at) + sign;
}

/** Three numbers joined by dashes name a series of batteries, no range. */
function isInChain(text: string, figures: readonly Measured[], k: number): boolean {
  const [before, first, next, after] = [figures[k - 1], figures[k], figures[k + 1], figures[k + 2]];
  const joins = (one: Measured | undefined, other: Measured | undefined) =>
    one !== undefined && other !== undefined && /^ ?V? ?- ?$/i.test(gapOf(text, one, other));
  return joins(first, next) && (joins(before, first) || (after?.kind === "volts" && joins(next, after)));
}

/** Numbers of one unit side by side: "12/24 V", "260 W / 520 W". */
function listFrom(text: string, figures: readonly Measured[], k: number): readonly Measured[] {
  const list: Measured[] = [];
  for (let n = k; n < figures.length; n++) {
    const [last, next] = [list.at(-1), figures[n]];
    if (next === undefined) break;
    if (last !== undefined && !/^ ?\/ ?$/.test(text.slice(last.end, next.figure.at))) break;
    if (last?.kind !== undefined && last.kind !== null && next.kind !== last.kind) break;
    list.push(next);
  }
  const kind = list.at(-1)?.kind;
  return list.every((each) => each.kind === null || each.kind === kind) ? list : [];
}

function placed(text: string, first: Measured, last: Measured): Pick<Token, "at" | "end" | "isAc"> {
  return { at: first.figure.at, end: last.end, isAc: mains.test(text.slice(last.end)) };
}
