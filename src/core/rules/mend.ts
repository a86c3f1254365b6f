import { buildContext, type ContextParts, type RuleContext } from "./context";
import { type Finding, type Level, levels, type Mend, type RuleId, worstLevel } from "./finding";
import { judgeAll } from "./rules";

/** How many panels more than there are now a mend may ask for. */
const extraPanels = 3;
const mostTried = 120;
/** Wirings whose noon watts differ by less than this share count as equal. */
const sameWatts = 0.01;

type Judged = Omit<Finding, "mend">;
type Tried = { readonly mend: Mend; readonly findings: readonly Judged[]; readonly noonW: number };

/**
 * For each rule that does not pass, the wiring of the same panels that makes it pass with the least
 * upset: no new Stop anywhere, no panel to buy if possible, then most watts at noon. Found by trying every
 * wiring of as many panels, so a mend shown is one that was seen to work.
 */
export function findMends(context: RuleContext, findings: readonly Judged[]): ReadonlyMap<RuleId, Mend> {
  const failing = findings.filter(({ level }) => !passes(level) && level !== "open");
  const mends = new Map<RuleId, Mend>();
  if (failing.length === 0) return mends;
  const tried = wirings(context).map((mend) => tryOut(context, mend));
  for (const { rule } of failing) {
    const nowW = context.skies.brightNoon.operating?.p ?? 0;
    const working = tried.filter(
      (candidate) => passes(levelOf(candidate.findings, rule)) && !addsStop(findings, candidate.findings) && !(isCost(rule, findings) && candidate.noonW < nowW),
    );
    const best = working.sort((a, b) => compare(context, a, b))[0];
    if (best !== undefined) mends.set(rule, best.mend);
  }
  return mends;
}

/** A rule passes when it is good or has only a remark. */
export function passes(level: Level): boolean {
  return level === "good" || level === "note";
}

/** Clipping is a cost, not a danger: leaving panels off to be rid of it would only make it worse. */
function isCost(rule: RuleId, findings: readonly Judged[]): boolean {
  return (rule === "current" || rule === "watts") && levelOf(findings, rule) !== "stop";
}

function tryOut(context: RuleContext, mend: Mend): Tried {
  const parts: ContextParts = { ...context, series: mend.series, strings: mend.strings };
  const candidate = buildContext(parts);
  return { mend, findings: judgeAll(candidate), noonW: candidate.skies.brightNoon.operating?.p ?? 0 };
}

function wirings({ series, strings }: RuleContext): Mend[] {
  const now = series * strings;
  const found: Mend[] = [];
  for (let s = 1; s <= now + extraPanels; s++) {
    for (let p = 1; s * p <= now + extraPanels; p++) {
      if (s * p <= now || p === strings) found.push({ type: "rewire", series: s, strings: p });
    }
  }
  const others = found.filter((mend) => mend.series !== series || mend.strings !== strings);
  return others.sort((a, b) => Math.abs(a.series * a.strings - now) - Math.abs(b.series * b.strings - now)).slice(0, mostTried);
}

/** Fewest Stops, then no panel to buy, then most watts at noon, then the mildest remarks and the smallest change. */
function compare({ series, strings }: RuleContext, a: Tried, b: Tried): number {
  const stops = ({ findings }: Tried) => findings.filter(({ level }) => level === "stop").length;
  const bought = ({ mend }: Tried) => Math.max(0, mend.series * mend.strings - series * strings);
  const rank = (tried: Tried) => levels.indexOf(worstLevel(tried.findings));
  const wattsApart = b.noonW - a.noonW;
  return (
    stops(a) - stops(b) ||
    bought(a) - bought(b) ||
    (Math.abs(wattsApart) > sameWatts * Math.max(a.noonW, b.noonW) ? wattsApart : 0) ||
    rank(b) - rank(a) ||
    Math.abs(a.mend.series - series) - Math.abs(b.mend.series - series)
  );
}

function levelOf(findings: readonly Judged[], rule: RuleId): Level {
  return findings.find((finding) => finding.rule === rule)?.level ?? "good";
}

function addsStop(before: readonly Judged[], after: readonly Judged[]): boolean {
  return after.some(({ rule, level }) => level === "stop" && levelOf(before, rule) !== "stop");
}
