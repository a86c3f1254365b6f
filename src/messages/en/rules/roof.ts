import { type LayoutReason } from "@/core/layout/rules";
import { type UnitSystem } from "@/core/engine/units";
import { amount, counted, given } from "../format";
import { type RuleWords } from "./rule-words";

export const zoneWords: Readonly<Record<NonNullable<LayoutReason["zoneKind"]>, string>> = {
  walkway: "a walkway: nobody gets past it",
  free: "what must stay free",
  noGlue: "where no glue holds",
  hot: "where it gets hot",
  weak: "where the roof is weak",
  hidden: "something under the skin",
};

export const layoutWords: RuleWords<"layout"> = {
  title: "How panels lie",
  sentence({ fault, name, otherName, zoneKind }, system) {
    const mm = (value: number) => amount(value, "mm", system);
    switch (fault.type) {
      case "overlap":
        return `${name} lies over ${otherName} by ${cm2(fault.areaMm2)}. Move one of them, or set it higher to slide over.`;
      case "overEdge":
        return `${name} hangs over the edge of ${otherName} by ${cm2(fault.areaMm2)}.`;
      case "onObstacle":
        return `${name} lies where “${otherName}” stands.`;
      case "clearance":
        return `${name} is nearer than ${mm(fault.clearanceMm)} to “${otherName}”: it could not open or be reached.`;
      case "inZone":
        return `${name} lies on “${otherName}” by ${cm2(fault.areaMm2)}: ${zoneKind === null ? "a zone" : zoneWords[zoneKind]}.`;
      case "onRib":
        return `${name} lies ${mm(fault.gapMm)} above the roof, over ribs that are ${mm(fault.heightMm)} high: it would rest on them.`;
      case "onCamber":
        return `The roof bulges by ${mm(fault.bulgeMm)} under ${name}, which lies only ${mm(fault.gapMm)} above it.`;
      case "noHand":
        return `Behind the legs of ${name} there are ${mm(fault.freeMm)} to “${otherName}”: a hand with a spanner takes ${mm(fault.neededMm)}.`;
      case "drill":
        return `The hole for “${name}” would go through “${otherName}”: ${zoneKind === null ? "a zone" : zoneWords[zoneKind]}. Do not drill there: move the hole.`;
    }
  },
  why() {
    return {
      lines: [
        "Looked at from above, panels as they are tilted; each thing with what must stay free round it.",
        "What hangs over a panel is not in its way; a panel 40 mm higher than another slides over it.",
      ],
      source: "Plain geometry. A hand with a spanner: 120 mm.",
    };
  },
};

export const roofLoadWords: RuleWords<"roofLoad"> = {
  title: "Weight on the roof",
  sentence({ outcome, surfaceName, totalKg, limitKg, panels, basesKg, snowKg, workerKg }, system) {
    const limit = given(limitKg, "kg", system);
    const what = `${counted(panels, "panel")}${basesKg > 0 ? " with what holds them" : ""}${snowKg > 0 ? `, and ${kg(snowKg, system)} of snow,` : ""} on “${surfaceName}”: ${kg(totalKg, system)}`;
    const more = `${basesKg > 0 ? "" : " What holds them comes on top."}${snowKg > 0 ? "" : " So does snow."}`;
    switch (outcome) {
      case "over":
        return `${what}, above the ${limit} it can carry.`;
      case "noWorker":
        return `${what}, of the ${limit} it can carry. With a person of ${kg(workerKg, system)} on it that would be exceeded: work from a ladder, nobody steps on it.${more}`;
      case "full":
      case "fits":
        return `${what}, of the ${limit} it can carry.${more}`;
    }
  },
  why({ totalKg, assumedKg, limitKg, basesKg, snowKg }) {
    return {
      lines: [
        ...(basesKg > 0 ? [`Of it feet, brackets, rails and sealant of Mounting: ${amount(basesKg, "kg")}`] : []),
        ...(snowKg > 0 ? [`Snow on the panels (EN 1991-1-3): ${amount(snowKg, "kg")}`] : []),
        `Labels and estimates: ${amount(totalKg, "kg")}, of which ${amount(assumedKg, "kg")} are taken for labels that state no weight (12 kg/m² of glass, 4 kg/m² of what bends)`,
        `Entered for the roof: ${given(limitKg, "kg")}`,
      ],
      source: "Sum of the labels. What a roof can carry moving and standing is in the vehicle’s papers.",
    };
  },
};

export const clearHeightWords: RuleWords<"clearHeight"> = {
  title: "Height under bridges",
  sentence({ surfaceName, highestName, heightMm, clearMm }, system) {
    const spare = clearMm - heightMm;
    const end =
      spare < 0
        ? `${amount(-spare, "mm", system)} too high`
        : `${amount(spare, "mm", system)} to spare${spare < 100 ? ", which springs and water use up" : ""}`;
    return `${highestName === surfaceName ? surfaceName : `“${highestName}” on ${surfaceName}`} reaches ${amount(heightMm, "mm", system)}; the lowest bridge is ${amount(clearMm, "mm", system)}: ${end}.`;
  },
  why({ heightMm, clearMm }) {
    return {
      lines: [
        `Highest of all that stands and lies there: ${amount(heightMm, "mm")}; lowest bridge or barrier: ${amount(clearMm, "mm")}`,
      ],
      source:
        "Edge of the roof, plus its camber at that spot, plus what stands on it or a panel’s raised edge with its 40 mm frame.",
    };
  },
};

export const leadsWords: RuleWords<"leads"> = {
  title: "Reach of the leads",
  sentence({ fromName, toName, apartMm, reachMm, leadMm, isAssumed }, system) {
    return `From ${fromName} to ${toName} it is ${amount(apartMm, "mm", system)} as cables go; their leads of ${amount(leadMm, "mm", system)}${isAssumed ? " (assumed)" : ""} reach ${amount(reachMm, "mm", system)} together. An extension cable joins them.`;
  },
  why({ apartMm, reachMm }) {
    return {
      lines: [`From box to box × 1.1: ${amount(apartMm, "mm")}; two leads: ${amount(reachMm, "mm")}`],
      source: "Boxes are taken 120 mm from the end that points to the front at 0°.",
    };
  },
};

function cm2(areaMm2: number): string {
  return `${(areaMm2 / 100).toFixed(0)}\u00a0cm²`;
}

function kg(value: number, system: UnitSystem): string {
  return amount(value, "kg", system);
}
