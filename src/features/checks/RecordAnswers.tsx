"use client";

import { useDesk } from "@/features/plan-session";
import { given } from "@/messages/en";
import { recordAnswersTexts } from "@/messages/en/checks/view";
import { TextButton, useUnits } from "@/ui";
import style from "./ledger.module.css";

/** Records that are offered, °C; any other is typed at Need or beside the board. */
const offeredC = [-30, -20, -10, 0] as const;

/** The question of the record low in the line that it decides: a press says it for the whole plan. */
export function RecordAnswers({ assumedC }: { readonly assumedC: number }) {
  const desk = useDesk();
  const system = useUnits();
  return (
    <div role="group" aria-label={recordAnswersTexts.question} className={style["answers"]}>
      <span className={style["small"]}>{recordAnswersTexts.question}</span>
      {[assumedC, ...offeredC.filter((offered) => offered > assumedC)].map((lowC) => (
        <TextButton key={lowC} onClick={() => desk.change({ type: "setSite", patch: { recordLowC: lowC } })}>
          {given(lowC, "°C", system)}
        </TextButton>
      ))}
    </div>
  );
}
