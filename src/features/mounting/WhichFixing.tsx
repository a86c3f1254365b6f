"use client";

import { usePlan } from "@/features/plan-session";
import { sheetStyle, TextButton } from "@/ui";
import { useMount } from "./facts";
import { whichFixingTexts } from "@/messages/en/mounting/view";

/** Which panels, held in which way, are looked at. */
export function WhichFixing() {
  const { fixings } = usePlan();
  const { report, choose } = useMount();
  return (
    <div className={sheetStyle["choices"]} role="group" aria-label={whichFixingTexts.mountingsOfThesePanels}>
      {fixings.list.map(({ id, name }) => (
        <TextButton key={id} aria-pressed={id === report?.fixing.id} onClick={() => choose(id)}>
          {name}
        </TextButton>
      ))}
      <TextButton look="plain" aria-pressed={report === null} onClick={() => choose(null)}>
        {whichFixingTexts.addAMounting}
      </TextButton>
    </div>
  );
}
