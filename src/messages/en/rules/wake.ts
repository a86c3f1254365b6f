import { type WakeReason } from "@/core/wiring/rules";
import { amount, given, limit } from "../format";
import { type RuleWords } from "./rule-words";

export const wakeWords: RuleWords<"wake"> = {
  title: "Waking on a dull morning",
  sentence(r) {
    return wakeSentence(r);
  },
  why(r) {
    return {
      lines: [
        `Volts with nothing connected, solved: ${amount(r.dullVocV, "V")} at ${given(r.dullWm2, "W/m²")}, ${amount(r.brightVocV, "V")} at 1000 W/m²`,
        `Needed to wake: ${limit(r.wakeV, "V")}${r.wakesAtWm2 === null ? "" : `, reached ${r.wakesAtWm2 < 1 ? `below ${given(1, "W/m²")}` : `at ${amount(r.wakesAtWm2, "W/m²")}`} (volts rise with the logarithm of light)`}`,
        `Longest clear day: ${Math.round(r.asleepMinutes)} minutes of daylight have less than that`,
      ],
      source: "Single-diode curve: De Soto, Klein & Beckman 2006. Clear sky: Haurwitz 1945.",
    };
  },
};

function wakeSentence(r: WakeReason): string {
  const dull = `Under thick cloud (${given(r.dullWm2, "W/m²")}) the array stands at ${amount(r.dullVocV, "V")}`;
  const from = r.wakesAtWm2 === null || r.wakesAtWm2 < 1 ? "" : ` It wakes from ${amount(r.wakesAtWm2, "W/m²")} on.`;
  switch (r.outcome) {
    case "never":
      return `Even in full sun the array gives ${amount(r.brightVocV, "V")}; the input needs ${limit(r.wakeV, "V")} to wake. It would show 0 W.`;
    case "dullSleep":
      return `${dull}, below the ${limit(r.wakeV, "V")} the input needs to wake.${from} On dull days it sleeps; on the longest clear day it misses ${Math.round(r.asleepMinutes)} minutes.`;
    case "lateWake":
      return `${dull}, above the ${limit(r.wakeV, "V")} the input needs to wake, but first light is not enough.${from}`;
    case "early":
      return `${dull}, above the ${limit(r.wakeV, "V")} the input needs to wake: it starts with first light.`;
  }
}
