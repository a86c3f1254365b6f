"use client";

import Box from "@mui/material/Box";
import { useEffect, useMemo, useRef, useState } from "react";
import { type Part, type ProtectReport } from "@/core/protection/diagram";
import { type Finding } from "@/core/assessment";
import { type Level, levels } from "@/core/checks";
import { useAssessment } from "@/features/plan-session";
import { StepFindings } from "@/features/checks";
import { Columns, Region, TextButton } from "@/ui";
import { SelectedPart } from "./SelectedPart";
import { Drawing } from "./Drawing";
import { Exports } from "./Exports";
import { useProtect } from "./facts";
import { runOfPart } from "./runs";
import { useYearLoss } from "./useYearLoss";
import { Wirings } from "./Wirings";
import { drawingSheetTexts } from "@/messages/en/protection/view";

/** The drawing is the page: press a cable, a joint, a fuse to read and change it. */
export function DrawingSheet() {
  const { report, of: plan, diagram, fault } = useProtect();
  const [chosen, setChosen] = useState<string | null>(null);
  const assessment = useAssessment();
  const yearKwhOf = useYearLoss(report);
  const told = useMemo(
    () =>
      report === null || assessment?.type !== "assessed"
        ? new Map<string, Level>()
        : levelsOf(report, assessment.findings),
    [report, assessment],
  );
  const beside = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // one under the other, what was pressed would open out of sight
    if (chosen !== null && window.matchMedia("(max-width: 899px)").matches)
      beside.current?.scrollIntoView({ block: "start", behavior: "instant" });
  }, [chosen]);
  const part = report?.assembly.parts.find(({ id }) => id === chosen) ?? null;
  if (fault !== null) return <p>{drawingSheetTexts.couldNotDrawTheDiagramFaultThe(fault)}</p>;
  if (report !== null && report.assembly.parts.length === 0)
    return <p>{drawingSheetTexts.nothingIsWiredYetConnectPanelsTo}</p>;
  return (
    <>
      <Wirings />
      <Columns beside="390px">
        <Box sx={{ minWidth: 0, display: "grid", gap: 1 }}>
          {diagram === null ? (
            <p role="status">{drawingSheetTexts.drawingTheDiagram}</p>
          ) : (
            <Drawing diagram={diagram} chosen={chosen} onChoose={setChosen} levels={told} />
          )}
          {diagram !== null && report !== null && plan !== null && (
            <Exports plan={plan} report={report} diagram={diagram} />
          )}
        </Box>
        <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
          {part !== null && plan !== null && report !== null && (
            <div ref={beside} style={{ scrollMarginTop: 150 }}>
              <Region
                title={drawingSheetTexts.selectedPart}
                aside={<TextButton onClick={() => setChosen(null)}>{drawingSheetTexts.close}</TextButton>}
              >
                <SelectedPart plan={plan} report={report} part={part} yearKwhOf={yearKwhOf} />
              </Region>
            </div>
          )}
          <Region title={drawingSheetTexts.findings}>
            <StepFindings
              step="protection"
              nothing="Select a cable in the diagram and enter its length: Golden Array then calculates its size and voltage drop."
            />
          </Region>
        </Box>
      </Columns>
    </>
  );
}

/** The worst that is said of each box: findings of its cable, its string's fuse, its switch, its battery, its plugs. */
function levelsOf(report: ProtectReport, findings: readonly Finding[]): Map<string, Level> {
  const worst = new Map<string, Level>();
  for (const part of report.assembly.parts)
    for (const finding of findings)
      if (finding.step === "protection" && speaksOf(finding, part, report)) {
        const before = worst.get(part.id);
        if (before === undefined || levels.indexOf(finding.level) < levels.indexOf(before))
          worst.set(part.id, finding.level);
      }
  return worst;
}

function speaksOf({ subject, reason, id }: Finding, part: Part, report: ProtectReport): boolean {
  switch (part.type) {
    case "cable":
      return subject.type === "run" && runOfPart(report, part)?.said?.id === subject.runId;
    case "fuse":
      return (
        (subject.type === "string" && subject.stringId === part.string.stringId) ||
        (reason.type === "fuses" &&
          part.guard === null &&
          subject.type === "portArray" &&
          subject.inputId === part.string.inputId &&
          subject.portId === part.string.portId)
      );
    case "switch":
      return (
        id.endsWith("/switch") &&
        subject.type === "portArray" &&
        subject.inputId === part.portArray.inputId &&
        subject.portId === part.portArray.portId
      );
    case "bank":
      return subject.type === "input" && subject.inputId === part.inputId;
    case "bar":
      return (
        id.endsWith("/branches") &&
        subject.type === "portArray" &&
        subject.inputId === part.portArray.inputId &&
        subject.portId === part.portArray.portId
      );
    case "input":
      return id.endsWith("/chain") && subject.type === "portArray" && subject.inputId === part.inputId;
    case "panel":
    case "diode":
    case "branch":
      return false;
  }
}
