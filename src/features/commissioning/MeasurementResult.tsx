"use client";

import { type Outcome, type WalkStep } from "@/core/commissioning";
import { usePlan } from "@/features/plan-session";
import { LevelMark, type MarkLevel, TextButton } from "@/ui";
import { outcomeSentence, quantityWords, readPlaceName } from "@/messages/en";
import style from "./prove.module.css";
import { measurementResultTexts } from "@/messages/en/commissioning/view";

type Props = {
  readonly step: WalkStep;
  /** The reading that would narrow it down most; null: none. */ readonly nextKey: string | null;
  readonly steps: readonly WalkStep[];
  readonly onGo: (key: string) => void;
};

export function levelOf(outcome: Outcome | null): MarkLevel {
  switch (outcome?.type) {
    case undefined:
      return "note";
    case "fine":
      return "good";
    case "overCeiling":
    case "minus":
      return "stop";
    default:
      return "care";
  }
}

/** What the last reading says, at once; and where it differs, the next thing to read. */
export function MeasurementResult({ step, nextKey, steps, onGo }: Props) {
  const plan = usePlan();
  const { read, outcome, quantity, place } = step;
  if (read === null) return null;
  const name = `${readPlaceName(plan, place)}, ${quantityWords[quantity]}`;
  const next = steps.find(({ key, read: was }) => key === nextKey && was === null) ?? null;
  const isFine = outcome === null || outcome.type === "fine";
  return (
    <div className={style["told"]} role="status" data-level={levelOf(outcome)}>
      <LevelMark level={levelOf(outcome)} size={22} decorative={false} />
      <p>
        {outcome === null
          ? measurementResultTexts.nameSaved(name)
          : outcomeSentence(outcome, name, quantity, read.value, read.due ?? step.band)}
      </p>
      <div className={style["next"]}>
        {!isFine && (
          <TextButton
            look="amber"
            // what was read stays until the same is read again: a minus sign is not cleared by a press
            onClick={() => onGo(step.key)}
          >
            {measurementResultTexts.readAgain}
          </TextButton>
        )}
        {!isFine && next !== null && (
          <TextButton onClick={() => onGo(next.key)}>
            {measurementResultTexts.checkNextReadPlaceQuantityName(
              readPlaceName(plan, next.place),
              quantityWords[next.quantity],
            )}
          </TextButton>
        )}
      </div>
    </div>
  );
}
