"use client";

import { panelColumns, writeTable } from "@/core/library";
import { usePlan } from "@/features/desk";
import { PrintTable } from "@/ui";
import { counted } from "@/words";

/** Every label of the plan on paper, line by line as typed, to hold against the sticker. */
export function PanelsPrint() {
  const { panels } = usePlan();
  if (panels.length === 0) return <p>No panel in this plan yet.</p>;
  return panels.map(({ id, label, pieces }) => {
    const [titles = [], values = []] = writeTable(panelColumns, [label]);
    const lines = titles.map((title, k) => [String(title), String(values[k] ?? "")]);
    return (
      <PrintTable
        key={id}
        caption={`${label.name}, ${counted(pieces.length, "panel")}`}
        head={["Line of the label", "As typed", "On the sticker"]}
        rows={lines.filter(([, value]) => value !== "").map((line) => [...line, ""])}
      />
    );
  });
}
