import { type Shape } from "./points";

/** A number after several looks at it. */
export type Settled = {
  /** As it is taken to be. */ readonly text: string;
  /** What else it may be, by what one look or another saw; likelier first. */ readonly others: readonly string[];
  /** Which of its characters the looks do not agree on; empty: they all do. */ readonly unsure: readonly number[];
};

type Look = { readonly digits: string; readonly point: number | null };

/**
 * What a number is after looks of several kinds: in its line, alone, alone by another engine, and its points by their shape.
 * Readers of words lose points far more often than they make them up; the shape of the ink does not. `isBeset`: a letter that is no unit touches it.
 */
export function settled(first: string, alone: readonly string[], shape: Shape | null, isBeset = false): Settled {
  const sign = /^[-+]/.exec(first)?.[0] ?? "";
  const own = lookOf(first);
  const seen = alone.map(lookOf).filter(({ digits }) => digits !== "");
  // the stroke of a unit beside it is taken for one more digit now and then
  const others = seen.map((look) =>
    look.digits.length === own.digits.length + 1 &&
    look.digits.startsWith(own.digits) &&
    !seen.every((each) => each.digits === look.digits)
      ? { ...look, digits: own.digits, point: look.point === own.digits.length ? null : look.point }
      : look,
  );
  const agree = (digits: string) => others.filter((look) => look.digits === digits).length;
  const second = others.find(
    ({ digits }) =>
      digits !== own.digits && agree(digits) >= 2 && !digits.includes(own.digits) && !own.digits.includes(digits),
  );
  const digits = agree(own.digits) === 0 && second !== undefined ? second.digits : own.digits;
  const points = pointVotes(digits, [own, ...others], shape);
  const [best] = points;
  const text = sign + withPoint(digits, best?.at ?? null);
  const variants = [own, ...others].flatMap((look) => [
    ...points.map(({ at }) => withPoint(look.digits, at !== null && at < look.digits.length ? at : null)),
    withPoint(look.digits, look.point),
  ]);
  const unsure = new Set<number>();
  const shown = sign.length;
  for (const look of others)
    if (look.digits !== digits) for (const at of differing(digits, look.digits)) unsure.add(at);
  if (own.digits !== digits) for (const at of differing(digits, own.digits)) unsure.add(at);
  if (isBeset) for (let k = 0; k < digits.length; k++) unsure.add(k);
  const isPointSure = points.length <= 1;
  const positions = [...unsure].map(
    (at) => shown + at + (best?.at !== null && best?.at !== undefined && at >= best.at ? 1 : 0),
  );
  if (!isPointSure) positions.push(best?.at === null || best?.at === undefined ? text.length - 1 : shown + best.at);
  return {
    text,
    others: [...new Set(variants.map((each) => sign + each))].filter((each) => each !== text && each !== sign),
    unsure: [...new Set(positions)].sort((a, b) => a - b),
  };
}

/** Where a point may stand, by votes; first where it most likely does. */
function pointVotes(
  digits: string,
  looks: readonly Look[],
  shape: Shape | null,
): { readonly at: number | null; readonly votes: number }[] {
  const votes = new Map<number | null, number>();
  const vote = (at: number | null, by: number) => votes.set(at, (votes.get(at) ?? 0) + by);
  // a look that saw no point says less than one that saw it
  for (const look of looks) if (look.digits === digits) vote(look.point, look.point === null ? 0.7 : 1);
  const isSeen = shape !== null && shape.digits === digits.length;
  if (isSeen) {
    if (shape.points.length === 0) vote(null, 1.5);
    for (const at of shape.points) vote(at, 1.5);
  } else if (votes.size === 0) vote(null, 0);
  const all = [...votes].map(([at, by]) => ({ at, votes: by })).sort((a, b) => b.votes - a.votes);
  // that some look lost a point which the others and the shape saw is no doubt
  const isClear = isSeen && (all[0]?.votes ?? 0) >= 2.5;
  return all.filter(({ at, votes: by }, k) => k === 0 || (by > 0 && !(isClear && at === null)));
}

function lookOf(text: string): Look {
  const plain = text.replace(/[^\d.,]/g, "");
  const digits = plain.replace(/\D/g, "");
  const at = Math.max(plain.lastIndexOf("."), plain.lastIndexOf(","));
  const before = plain.slice(0, Math.max(0, at)).replace(/\D/g, "").length;
  return { digits, point: before === 0 || before === digits.length ? null : before };
}

function withPoint(digits: string, at: number | null): string {
  return at === null || at <= 0 || at >= digits.length ? digits : `${digits.slice(0, at)}.${digits.slice(at)}`;
}

/** Which digits of one string the other does not have at the same place; all, where their numbers differ. */
function differing(digits: string, other: string): number[] {
  const all = [...digits];
  return digits.length === other.length ? all.flatMap((c, k) => (c === other[k] ? [] : [k])) : all.map((_, k) => k);
}

/**
 * Numbers of one sticker together: where looks differ twice on whether a sign is a nought, its noughts have a stroke through
 * them, and every six, eight and nine on it may be one, whatever the looks say.
 */
export function withStrokes(all: readonly Settled[]): readonly Settled[] {
  const torn = all.filter(({ text, others }) => others.some((other) => isTornOverNought(text, other))).length;
  if (torn < 2) return all;
  return all.map((each) => {
    const at = [...each.text].flatMap((c, k) => (/[689]/.test(c) ? [k] : []));
    if (at.length === 0) return each;
    const noughts = at.map((k) => `${each.text.slice(0, k)}0${each.text.slice(k + 1)}`);
    return {
      ...each,
      others: [...new Set([...each.others, ...noughts])].filter((other) => other !== each.text),
      unsure: [...new Set([...each.unsure, ...at])].sort((a, b) => a - b),
    };
  });
}

function isTornOverNought(one: string, other: string): boolean {
  return (
    one.length === other.length &&
    [...one].some((c, k) => {
      const pair = c + (other[k] ?? "");
      return /^(?:0[689]|[689]0)$/.test(pair);
    })
  );
}
