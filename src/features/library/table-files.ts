import { readLabel } from "@/core/engine/panel";
import { linesOf, panelColumns, portColumns, type Sheets, writeTable } from "@/core/library";
import { type PanelSheet } from "@/core/plan";
import { type ShelfName } from "@/workers";
import { csvText, downloadFile } from "@/ui";
import { libraryViewTexts } from "@/messages/en/library/view";

export function chosenWords(chosen: number): string {
  return chosen === 0 ? "all shown" : libraryViewTexts.chosenSelected(chosen);
}

export async function saveTable(shelf: ShelfName, sheets: Sheets): Promise<void> {
  const rows =
    shelf === "panels"
      ? writeTable(panelColumns, sheets.panels)
      : writeTable(portColumns, sheets.inputs.flatMap(linesOf));
  downloadFile(`${shelf}.csv`, "text/csv", await csvText(rows));
}

/** What became of many sheets that were read at once. */
export function batchReport(read: Sheets, fresh: Sheets): string {
  const [all, put] = [read, fresh].map(({ panels, inputs }) => panels.length + inputs.length);
  const known = (all ?? 0) - (put ?? 0);
  const isWhole = (sheet: PanelSheet) => readLabel(sheet).type === "label";
  const gaps = fresh.panels.filter((sheet) => !isWhole(sheet)).map(({ name }) => name);
  return [
    libraryViewTexts.added(put ?? 0),
    known > 0 ? libraryViewTexts.known(known) : "",
    gaps.length > 0 ? libraryViewTexts.withGapsToBeFilledInFromThe(gaps.join(", ")) : "",
  ]
    .filter((part) => part !== "")
    .join(" ");
}
