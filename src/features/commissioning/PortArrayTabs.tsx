"use client";

import { sheetStyle, TextButton } from "@/ui";
import { useProve } from "./facts";
import { portArrayTabsTexts } from "@/messages/en/commissioning/view";

/** Which port's array is proved; with one there is nothing to choose. */
export function PortArrayTabs() {
  const { portArrays, portArray, choosePortArray } = useProve();
  if (portArrays.length < 2) return null;
  return (
    <div className={sheetStyle["choices"]} role="group" aria-label={portArrayTabsTexts.pvInputToTest}>
      {portArrays.map(({ inputId, portId, name }) => (
        <TextButton
          key={`${inputId}/${portId}`}
          aria-pressed={inputId === portArray?.inputId && portId === portArray.portId}
          onClick={() => choosePortArray({ inputId, portId })}
        >
          {name}
        </TextButton>
      ))}
    </div>
  );
}
