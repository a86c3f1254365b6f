import { type FuseReason } from "@/core/rules";
import { amount, counted, given } from "../format";
import { type RuleWords } from "./rule-words";

export const fusesWords: RuleWords<"fuses"> = {
  title: "Fuses of rows side by side",
  sentence(r) {
    return fusesSentence(r);
  },
  why(r) {
    return {
      lines: [
        `${counted(r.rows, "row")} in parallel; all but the weakest give ${amount(r.backfeedA, "A")} × 1.25 = ${amount(r.marginedA, "A")}, held against ${given(r.ratingA, "A")}`,
        `Fuse: from 1.56 × ${amount(r.iscA, "A")} = ${amount(1.56 * r.iscA, "A")} to ${given(r.ratingA, "A")}: ${r.sizeA === null ? "no standard size" : given(r.sizeA, "A")}`,
      ],
      source: "NEC 690.9: backfeed rule, 1.25 × 1.25 × Isc. Blocking diodes do not count, as they fail short.",
    };
  },
};

function fusesSentence(r: FuseReason): string {
  const all =
    r.strictA === null
      ? ""
      : ` (All rows together give ${amount(r.strictA, "A")}: the strict school, which this plan keeps to.)`;
  const fed = `A row that fails can be fed by the other ${counted(r.rows - 1, "row")} with ${amount(r.backfeedA, "A")}, under bright sky ${amount(r.marginedA, "A")}`;
  const bears = `${r.panelName} bears ${given(r.ratingA, "A")}`;
  switch (r.outcome) {
    case "noneFits":
      return `${fed}; ${bears}. Each row would need a fuse, and none fits: it must carry ${amount(1.56 * r.iscA, "A")} and may be ${given(r.ratingA, "A")} at most.${all}`;
    case "fuseEach":
      return `${fed}; ${bears}: put a ${given(r.sizeA ?? 0, "A")} fuse in each row.${r.couldBlow ? "" : " (By these amps alone it would not blow.)"}${all}`;
    case "fuseRest":
      return `${fed}; ${bears}: ${counted(r.fitted, "row")} of ${r.rows} ${r.fitted === 1 ? "has its" : "have their"} fuse, put a ${given(r.sizeA ?? 0, "A")} fuse in the rest too.${all}`;
    case "fitted":
      return `${fed}; ${bears}: a fuse is fitted in each row.${r.couldBlow ? "" : " (By these amps alone it would not blow.)"}${all}`;
    case "strictOnly":
      return `${fed}; ${bears}, so no fuse is needed by the usual rule. The strict school fuses each row all the same.`;
    case "notNeeded":
      return `${fed}; ${bears}: no fuses are needed.`;
  }
}
