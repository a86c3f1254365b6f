import { type WattReason } from "@/core/wiring/rules";
import { amount, given, kwh, percent } from "../format";
import { natureWords, unknownLimit, type RuleWords } from "./rule-words";

type Main = Extract<WattReason, { type: "watts" }>;

export const wattsWords: RuleWords<"watts"> = {
  title: "Max PV power",
  sentence(r) {
    switch (r.type) {
      case "noWattLimit":
        return `The panels add up to ${amount(r.labelW, "W")}; the data sheet states no max PV power.`;
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
            `Longest clear day at ${given(r.latitudeDeg, "°")} latitude, ${r.flat ? "panels flat" : "each panel at its tilt"}, × 30: ${kwh(r.clippedKwhPerMonth)} above the limit`,
          ],
          source:
            "Clear sky: Haurwitz 1945. Clouds, dirt and a full battery lower it; panels at another tilt get more or less.",
        };
      }
    }
  },
};

function wattsSentence(r: Main): string {
  const most = r.fromBattery ? `${amount(r.limitW, "W")} (max charge current × battery voltage)` : given(r.limitW, "W");
  switch (r.outcome) {
    case "overAbsolute":
      return `${r.coldW > r.labelW ? "In the cold the panels can deliver" : "The panels add up to"} ${amount(r.dueW, "W")}, above the absolute maximum of ${most}.`;
    case "clipsMuch":
    case "clips":
      return `${r.withinAmps ? "Within the voltage and current limits" : "At noon"} the array could deliver ${amount(r.noonW, "W")}${r.withinAmps ? " at noon" : ""}; the controller uses at most ${most}. In a cloudless midsummer month${r.flat ? ", with flat panels" : ""}, ${kwh(r.clippedKwhPerMonth)} (${percent(r.clippedPct)}) would be clipped.`;
    case "within":
      return r.nature === "neverExceed"
        ? `Even in the cold the panels deliver at most ${amount(r.dueW, "W")}, below the absolute maximum of ${most}.`
        : r.idle
          ? `At noon ${amount(r.noonW, "W")} are available, but the controller harvests nothing because the voltage does not fit; its max PV power is ${most}.`
          : `At noon the array delivers ${amount(r.noonW, "W")}; the controller uses at most ${most}.`;
  }
}
