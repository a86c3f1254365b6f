import { type WakeReason } from "@/core/wiring/rules";
import { amount, given, limit } from "../format";
import { type RuleWords } from "./rule-words";

export const wakeWords: RuleWords<"wake"> = {
  title: "Start-up on a dull morning",
  sentence(r) {
    return wakeSentence(r);
  },
  why(r) {
    return {
      lines: [
        `Voc, solved: ${amount(r.dullVocV, "V")} at ${given(r.dullWm2, "W/m²")}, ${amount(r.brightVocV, "V")} at 1000 W/m²`,
        `Start-up voltage: ${limit(r.wakeV, "V")}${r.wakesAtWm2 === null ? "" : `, exceeded ${r.wakesAtWm2 < 1 ? `below ${given(1, "W/m²")}` : `at ${amount(r.wakesAtWm2, "W/m²")}`} (voltage rises with the logarithm of light)`}`,
        `Longest clear day: ${Math.round(r.asleepMinutes)} minutes of daylight are below it`,
      ],
      source: "Single-diode curve: De Soto, Klein & Beckman 2006. Clear sky: Haurwitz 1945.",
    };
  },
};

function wakeSentence(r: WakeReason): string {
  const dull = `Under thick cloud (${given(r.dullWm2, "W/m²")}) Voc is ${amount(r.dullVocV, "V")}`;
  const from =
    r.wakesAtWm2 === null || r.wakesAtWm2 < 1 ? "" : ` The controller wakes at ${amount(r.wakesAtWm2, "W/m²")}.`;
  switch (r.outcome) {
    case "never":
      return `Even in full sun Voc is only ${amount(r.brightVocV, "V")}, below the start-up voltage of ${limit(r.wakeV, "V")}. The controller would show 0 W.`;
    case "dullSleep":
      return `${dull}, below the start-up voltage of ${limit(r.wakeV, "V")}.${from} On dull days it stays asleep; on the longest clear day it misses ${Math.round(r.asleepMinutes)} minutes.`;
    case "lateWake":
      return `${dull}, above the start-up voltage of ${limit(r.wakeV, "V")}, but first light is not enough.${from}`;
    case "early":
      return `${dull}, above the start-up voltage of ${limit(r.wakeV, "V")}: the controller starts with first light.`;
  }
}
