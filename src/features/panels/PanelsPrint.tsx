"use client";

import { panelColumns, writeTable } from "@/core/library";
import { usePlan } from "@/features/plan-session";
import { PrintTable } from "@/ui";
import { cellCutWords, cellTypeWords, counted, kindWords, trueMinus } from "@/messages/en";
import { panelsPrintTexts } from "@/messages/en/panels/view";

/** Every label of the plan on paper, line by line as typed, to hold against the sticker. */
export function PanelsPrint() {
  const { panels } = usePlan();
  if (panels.length === 0) return <p>{panelsPrintTexts.noPanelsInThisPlanYet}</p>;
  return panels.map(({ id, label, pieces }) => {
    const [titles = [], values = []] = writeTable(panelColumns, [label]);
    const spoken: Readonly<Record<string, string>> = {
      Kind: kindWords[label.kind],
      Cells: cellTypeWords[label.cellType],
      "Cell cut": label.cellCut === "unknown" ? "" : cellCutWords[label.cellCut],
    };
    const lines = titles.slice(1).map((title, k) => {
      const name = String(title);
      return [name, spoken[name] ?? trueMinus(String(values[k + 1] ?? ""))];
    });
    return (
      <PrintTable
        key={id}
        caption={`${label.name}, ${counted(pieces.length, "panel")}`}
        head={[panelsPrintTexts.labelValue, panelsPrintTexts.asEntered, panelsPrintTexts.onTheSticker]}
        rows={lines.filter(([, value]) => value !== "").map((line) => [...line, ""])}
      />
    );
  });
}
