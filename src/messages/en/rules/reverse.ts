import { type ReverseReason } from "@/core/wiring/rules";
import { amount, given } from "../format";
import { type RuleWords } from "./rule-words";

export const reverseWords: RuleWords<"reverse"> = {
  title: "Backfeed (reverse) current",
  sentence(r) {
    return reverseSentence(r);
  },
  why(r) {
    return {
      lines: [
        `No current drawn, ${r.sky === "coldDawn" ? "cells at the record low" : "bright noon"}, ${r.asTheyStand ? "panels in their present light" : "all panels in full sun"}: ${amount(r.amps, "A")} backwards through ${r.panelName}`,
        `Its max series fuse rating: ${given(r.fuseA, "A")}`,
      ],
      source: "From the solved circuit at open circuit.",
    };
  },
};

function reverseSentence(r: ReverseReason): string {
  const sky = r.sky === "coldDawn" ? "on a cold bright dawn" : "at noon";
  const lit = r.asTheyStand ? "" : ", all panels in full sun";
  const pushed = `With no current drawn, ${sky}${lit}, ${amount(r.amps, "A")} flow backwards through ${r.panelName}`;
  switch (r.outcome) {
    case "over":
      return `${pushed}, above its max series fuse rating of ${given(r.fuseA, "A")}: it can overheat.`;
    case "asked":
      return `${pushed}. What is its max series fuse rating? Its label states none, and the usual ${given(r.fuseA, "A")} is less than 1.56 × its own Isc.`;
    case "borne":
      return `${pushed}; its max series fuse rating is ${given(r.fuseA, "A")}.`;
  }
}
