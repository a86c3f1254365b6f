import { useEffect, useState } from "react";
import { LevelMark, sheetStyle, TextButton } from "@/ui";
import { counted } from "@/messages/en";
import { useReadings, useReadingsState } from "./PlanReadings";

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
        <span>
          {counted(spoiled, "record")} of this plan cannot be read: the disk did not keep what was written. They count
          for nothing here; put back a copy of your data folder if you have one.
        </span>
      </p>
    );
  if (isKept && !isLate && (fault === null || waiting.size === 0)) return null;
  return (
    <p className={sheetStyle["notice"]} role="status">
      <LevelMark level="care" size={16} />
      <span>
        {isKept
          ? `${waiting.size} kept on this device, not yet acknowledged${fault === null ? "." : `: ${fault}`}`
          : "This browser keeps nothing: write the reading down until it is acknowledged."}{" "}
        <TextButton onClick={() => readings?.retry()}>Send now</TextButton>
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
