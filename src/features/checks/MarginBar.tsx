import { type Finding, ruleOf } from "@/core/assessment";
import { levelColour } from "@/ui";
import { percent } from "@/messages/en";
import { marginBarTexts } from "@/messages/en/checks/view";

const widthPx = 140;
const limitAtPx = 105;

/**
 * How far the number stands from its limit. The tall stroke is the limit. For a ceiling the bar comes
 * from the left and must not pass it; for a floor (running volts) it must reach past it.
 */
export function MarginBar({ finding }: { finding: Finding }) {
  const { marginPct, level, value, limit } = finding;
  if (marginPct === null || value === null || limit === null || limit.value <= 0) return null;
  const share = Math.min(widthPx / limitAtPx, value.value / limit.value);
  const room = `${percent(Math.abs(marginPct))} ${marginPct >= 0 ? roomWords(finding) : passedWords(finding)}`;
  return (
    <svg width={widthPx} height="26" viewBox={`0 0 ${widthPx} 26`} role="img" aria-label={room}>
      <rect x="0" y="15" width={widthPx} height="7" fill="none" stroke="var(--line-strong)" strokeWidth="1" />
      <rect x="0" y="15" width={share * limitAtPx} height="7" fill={levelColour(level)} />
      <path d={`M${limitAtPx} 11v15`} stroke="var(--ink)" strokeWidth="2" />
      <text x="0" y="10" fontSize="11" fill="var(--ink)">
        {room}
      </text>
    </svg>
  );
}

function roomWords({ sense }: Finding): string {
  return sense === "atLeast" ? marginBarTexts.aboveTheMinimum : "room";
}

/** Amps and watts that an input leaves alone do no harm: they are more than it takes, and over no limit. */
function passedWords({ sense, level, rule }: Finding): string {
  if (sense === "atLeast") return marginBarTexts.belowTheMinimum;
  const { edge } = ruleOf(rule).chart;
  return level !== "stop" && (edge === "amps" || edge === "watts")
    ? marginBarTexts.moreThanTheInputUses
    : marginBarTexts.aboveTheLimit;
}
