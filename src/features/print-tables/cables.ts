import { mustCarry } from "@/core/engine/cable";
import { lossThatCounts, type ResolvedRun, sizeThatCounts } from "@/core/protection/cabling";
import { type PortArrayReport, type ProtectReport } from "@/core/protection/diagram";
import { type UnitSystem } from "@/core/engine/units";
import { amount, shortName, layingWords, lengthWords, partNames, percent, placeWords, sizeWords } from "@/messages/en";
import { type PaperTable } from "./paper-table";
import { cablesTexts } from "@/messages/en/print-tables/view";
import { cablesSheetTexts } from "@/messages/en/protection/view";
import { commonTexts } from "@/messages/en/common/view";

/** Every cable of a report. */
export function allRuns({ portArrays, batteries }: ProtectReport): readonly ResolvedRun[] {
  return [...portArrays.flatMap(({ runs }) => runs), ...batteries.map(({ run }) => run)];
}

export function cableName(report: ProtectReport, run: ResolvedRun): string {
  const portArray = report.portArrays.find(({ runs }) => runs.includes(run));
  const { from } = run;
  const string =
    from.type === "string" ? portArray?.strings.find(({ stringId }) => stringId === from.stringId)?.number : undefined;
  const name = string === undefined ? partNames[run.part] : cablesTexts.stringString(string);
  const to =
    report.portArrays.length > 1 && portArray !== undefined
      ? `, ${shortName(portArray.inputName)}, ${shortName(portArray.portName)}`
      : "";
  return `${name}${to}`;
}

/** What all cables of a port lose together, beside what they may. */
export function wholeDropWords({ dropPct, limitPct, lossW }: NonNullable<PortArrayReport["drop"]>): string {
  const words = [percent(dropPct), percent(limitPct), amount(lossW, "W")] as const;
  return dropPct > limitPct ? cablesSheetTexts.aboveLimit(...words) : cablesSheetTexts.ofAtMost(...words);
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
    rows: [...allRuns(report).map(rowOf), ...report.portArrays.flatMap(wholeRow)],
  };

  function rowOf(run: ResolvedRun): readonly string[] {
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
  }

  /** All cables of a port together: one line with its limit. */
  function wholeRow({ drop, inputName, portName }: PortArrayReport): readonly (readonly string[])[] {
    if (drop === null) return [];
    return [
      [
        cablesSheetTexts.wholeTo(`${shortName(inputName)}, ${shortName(portName)}`),
        lengthWords(drop.lengthMm, system),
        ...["", "", ""],
        wholeDropWords(drop),
      ],
    ];
  }
}

/** What stands under a drawing of the wiring. */
export function drawingNote({ assumedLengths, highestV }: ProtectReport): string {
  const lengths =
    assumedLengths === 0
      ? ""
      : ` ${assumedLengths === 1 ? cablesTexts.oneLengthIs : cablesTexts.assumedLengthsLengthsAre(assumedLengths)} assumed ("about").`;
  return cablesTexts.vocAtMostHighestVVDcAtTheRecord(highestV.toFixed(1), lengths);
}
