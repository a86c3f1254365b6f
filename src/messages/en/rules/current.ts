import { type CurrentReason, type StatedLimit } from "@/core/wiring/rules";
import { amount, given, limit, percent } from "../format";
import { sumWords } from "../names";
import { natureWords, unknownLimit, type RuleWords } from "./rule-words";

type Main = Extract<CurrentReason, { type: "current" }>;

export const currentWords: RuleWords<"current"> = {
  title: "Max PV current",
  sentence(r) {
    switch (r.type) {
      case "noCurrentLimit":
        return `Isc of the array is ${amount(r.iscA, "A")}; the data sheet states no max PV current.`;
      case "noTierAmps":
        return `What is the max PV current ${rangeWords(r)}? Enter it under “Current limits” at Controller.`;
      case "natureAsked":
        return `Under a bright sky Isc × 1.25 is ${amount(r.marginedIscA, "A")}, above the max PV current of ${given(r.amps, "A")}. Does the controller limit the current itself, or must it never be exceeded?`;
      case "current":
        return currentSentence(r);
    }
  },
  why(r) {
    switch (r.type) {
      case "noTierAmps":
        return { lines: ["A tier under “Current limits” has a voltage range but no current."], source: "" };
      case "natureAsked":
        return {
          lines: [
            `${given(r.amps, "A")} ${rangeWords(r)}: the data sheet does not say which kind of limit this is.`,
            "A self-limiting controller leaves extra amps unused; an absolute maximum must never be exceeded.",
          ],
          source: "Factor: NEC 690.8(A)(1).",
        };
      case "noCurrentLimit":
        return unknownLimit;
      case "current": {
        return {
          lines: [
            `Isc: strings in parallel (amps add) ${sumWords(r.terms, "A")} = ${amount(r.iscA, "A")}`,
            `Bright cloud edges and snow: × 1.25 = ${amount(r.marginedIscA, "A")}`,
            ...(r.running === null
              ? []
              : [`At ${amount(r.runningV, "V")}, the operating voltage: ${tierWords(r.running)}`]),
            ...(r.never === null
              ? []
              : [
                  `Between start-up (${limit(r.sweepFromV, "V")}) and Voc (${amount(r.sweepToV, "V")}) these limits apply: ${tierWords(r.never)}`,
                ]),
          ],
          source: "Factor: NEC 690.8(A)(1). Operating point: solved curve at bright noon.",
        };
      }
    }
  },
};

function currentSentence(r: Main): string {
  const range = ({ fromV, toV }: StatedLimit) =>
    toV === null ? "" : ` between ${limit(fromV, "V")} and ${limit(toV, "V")}`;
  if (r.outcome === "overAbsolute" && r.never !== null) {
    const sweeps = `While starting and tracking, the controller goes through every voltage between ${limit(r.sweepFromV, "V")} and ${amount(r.sweepToV, "V")}, so the limit applies there too.`;
    return `Under a bright sky Isc × 1.25 is ${amount(r.marginedIscA, "A")}, above the absolute maximum of ${given(r.never.amps, "A")}${range(r.never)}. ${sweeps}`;
  }
  const tiers =
    r.open !== null && r.running !== null && r.open.amps !== r.running.amps
      ? ` Its operating voltage (${amount(r.runningV, "V")}) decides which limit applies, not Voc (${amount(r.openV, "V")}), where the limit would be ${given(r.open.amps, "A")}.`
      : "";
  const never =
    r.never === null
      ? ""
      : `Even under a bright sky Isc × 1.25 is ${amount(r.marginedIscA, "A")}, below the absolute maximum of ${given(r.never.amps, "A")}.`;
  if (r.outcome === "idle")
    return `At noon the controller harvests nothing from this array because its voltage does not fit; Isc is ${amount(r.iscA, "A")}.`;
  if (r.running === null)
    return never === "" ? `No current limit applies at the operating voltage of ${amount(r.runningV, "V")}.` : never;
  const most = given(r.running.amps, "A");
  switch (r.outcome) {
    case "clips":
    case "clipsLittle":
      return `Isc of the array is ${amount(r.iscA, "A")}; the controller uses at most ${most} of it, the rest is clipped: ${percent(r.noonLossPct)} of the power at noon.${tiers}`;
    case "gap":
      return `At noon the array’s best voltage is ${amount(r.bestV, "V")}, outside all voltage ranges of the current limits; at ${amount(r.runningV, "V")} instead, ${percent(r.noonLossPct)} of its power is lost.`;
    case "shortOver":
      return `The controller uses at most ${most}. Isc is ${amount(r.iscA, "A")}, ${percent(100 * (r.iscA / r.running.amps - 1))} above that; but the operating current at noon is below it, so nothing is clipped.${tiers}${never === "" ? "" : ` ${never}`}`;
    case "within":
    case "overAbsolute":
      return r.running.nature === "neverExceed"
        ? `${never}${tiers}`
        : `The controller uses at most ${most}; the operating current at noon is below that (Isc ${amount(r.iscA, "A")}).${tiers}${never === "" ? "" : ` ${never}`}`;
  }
}

function rangeWords({ fromV, toV }: { readonly fromV: number | null; readonly toV: number | null }): string {
  if (fromV === null && toV === null) return "at any voltage";
  if (fromV === null) return `up to ${given(toV ?? 0, "V")}`;
  return toV === null ? `from ${given(fromV, "V")} on` : `between ${given(fromV, "V")} and ${given(toV, "V")}`;
}

function tierWords({ amps, fromV, toV, nature }: StatedLimit): string {
  const range =
    toV === null
      ? fromV === 0
        ? "at any voltage"
        : `from ${limit(fromV, "V")} on`
      : `from ${limit(fromV, "V")} to ${given(toV, "V")}`;
  return `${given(amps, "A")} ${range}, ${natureWords(nature)}`;
}
