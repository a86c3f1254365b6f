"use client";

import { type WalkStep } from "@/core/commissioning";
import { usePlan } from "@/features/plan-session";
import { LevelMark } from "@/ui";
import { quantityWords, readAmount, readPlaceName } from "@/messages/en";
import style from "./prove.module.css";
import { levelOf } from "./MeasurementResult";
import { stepListTexts } from "@/messages/en/commissioning/view";

const phases: readonly { readonly phase: WalkStep["phase"]; readonly name: string }[] = [
  { phase: "panels", name: stepListTexts.eachPanelAlone },
  { phase: "strings", name: stepListTexts.eachStringAlone },
  { phase: "array", name: stepListTexts.wholeArrayNotPluggedIn },
  { phase: "running", name: stepListTexts.pluggedInAfterHalfAMinute },
];

type Props = {
  readonly steps: readonly WalkStep[];
  /** Whether what is read while it runs may not be taken yet. */ readonly isLocked: boolean;
  readonly currentKey: string | null;
  readonly onChoose: (key: string) => void;
};

/** The whole walk: what was read and what is still to be. */
export function StepList({ steps, isLocked, currentKey, onChoose }: Props) {
  const plan = usePlan();
  return phases.map(({ phase, name }) => {
    const of = steps.filter((step) => step.phase === phase);
    return of.length === 0 ? null : (
      <section key={phase} aria-label={name}>
        <h3 className={style["phase"]}>{name}</h3>
        {isLocked && phase === "running" && (
          <p className={style["locked"]}>{stepListTexts.lockedUntilTheWholeArrayHasBeen}</p>
        )}
        <ol className={style["steps"]}>
          {of.map(({ key, place, quantity, read, outcome, band }) => (
            <li key={key}>
              <button
                type="button"
                aria-current={key === currentKey ? "step" : undefined}
                disabled={isLocked && phase === "running"}
                onClick={() => onChoose(key)}
              >
                <span>{read === null ? "○" : <LevelMark level={levelOf(outcome)} size={16} decorative={false} />}</span>
                <span>
                  {readPlaceName(plan, place)}, {quantityWords[quantity]}
                </span>
                <span className={style["figure2"]}>
                  {read !== null
                    ? readAmount(read.value, quantity)
                    : band === null
                      ? ""
                      : stepListTexts.expectedRange(readAmount(band.due, quantity))}
                </span>
              </button>
            </li>
          ))}
        </ol>
      </section>
    );
  });
}
