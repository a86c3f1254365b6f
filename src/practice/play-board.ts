import { piecesIn, type Plan } from "@/core/plan";
import { assess } from "@/core/assessment";
import { tilesOfStrings } from "@/core/engine/array";
import { type BoardCase, type Verdict } from "./case";
import { wiredAs, wiringId } from "./build";

/** As good as the best as far as one can measure. */
const goodShare = 0.97;

/** What comes of plugging in what is on the board. Null: nothing is wired yet. */
export function plugInBoard({ plan: given, remedy }: BoardCase, plan: Plan): Verdict | null {
  const assessment = assess(plan, wiringId);
  if (assessment.type !== "assessed") return null;
  const stop = assessment.findings.find(({ level }) => level === "stop");
  const borrowed = piecesIn(plan) - piecesIn(given);
  if (borrowed > 0) return { type: "failed", by: { type: "borrowed", count: borrowed } };
  const watts = assessment.takenW.brightNoon;
  if (stop !== undefined) return { type: "failed", by: { type: "rule", finding: stop } };
  const best = assess(wiredAs(given, remedy), wiringId);
  const bestW = best.type === "assessed" ? best.takenW.brightNoon : 0;
  if (watts >= goodShare * bestW) return { type: "solved", by: { type: "wired", watts, bestW } };
  const portArrays = plan.wirings.find(({ id }) => id === wiringId)?.portArrays ?? [];
  const wired = portArrays.reduce((sum, { strings }) => sum + tilesOfStrings(strings).length, 0);
  const count = piecesIn(plan) - wired;
  return { type: "failed", by: count > 0 ? { type: "leftOut", count } : { type: "watts", watts, bestW } };
}
