import { LevelMark, sheetStyle, TextButton } from "@/ui";
import { useReadings, useReadingsState } from "./PlanReadings";

/** Says what the server has not acknowledged yet, and whether this device keeps it until then; nothing where all is well. */
export function WaitingReadings() {
  const readings = useReadings();
  const { waiting, isKept, fault } = useReadingsState();
  if (waiting.size === 0 && isKept) return null;
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
