import { type FuseReason } from "@/core/protection/rules";
import { branchWords } from "../protection/cables";
import { capital, amount, counted, given } from "../format";
import { type RuleWords } from "./rule-words";

export const fusesWords: RuleWords<"fuses"> = {
  title: "String fuses",
  sentence(r) {
    return fusesSentence(r);
  },
  why(r) {
    return {
      lines: [
        `${capital(branchWords(r.place))}: the others of its set, and of the sets around it, can push back ${amount(r.backfeedA, "A")}; × 1.25 = ${amount(r.marginedA, "A")}, at most ${given(r.ratingA, "A")} allowed`,
        `Fuse for it: at least 1.56 × Isc ${amount(r.iscA, "A")} = ${amount(1.56 * r.iscA, "A")}, at most ${given(r.ratingA, "A")}: ${r.sizeA === null ? "no standard size" : given(r.sizeA, "A")}`,
        `${counted(r.needed, "branch", "branches")} of ${r.branches} ${r.needed === 1 ? "needs" : "need"} a fuse; each is judged by its own Isc, its own rating and its own neighbours`,
      ],
      source: `NEC 690.9: 1.25 × backfeed against the max series fuse rating, fuse of at least 1.25 × 1.25 × Isc. IEC 62548 allows 1.5 to 2.4 × Isc. Blocking diodes do not count, because they fail as a short circuit. A gPV fuse needs about 1.45 × its rating, for about an hour, to blow.`,
    };
  },
};

function fusesSentence(r: FuseReason): string {
  const where = branchWords(r.place);
  const fed = `If ${where} fails, the others can push ${amount(r.backfeedA, "A")} back into it (${amount(r.marginedA, "A")} in the brightest sun)`;
  const rating = `the max series fuse rating of ${r.panelName} is ${given(r.ratingA, "A")}${r.ratingIsAssumed ? " (assumed: its label states none)" : ""}`;
  const strict =
    r.strictA === null
      ? ""
      : ` With its own Isc that is ${amount(r.strictA, "A")}: the strict rule, which this plan uses.`;
  switch (r.outcome) {
    case "noneFits":
      return `${fed}; ${rating}. It needs a fuse, and none fits: at least ${amount(1.56 * r.iscA, "A")} (1.56 × Isc ${amount(r.iscA, "A")}), at most ${given(r.ratingA, "A")}.${strict}`;
    case "ratingAsked":
      return `${fed}. What is the max series fuse rating of ${r.panelName}? Its label states none, and the usual ${given(r.ratingA, "A")} is less than 1.56 × its own Isc.${strict}`;
    case "fuseEach":
      return `${fed}; ${rating}. ${missingWords(r)}${blowWords(r)}${strict}`;
    case "fuseRest":
      return `${fed}; ${rating}. Fuses are fitted in ${r.needed - r.missing.length} of the ${r.needed} branches that need one. ${missingWords(r)}${strict}`;
    case "fitted":
      return `${fed}; ${rating}. The fuse fitted there is ${given(r.fittedA ?? 0, "A")}; each branch that needs a fuse has one.${blowWords(r)}${strict}`;
    case "strictOnly":
      return `${fed}; ${rating}, so the usual rule needs no fuse. The strict rule would fit one all the same.`;
    case "notNeeded":
      return `${fed}; ${rating}, so no fuse is needed.`;
  }
}

/** Which fuses are missing: "Fit a 10 A fuse in string 1 and string 2, a 15 A fuse in string 3." */
function missingWords({ missing }: FuseReason): string {
  const sizes = [...new Set(missing.flatMap(({ sizeA }) => sizeA ?? []))].sort((a, b) => a - b);
  const parts = sizes.map((amps) => {
    const places = missing.filter(({ sizeA }) => sizeA === amps).map(({ place }) => branchWords(place));
    const where =
      places.length > maxNamed ? `each of ${places.length} branches` : new Intl.ListFormat("en").format(places);
    return `a ${given(amps, "A")} fuse in ${where}`;
  });
  return `Fit ${parts.join("; ")}.`;
}
const maxNamed = 4;

function blowWords({ couldBlow, backfeedA, sizeA }: FuseReason): string {
  return couldBlow || sizeA === null
    ? ""
    : ` (${amount(backfeedA, "A")} alone would not blow a ${given(sizeA, "A")} fuse.)`;
}
