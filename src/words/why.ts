import { type Finding, type StatedLimit } from "@/core/rules";
import { amount, counted, given, kwh, limit, percent } from "./format";
import { mountWords, sumWords } from "./names";

type Why = { readonly lines: readonly string[]; readonly source: string };

/** The rule's formula with the plan's own numbers put in, and where it comes from. In °C whatever the switch says, as coefficients are per °C. */
export function whyLines({ reason }: Pick<Finding, "reason">): Why {
  switch (reason.type) {
    case "coldVoc": {
      const volts = sumWords(reason.terms, "V");
      const factor = reason.terms.length > 1 ? `(${volts})` : volts;
      const coefficients = [...new Set(reason.coefficients)]
        .map((each) => given(Number(each.toPrecision(4)), "%/°C"))
        .join(", ");
      return {
        lines: [
          `Curve: ${volts} in series (volts add), solved at 1000 W/m² and cells at ${given(reason.recordLowC, "°C")} = ${amount(reason.curveV, "V")}`,
          ...(reason.curveV > 1.005 * reason.joinedVocV
            ? [
                `All rows joined ${amount(reason.joinedVocV, "V")}; but every part must pass alone, in case the others are unplugged`,
              ]
            : []),
          `Coefficient: ${factor} × (1 + ${coefficients} × (${given(reason.recordLowC, "")} − 25) °C) = ${amount(reason.lineV, "V")}`,
          reason.withFilm
            ? `Code table: × ${reason.tableFactor.toFixed(2)} for crystalline silicon only; thin film counts with its own volts: ${amount(reason.tableV, "V")}`
            : `Code table: ${factor} × ${reason.tableFactor.toFixed(2)} = ${amount(reason.tableV, "V")}`,
          reason.basis === "vmp"
            ? `Running in the cold, by curve and coefficient the more: ${amount(reason.judgedV, "V")}`
            : `Judged: ${amount(reason.judgedV, "V")}, the most of them; the table where a label states no coefficient`,
        ],
        source: "Single-diode curve: De Soto, Klein & Beckman 2006. Table: NEC 690.7(A).",
      };
    }
    case "hotVmp":
      return {
        lines: [
          `Cells: ${given(reason.airTempC, "°C")} air, 1000 W/m² on a mount “${mountWords[reason.mount]}” = ${amount(reason.cellTempC, "°C")}`,
          `Running volts: ${sumWords(reason.terms, "V")} in series (volts add) at 25 °C, solved hot = ${amount(reason.hotVmpV, "V")}`,
          `Needed: ${limit(reason.floorV, "V")} to stay on, ${limit(reason.wakeV, "V")} to wake${reason.batteryV === null ? "" : ` (battery at ${given(reason.batteryV, "V")})`}`,
        ],
        source: "Cell heating: Ross 1976, typical values by mount, about ±15 %.",
      };
    case "wake":
      return {
        lines: [
          `Volts with nothing connected, solved: ${amount(reason.dullVocV, "V")} at ${given(reason.dullWm2, "W/m²")}, ${amount(reason.brightVocV, "V")} at 1000 W/m²`,
          `Needed to wake: ${limit(reason.wakeV, "V")}${reason.wakesAtWm2 === null ? "" : `, reached ${reason.wakesAtWm2 < 1 ? `below ${given(1, "W/m²")}` : `at ${amount(reason.wakesAtWm2, "W/m²")}`} (volts rise with the logarithm of light)`}`,
          `Longest clear day: ${Math.round(reason.asleepMinutes)} minutes of daylight have less than that`,
        ],
        source: "Single-diode curve: De Soto, Klein & Beckman 2006. Clear sky: Haurwitz 1945.",
      };
    case "current":
      return {
        lines: [
          `Short circuit: rows in parallel (amps add) ${sumWords(reason.terms, "A")} = ${amount(reason.iscA, "A")}`,
          `Bright cloud edges and snow: × 1.25 = ${amount(reason.marginedIscA, "A")}`,
          ...(reason.running === null
            ? []
            : [`At ${amount(reason.runningV, "V")}, where it runs: ${tierWords(reason.running)}`]),
          ...(reason.never === null
            ? []
            : [
                `Between waking (${limit(reason.sweepFromV, "V")}) and open circuit (${amount(reason.sweepToV, "V")}) it meets: ${tierWords(reason.never)}`,
              ]),
        ],
        source: "Factor: NEC 690.8(A)(1). Running point: solved curve at bright noon.",
      };
    case "watts":
      return {
        lines: [
          `Label: ${amount(reason.labelW, "W")}; in the cold, solved: ${amount(reason.coldW, "W")}; at bright noon, solved: ${amount(reason.noonW, "W")}; limit ${amount(reason.limitW, "W")}, ${natureWords(reason.nature)}`,
          `Longest clear day at ${given(reason.latitudeDeg, "°")} latitude, ${reason.flat ? "panels flat" : "each panel tilted as it stands"}, × 30: ${kwh(reason.clippedKwhPerMonth)} over the limit`,
        ],
        source:
          "Clear sky: Haurwitz 1945. Clouds, dirt and a full battery lower it; panels tilted otherwise get more or less.",
      };
    case "shared":
      return {
        lines: [
          ...reason.ports.map(
            (port) =>
              `${port.name}: ${amount(port.aloneW, "W")} and ${amount(port.aloneA, "A")} alone, ${amount(port.takenW, "W")} when they share`,
          ),
          `Limit of “${reason.groupName}”: ${[reason.limitW === null ? null : given(reason.limitW, "W"), reason.limitA === null ? null : given(reason.limitA, "A")].filter((part) => part !== null).join(", ")}, ${natureWords(reason.nature)}`,
          `Labels: ${amount(reason.dueW, "W")}; short circuit × 1.25: ${amount(reason.marginedIscA, "A")}`,
        ],
        source:
          "Running points: solved curves at bright noon. Month: clear sky, Haurwitz 1945; clouds, dirt and a full battery lower it.",
      };
    case "mismatch":
      return {
        lines: [
          ...reason.rows
            .slice(0, 6)
            .map(
              (row, k) =>
                `Row ${k + 1}: ${sumWords(row.terms, "V")} on the labels; solved at noon ${amount(row.vmpV, "V")} and ${amount(row.impA, "A")}`,
            ),
          `Panels each alone ${amount(reason.panelsW, "W")} → in rows ${amount(reason.rowsW, "W")} (series: ${percent(reason.seriesLossPct)}) → rows joined ${amount(reason.joinedW, "W")} (parallel: ${percent(reason.parallelLossPct)})`,
        ],
        source: "By the solved net, not by the spread of the labels.",
      };
    case "mixedStates":
      return {
        lines: [
          `Each panel alone in its own light: ${amount(reason.panelsW, "W")}; joined: ${amount(reason.joinedW, "W")}; lost: ${percent(reason.lossPct)}`,
          ...(reason.trappedW === null
            ? []
            : [`A tracker that climbs down from open circuit ends at ${amount(reason.trappedW, "W")}`]),
        ],
        source: "By the solved net at bright noon, with bypass diodes.",
      };
    case "pwmLoss":
      return {
        lines: [
          `Held at ${given(reason.batteryV, "V")} of the battery + ${given(reason.dropV, "V")} drop = ${amount(reason.heldV, "V")}; best at ${amount(reason.vmpV, "V")}`,
          `Watts at noon: ${amount(reason.takenW, "W")} of ${amount(reason.freeW, "W")} = ${percent(reason.lossPct)} lost`,
        ],
        source: "PWM joins array and battery: current of the solved curve at battery volts.",
      };
    case "systemVoltage":
      return {
        lines: [
          `Coldest volts of the row with the least to spare, ${reason.series} in series (volts add): ${amount(reason.judgedV, "V")}; on the label of ${reason.panelName}: ${given(reason.maxSystemV, "V")}`,
        ],
        source: "Panel label, maximum system voltage.",
      };
    case "reverse":
      return {
        lines: [
          `Nothing drawn, ${reason.sky === "coldDawn" ? "cells at the record low" : "bright noon"}, ${reason.asTheyStand ? "as the panels stand" : "all panels lit"}: ${amount(reason.amps, "A")} backwards through ${reason.panelName}`,
          `Its series fuse rating: ${given(reason.fuseA, "A")}`,
        ],
        source: "By the solved net at open circuit.",
      };
    case "fuses":
      return {
        lines: [
          `${counted(reason.rows, "row")} in parallel; all but the weakest give ${amount(reason.backfeedA, "A")} × 1.25 = ${amount(reason.marginedA, "A")}, held against ${given(reason.ratingA, "A")}`,
          `Fuse: from 1.56 × ${amount(reason.iscA, "A")} = ${amount(1.56 * reason.iscA, "A")} to ${given(reason.ratingA, "A")}: ${reason.sizeA === null ? "no standard size" : given(reason.sizeA, "A")}`,
        ],
        source: "NEC 690.9: backfeed rule, 1.25 × 1.25 × Isc. Blocking diodes do not count, as they fail short.",
      };
    case "noTierAmps":
      return { lines: ["Asked: a range of volts stands under “Current limits” without its amps."], source: "" };
    case "label":
      return {
        lines: ["Each label is checked against itself: watts, volts, amps, cells, size and coefficients."],
        source: "Usual bounds of flat panels.",
      };
    case "shelf":
      return {
        lines: ["Counted: panels of the plan that this wiring does not use, and ports without a row."],
        source: "",
      };
    case "noBatteryVolts":
    case "noCeiling":
    case "noFloor":
    case "noCurrentLimit":
    case "noWattLimit":
    case "noSystemVoltage":
      return { lines: ["Nothing to compare with: the sheet or label does not say."], source: "" };
  }
}

function tierWords({ amps, fromV, toV, nature }: StatedLimit): string {
  const range =
    toV === null
      ? fromV === 0
        ? "at any volts"
        : `from ${limit(fromV, "V")} on`
      : `from ${limit(fromV, "V")} to ${given(toV, "V")}`;
  return `${given(amps, "A")} ${range}, ${natureWords(nature)}`;
}

function natureWords(nature: "drawsUpTo" | "neverExceed"): string {
  return nature === "neverExceed" ? "never to be exceeded" : "drawn up to, the rest left unused";
}
