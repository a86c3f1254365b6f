import { type WattReason } from "@/core/wiring/rules";
import { amount, given, kwh, percent } from "../format";
import { natureWords, unknownLimit, type RuleWords } from "./rule-words";

type Main = Extract<WattReason, { type: "watts" }>;

export const wattsWords: RuleWords<"watts"> = {
  title: "Watts into the input",
  sentence(r) {
    switch (r.type) {
      case "noWattLimit":
        return `The panels add up to ${amount(r.labelW, "W")}; the input states no watt limit.`;
      case "watts":
        return wattsSentence(r);
    }
  },
  why(r) {
    switch (r.type) {
      case "noWattLimit":
        return unknownLimit;
      case "watts": {
        return {
          lines: [
            `Label: ${amount(r.labelW, "W")}; in the cold, solved: ${amount(r.coldW, "W")}; at bright noon, solved: ${amount(r.noonW, "W")}; limit ${amount(r.limitW, "W")}, ${natureWords(r.nature)}`,
            `Longest clear day at ${given(r.latitudeDeg, "°")} latitude, ${r.flat ? "panels flat" : "each panel tilted as it stands"}, × 30: ${kwh(r.clippedKwhPerMonth)} over the limit`,
          ],
          source:
            "Clear sky: Haurwitz 1945. Clouds, dirt and a full battery lower it; panels tilted otherwise get more or less.",
        };
      }
    }
  },
};

function wattsSentence(r: Main): string {
  const most = r.fromBattery ? `${amount(r.limitW, "W")} (its battery amps × battery volts)` : given(r.limitW, "W");
  switch (r.outcome) {
    case "overAbsolute":
      return `${r.coldW > r.labelW ? "In the cold the panels can give" : "The panels add up to"} ${amount(r.dueW, "W")}; the input must never get more than ${most}.`;
    case "clipsMuch":
    case "clips":
      return `${r.withinAmps ? "Within its volts and amps" : "At noon"} the array could give ${amount(r.noonW, "W")}${r.withinAmps ? " at noon" : ""}; the input draws up to ${most}. ${r.flat ? "Lying flat" : "Tilted as they stand"}, a cloudless midsummer month would leave ${kwh(r.clippedKwhPerMonth)} (${percent(r.clippedPct)}) on the roof.`;
    case "within":
      return r.nature === "neverExceed"
        ? `Even in the cold the panels give ${amount(r.dueW, "W")} at most; the input must never get more than ${most}.`
        : r.idle
          ? `At noon the panels could give ${amount(r.noonW, "W")}, of which the input takes nothing, for its volts; its limit is ${most}.`
          : `At noon the array gives ${amount(r.noonW, "W")}; the input takes up to ${most}.`;
  }
}
