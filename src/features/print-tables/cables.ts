import { mustCarry } from "@/core/engine/cable";
import { lossThatCounts, type ResolvedRun, sizeThatCounts } from "@/core/protection/cabling";
import { type ProtectReport } from "@/core/protection/diagram";
import { type UnitSystem } from "@/core/engine/units";
import { amount, shortName, layingWords, lengthWords, partNames, percent, placeWords, sizeWords } from "@/messages/en";
import { type PaperTable } from "./paper-table";

/** Every cable of a report. */
export function allRuns({ lanes, batteries }: ProtectReport): readonly ResolvedRun[] {
  return [...lanes.flatMap(({ runs }) => runs), ...batteries.map(({ run }) => run)];
}

export function cableName(report: ProtectReport, run: ResolvedRun): string {
  const lane = report.lanes.find(({ runs }) => runs.includes(run));
  const { from } = run;
  const row = from.type === "row" ? lane?.rows.find(({ rowId }) => rowId === from.rowId)?.number : undefined;
  const name = row === undefined ? partNames[run.part] : `String ${row}`;
  const to =
    report.lanes.length > 1 && lane !== undefined ? `, ${shortName(lane.inputName)}, ${shortName(lane.portName)}` : "";
  return `${name}${to}`;
}

export function cableTable(report: ProtectReport, system: UnitSystem): PaperTable {
  return {
    caption: "Cables, each twice: plus and minus",
    head: ["Cable", "One way", "Where and how", "Size", "Must carry", "Voltage drop"],
    rows: allRuns(report).map((run) => {
      const size = sizeThatCounts(run);
      const loss = lossThatCounts(run);
      return [
        cableName(report, run),
        `${run.lengthBy === "assumed" ? "about " : ""}${lengthWords(run.lengthMm, system)}`,
        `${placeWords[run.where]}; ${layingWords[run.how]}${run.circuits > 1 ? `, ${run.circuits} circuits` : ""}`,
        size !== null ? sizeWords(size.size.name) : run.ask === null ? "" : "no listed size is enough",
        run.ask === null ? "" : amount(mustCarry(run.ask), "A"),
        loss === null ? "" : `${size === null ? "at least " : ""}${percent(loss.dropPct)}, ${amount(loss.lossW, "W")}`,
      ];
    }),
  };
}

/** What stands under a drawing of the wiring. */
export function drawingNote({ assumedLengths, highestV }: ProtectReport): string {
  const lengths =
    assumedLengths === 0
      ? ""
      : ` ${assumedLengths === 1 ? "One length is" : `${assumedLengths} lengths are`} assumed ("about").`;
  return `Up to ${highestV.toFixed(1)} V DC on the coldest dawn.${lengths} Your local code decides.`;
}
