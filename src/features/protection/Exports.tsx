"use client";

import { useState } from "react";
import { type Plan } from "@/core/plan";
import { type Diagram, type ProtectReport } from "@/core/protection/diagram";
import { diagramSheet, diagramSheets, labelSheets, type Paper, papers, type Sheet, sheetSvg } from "@/core/drawings";
import { useWiring } from "@/features/plan-session";
import { drawingNote } from "@/features/print-tables";
import { ChoiceField, nameForFile, downloadFile, sheetsAsPdf, TextButton, sheetStyle } from "@/ui";
import { labelTexts } from "@/messages/en";
import { asPng } from "./as-png";
import { exportsTexts } from "@/messages/en/protection/view";

type Props = { readonly plan: Plan; readonly report: ProtectReport; readonly diagram: Diagram };

/** The drawing and its labels as files: for paper, for a page, for whoever has to look at it. */
export function Exports({ plan, report, diagram }: Props) {
  const wiring = useWiring();
  const [paper, setPaper] = useState<Paper>("a4");
  const title = `${plan.name}: ${wiring.name}`;
  const sheet = diagramSheet(title, drawingNote(report), diagram, paper);
  const name = (kind: string) => `${nameForFile(plan.name, wiring.name)}-${kind}`;
  const pdf = async (sheets: readonly Sheet[], kind: string) =>
    downloadFile(`${name(kind)}.pdf`, "application/pdf", await sheetsAsPdf(sheets));
  const labels = labelTexts(report);
  return (
    <div className={sheetStyle["buttons"]} role="group" aria-label={exportsTexts.exportTheDiagram}>
      <ChoiceField
        label={exportsTexts.paperSize}
        labelHidden
        value={paper}
        options={(Object.keys(papers) as Paper[]).map((value) => ({ value, text: papers[value].name }))}
        onChoice={setPaper}
      />
      <TextButton
        look="amber"
        onClick={() => void pdf(diagramSheets(title, drawingNote(report), diagram, paper), "wiring")}
      >
        {exportsTexts.pdf}
      </TextButton>
      <TextButton onClick={() => downloadFile(`${name("wiring")}.svg`, "image/svg+xml", sheetSvg(sheet))}>
        {exportsTexts.svg}
      </TextButton>
      <TextButton
        onClick={() =>
          void asPng(sheetSvg(sheet)).then((png) => downloadFile(`${name("wiring")}.png`, "image/png", png))
        }
      >
        {exportsTexts.png}
      </TextButton>
      {labels.length > 0 && (
        <TextButton onClick={() => void pdf(labelSheets(title, labels, paper), "labels")}>
          {exportsTexts.stickersPdf}
        </TextButton>
      )}
    </div>
  );
}
