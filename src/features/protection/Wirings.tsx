"use client";

import { useDesk, useDeskState, usePlan, wiringOf } from "@/features/plan-session";
import { TextButton, sheetStyle } from "@/ui";
import { wiringsTexts } from "@/messages/en/protection/view";

/** Which of the plan's wirings is made into copper; with only one there is nothing to choose. */
export function Wirings() {
  const desk = useDesk();
  const { wirings } = usePlan();
  const shown = useDeskState((state) => wiringOf(state).id);
  if (wirings.length < 2) return null;
  return (
    <div className={sheetStyle["choices"]} role="group" aria-label={wiringsTexts.wiringsOfThesePanels}>
      {wirings.map(({ id, name }) => (
        <TextButton key={id} aria-pressed={id === shown} onClick={() => desk.set({ wiringId: id, selected: [] })}>
          {name}
        </TextButton>
      ))}
    </div>
  );
}
