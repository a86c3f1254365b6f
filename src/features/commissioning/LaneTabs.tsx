"use client";

import { sheetStyle, TextButton } from "@/ui";
import { useProve } from "./facts";
import { laneTabsTexts } from "@/messages/en/commissioning/view";

/** Which port's array is proved; with one there is nothing to choose. */
export function LaneTabs() {
  const { lanes, lane, chooseLane } = useProve();
  if (lanes.length < 2) return null;
  return (
    <div className={sheetStyle["choices"]} role="group" aria-label={laneTabsTexts.pvInputToTest}>
      {lanes.map(({ inputId, portId, name }) => (
        <TextButton
          key={`${inputId}/${portId}`}
          aria-pressed={inputId === lane?.inputId && portId === lane.portId}
          onClick={() => chooseLane({ inputId, portId })}
        >
          {name}
        </TextButton>
      ))}
    </div>
  );
}
