import { completeLabel, readLabel } from "@/core/engine/panel";
import { type Finding } from "@/core/assessment";
import { type Level, worstLevel } from "@/core/checks";
import { keyOf, type PortArray, type PanelKey, tilesOfStrings } from "@/core/engine/array";

export function litKeys(finding: Finding | undefined, portArrays: readonly PortArray[]): ReadonlySet<PanelKey> {
  if (finding === undefined) return new Set();
  if (finding.tiles.length > 0) return new Set(finding.tiles);
  const { subject } = finding;
  if (subject.type !== "portArray" && subject.type !== "group") return new Set();
  return new Set(
    portArrays
      .filter(
        (portArray) =>
          portArray.inputId === subject.inputId && (subject.type === "group" || portArray.portId === subject.portId),
      )
      .flatMap((portArray) => tilesOfStrings(portArray.strings).map(keyOf)),
  );
}

export function worstOfPortArray(findings: readonly Finding[], inputId: string, portId: string): Level {
  return worstLevel(
    findings.filter(
      ({ subject }) => subject.type === "portArray" && subject.inputId === inputId && subject.portId === portId,
    ),
  );
}

export function substringsOfLabel(label: Parameters<typeof readLabel>[0]): number {
  const reading = readLabel(label);
  return reading.type === "label"
    ? Math.max(1, completeLabel(reading.label).label.bypassDiodes)
    : Math.max(1, label.bypassDiodes ?? 1);
}
