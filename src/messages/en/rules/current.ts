import { type CurrentReason, type StatedLimit } from "@/core/wiring/rules";
import { amount, given, limit, percent } from "../format";
import { sumWords } from "../names";
import { natureWords, unknownLimit, type RuleWords } from "./rule-words";

type Main = Extract<CurrentReason, { type: "current" }>;

export const currentWords: RuleWords<"current"> = {
  title: "Amps into the input",
  sentence(r) {
    switch (r.type) {
      case "noCurrentLimit":
        return `The array can give ${amount(r.iscA, "A")}; the input states no current limit.`;
      case "noTierAmps":
        return `How many amps does the input take ${rangeWords(r)}? Fill in “Amps” under “Current limits” at Controller.`;
      case "current":
        return currentSentence(r);
    }
  },
  why(r) {
    switch (r.type) {
      case "noTierAmps":
        return { lines: ["Asked: a range of volts stands under “Current limits” without its amps."], source: "" };
      case "noCurrentLimit":
        return unknownLimit;
      case "current": {
        return {
          lines: [
            `Short circuit: rows in parallel (amps add) ${sumWords(r.terms, "A")} = ${amount(r.iscA, "A")}`,
            `Bright cloud edges and snow: × 1.25 = ${amount(r.marginedIscA, "A")}`,
            ...(r.running === null ? [] : [`At ${amount(r.runningV, "V")}, where it runs: ${tierWords(r.running)}`]),
            ...(r.never === null
              ? []
              : [
                  `Between waking (${limit(r.sweepFromV, "V")}) and open circuit (${amount(r.sweepToV, "V")}) it meets: ${tierWords(r.never)}`,
                ]),
          ],
          source: "Factor: NEC 690.8(A)(1). Running point: solved curve at bright noon.",
        };
      }
    }
  },
};

function currentSentence(r: Main): string {
  const range = ({ fromV, toV }: StatedLimit) =>
    toV === null ? "" : ` between ${limit(fromV, "V")} and ${limit(toV, "V")}`;
  if (r.outcome === "overAbsolute" && r.never !== null) {
    const sweeps = `While starting and tracking, the input passes through every voltage from ${limit(r.sweepFromV, "V")} to ${amount(r.sweepToV, "V")}, so the limit applies there too.`;
    return `A bright sky can push ${amount(r.marginedIscA, "A")} into the input, which must never get more than ${given(r.never.amps, "A")}${range(r.never)}. ${sweeps}`;
  }
  const tiers =
    r.open !== null && r.running !== null && r.open.amps !== r.running.amps
      ? ` Its operating voltage (${amount(r.runningV, "V")}) decides the limit, not its open-circuit voltage (${amount(r.openV, "V")}), where ${given(r.open.amps, "A")} would hold.`
      : "";
  const never =
    r.never === null
      ? ""
      : `Even a bright sky pushes ${amount(r.marginedIscA, "A")} at most, under the ${given(r.never.amps, "A")} the input must never get.`;
  if (r.outcome === "idle")
    return `At noon the input takes nothing from this array, for its volts; shorted it could give ${amount(r.iscA, "A")}.`;
  if (r.running === null)
    return never === "" ? `No limit of amps holds where the array runs, at ${amount(r.runningV, "V")}.` : never;
  const most = given(r.running.amps, "A");
  switch (r.outcome) {
    case "clips":
    case "clipsLittle":
      return `The array can give ${amount(r.iscA, "A")}; the input draws up to ${most} and leaves the rest: ${percent(r.noonLossPct)} of noon watts.${tiers}`;
    case "gap":
      return `At noon the array is best at ${amount(r.bestV, "V")}, where none of the input’s ranges of amps holds; beside it, at ${amount(r.runningV, "V")}, ${percent(r.noonLossPct)} of its watts are lost.`;
    case "shortOver":
      return `The input draws up to ${most}. Shorted the array gives ${amount(r.iscA, "A")}, ${percent(100 * (r.iscA / r.running.amps - 1))} over that limit; running at noon it stays inside, and nothing is lost.${tiers}${never === "" ? "" : ` ${never}`}`;
    case "within":
    case "overAbsolute":
      return r.running.nature === "neverExceed"
        ? `${never}${tiers}`
        : `The input draws up to ${most}; at noon the array runs inside that (short circuit ${amount(r.iscA, "A")}).${tiers}${never === "" ? "" : ` ${never}`}`;
  }
}

function rangeWords({ fromV, toV }: Extract<CurrentReason, { type: "noTierAmps" }>): string {
  if (fromV === null && toV === null) return "at any volts";
  if (fromV === null) return `up to ${given(toV ?? 0, "V")}`;
  return toV === null ? `from ${given(fromV, "V")} on` : `between ${given(fromV, "V")} and ${given(toV, "V")}`;
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
