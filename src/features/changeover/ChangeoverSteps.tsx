"use client";

import { type Plan, positionIn } from "@/core/plan";
import { type Assessment } from "@/core/assessment";
import { changeover } from "@/core/engine/array";
import { LevelMark, sheetStyle, useUnits } from "@/ui";
import { dangerWords, misplugWords, stepWords } from "@/messages/en";
import { changeoverTexts } from "@/messages/en/changeover/view";
import { type InPosition, type JudgedMisplug, standKey } from "./useComparison";
import { positionedName } from "./names";
import style from "./changeover.module.css";

type Props = {
  readonly plan: Plan;
  readonly from: InPosition;
  readonly to: InPosition;
  readonly verdicts: ReadonlyMap<string, Assessment>;
  readonly misplugs: readonly JudgedMisplug[];
};

/** What to do with isolator, plugs and panels, in order, and what to beware of on the way. */
export function ChangeoverSteps({ plan, from, to, verdicts, misplugs }: Props) {
  const system = useUnits();
  const position = ({ positionId }: InPosition) => positionIn(plan, positionId);
  const steps = changeover(from.wiring.portArrays, to.wiring.portArrays, position(from), position(to));
  const harmful = misplugs.filter(({ dangerous }) => dangerous).map((misplug) => misplugWords(plan, misplug, system));
  const cautions = dangerWords(
    [verdicts.get(standKey(from)), verdicts.get(standKey(to))],
    positionedName(plan, to),
    steps,
  );
  const dangers = [
    ...[...new Set(harmful)].map((words) => ({ level: "stop" as const, words })),
    ...cautions.map((words) => ({ level: "care" as const, words })),
  ];
  return (
    <>
      {to.wiring.note !== "" && <p>{to.wiring.note}</p>}
      {dangers.length > 0 && (
        <ul aria-label={changeoverTexts.dangers} className={style["beware"]}>
          {dangers.map(({ level, words }) => (
            <li key={words}>
              <LevelMark level={level} size={16} /> <span>{words}</span>
            </li>
          ))}
        </ul>
      )}
      {steps.length === 0 ? (
        <p>{changeoverTexts.nothingMoves}</p>
      ) : (
        <ol className={sheetStyle["steps"]}>
          {steps.map((step) => {
            const words = stepWords(plan, step);
            return <li key={words}>{words}</li>;
          })}
        </ol>
      )}
    </>
  );
}
