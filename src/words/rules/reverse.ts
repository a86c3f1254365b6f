import { type ReverseReason } from "@/core/rules";
import { amount, given } from "../format";
import { type RuleWords } from "./rule-words";

export const reverseWords: RuleWords<"reverse"> = {
  title: "Amps pushed backwards",
  sentence(r) {
    return reverseSentence(r);
  },
  why(r) {
    return {
      lines: [
        `Nothing drawn, ${r.sky === "coldDawn" ? "cells at the record low" : "bright noon"}, ${r.asTheyStand ? "as the panels stand" : "all panels lit"}: ${amount(r.amps, "A")} backwards through ${r.panelName}`,
        `Its series fuse rating: ${given(r.fuseA, "A")}`,
      ],
      source: "By the solved net at open circuit.",
    };
  },
};

function reverseSentence(r: ReverseReason): string {
  const sky = r.sky === "coldDawn" ? "on a cold bright dawn" : "at noon";
  const lit = r.asTheyStand ? "" : ", all panels lit";
  return r.outcome === "over"
    ? `With nothing drawn, ${sky}${lit}, ${amount(r.amps, "A")} are pushed backwards through ${r.panelName}, which bears ${given(r.fuseA, "A")}: it may overheat.`
    : `With nothing drawn, ${sky}${lit}, ${amount(r.amps, "A")} flow backwards through ${r.panelName}; it bears ${given(r.fuseA, "A")}.`;
}
