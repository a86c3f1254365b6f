import { useEffect, useState } from "react";
import { LevelMark, sheetStyle, TextButton } from "@/ui";
import { counted } from "@/messages/en";
import { useReadings, useReadingsState } from "./PlanReadings";
import { waitingReadingsTexts } from "@/messages/en/plan-session/view";

/** A reading is on its way for some tenths of a second each time: told so soon it would push away what a thumb aims at, ms. */
const patienceMs = 1500;

/** Says what the server has not acknowledged for a while, and whether this device keeps it until then; nothing where all is well. */
export function WaitingReadings() {
  const readings = useReadings();
  const { waiting, isKept, fault, spoiled } = useReadingsState();
  const isLate = useLasting(waiting.size > 0, patienceMs);
  if (spoiled > 0)
    return (
      <p className={sheetStyle["notice"]} role="status">
        <LevelMark level="care" size={16} />
        <span>{waitingReadingsTexts.spoiledOfThisPlanCannotBeReadThe(counted(spoiled, "record"))}</span>
      </p>
    );
  if (isKept && !isLate && (fault === null || waiting.size === 0)) return null;
  return (
    <p className={sheetStyle["notice"]} role="status">
      <LevelMark level="care" size={16} />
      <span>
        {isKept
          ? waitingReadingsTexts.waiting(waiting.size, fault)
          : waitingReadingsTexts.thisBrowserSavesNothingWriteThe}{" "}
        <TextButton onClick={() => readings?.retry()}>{waitingReadingsTexts.sendNow}</TextButton>
      </span>
    </p>
  );
}

/** Whether something has been so for so many ms without a break. */
function useLasting(isSo: boolean, ms: number): boolean {
  const [lasts, setLasts] = useState(false);
  useEffect(() => {
    if (!isSo) return;
    const timer = setTimeout(() => setLasts(true), ms);
    return () => {
      clearTimeout(timer);
      setLasts(false);
    };
  }, [isSo, ms]);
  return isSo && lasts;
}
