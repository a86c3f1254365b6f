import { mustCarry } from "@/core/engine/cable";
import { lossThatCounts, type ResolvedRun, sizeThatCounts } from "@/core/protection/cabling";
import { type ProtectReport } from "@/core/protection/diagram";
import { type UnitSystem } from "@/core/engine/units";
import { amount, shortName, layingWords, lengthWords, partNames, percent, placeWords, sizeWords } from "@/messages/en";
import { type PaperTable } from "./paper-table";
import { cablesTexts } from "@/messages/en/print-tables/view";
import { commonTexts } from "@/messages/en/common/view";

/** Every cable of a report. */
export function allRuns({ lanes, batteries }: ProtectReport): readonly ResolvedRun[] {
  return [...lanes.flatMap(({ runs }) => runs), ...batteries.map(({ run }) => run)];
}

export function cableName(report: ProtectReport, run: ResolvedRun): string {
  const lane = report.lanes.find(({ runs }) => runs.includes(run));
  const { from } = run;
  const row = from.type === "row" ? lane?.rows.find(({ rowId }) => rowId === from.rowId)?.number : undefined;
  const name = row === undefined ? partNames[run.part] : cablesTexts.stringRow(row);
  const to =
    report.lanes.length > 1 && lane !== undefined ? `, ${shortName(lane.inputName)}, ${shortName(lane.portName)}` : "";
  return `${name}${to}`;
}

export function cableTable(report: ProtectReport, system: UnitSystem): PaperTable {
  return {
    caption: cablesTexts.cablesEachTwiceAnd,
    head: [
      cablesTexts.cable,
      cablesTexts.oneWayLength,
      cablesTexts.locationInstallation,
      cablesTexts.size,
      cablesTexts.mustCarry,
      cablesTexts.voltageDrop,
    ],
    rows: allRuns(report).map((run) => {
      const size = sizeThatCounts(run);
      const loss = lossThatCounts(run);
      return [
        cableName(report, run),
        `${run.lengthBy === "assumed" ? cablesTexts.about : ""}${lengthWords(run.lengthMm, system)}`,
        `${placeWords[run.where]}; ${layingWords[run.how]}${run.circuits > 1 ? cablesTexts.circuitsCircuits(run.circuits) : ""}`,
        size !== null ? sizeWords(size.size.name) : run.ask === null ? "" : commonTexts.noListedSize,
        run.ask === null ? "" : amount(mustCarry(run.ask), "A"),
        loss === null
          ? ""
          : `${size === null ? cablesTexts.atLeast : ""}${percent(loss.dropPct)}, ${amount(loss.lossW, "W")}`,
      ];
    }),
  };
}

/** What stands under a drawing of the wiring. */
export function drawingNote({ assumedLengths, highestV }: ProtectReport): string {
  const lengths =
    assumedLengths === 0
      ? ""
      : ` ${assumedLengths === 1 ? cablesTexts.oneLengthIs : cablesTexts.assumedLengthsLengthsAre(assumedLengths)} assumed ("about").`;
  return cablesTexts.vocAtMostHighestVVDcAtTheRecord(highestV.toFixed(1), lengths);
}
