"use client";

import { useReadingsState, usePlan, useWiring } from "@/features/desk";
import { PrintTable } from "@/ui";
import { cloudNames, entryWords, eventWords } from "@/words";
import { momentName } from "./times";

const emptyLines = 20;

/** The newest entries, and ruled lines for the next: date, watts, battery, sky. */
export function LogPrint() {
  const plan = usePlan();
  const wiring = useWiring();
  const records = useReadingsState().records ?? [];
  const lines = records
    .flatMap((each) =>
      each.kind === "event"
        ? [{ atUtc: each.atUtc, cells: [eventWords[each.what], "", "", each.note] }]
        : each.kind === "log" && each.wiringId === wiring.id
          ? [
              {
                atUtc: each.atUtc,
                cells: [
                  entryWords(each),
                  each.socPct === null ? "" : `${each.socPct} %`,
                  each.cloud === null ? "" : cloudNames[each.cloud],
                  each.note,
                ],
              },
            ]
          : [],
    )
    .sort((a, b) => (a.atUtc < b.atUtc ? 1 : -1))
    .slice(0, emptyLines);
  return (
    <>
      <PrintTable
        caption="Log"
        head={["When", "What", "Battery", "Sky", "Note"]}
        rows={[
          ...lines.map(({ atUtc, cells }) => [momentName(Date.parse(atUtc)), ...cells]),
          ...Array.from({ length: emptyLines - lines.length }, () => ["", "", "", "", ""]),
        ]}
      />
      <p>Lithium cells must not be charged below freezing.</p>
      <p style={{ whiteSpace: "pre-wrap" }}>{plan.notes.log}</p>
    </>
  );
}
