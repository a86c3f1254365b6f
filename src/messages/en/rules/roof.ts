import { type LayoutReason } from "@/core/layout/rules";
import { type UnitSystem } from "@/core/engine/units";
import { amount, area, counted, given } from "../format";
import { type RuleWords } from "./rule-words";

export const zoneWords: Readonly<Record<NonNullable<LayoutReason["zoneKind"]>, string>> = {
  walkway: "a walkway that must stay free",
  free: "an area that must stay free",
  noGlue: "an area where adhesive does not hold",
  hot: "a hot area",
  weak: "a weak area",
  hidden: "hidden cables or ribs",
};

export const layoutWords: RuleWords<"layout"> = {
  title: "Placement of panels",
  sentence({ fault, name, otherName, zoneKind }, system) {
    const mm = (value: number) => amount(value, "mm", system);
    switch (fault.type) {
      case "overlap":
        return `${name} overlaps ${otherName} by ${area(fault.areaMm2, system)}. Move one of them, or raise one so that they overlap at different heights.`;
      case "overEdge":
        return `${name} projects over the edge of ${otherName} by ${area(fault.areaMm2, system)}.`;
      case "onObstacle":
        return `${name} is on top of “${otherName}”.`;
      case "clearance":
        return `${name} is nearer than ${mm(fault.clearanceMm)} to “${otherName}”: the object could not open or be reached.`;
      case "inZone":
        return `${name} covers ${area(fault.areaMm2, system)} of “${otherName}”: ${zoneKind === null ? "a zone" : zoneWords[zoneKind]}.`;
      case "onRib":
        return `${name} is ${mm(fault.gapMm)} above the roof, over ribs ${mm(fault.heightMm)} high: it would rest on the ribs.`;
      case "onCamber":
        return `The roof bulges by ${mm(fault.bulgeMm)} under ${name}, which is only ${mm(fault.gapMm)} above it.`;
      case "noHand":
        return `Behind the legs of ${name} there are only ${mm(fault.freeMm)} to “${otherName}”: a hand with a wrench (spanner) needs ${mm(fault.neededMm)}.`;
      case "drill":
        return `The hole for “${name}” would go through “${otherName}”: ${zoneKind === null ? "a zone" : zoneWords[zoneKind]}. Do not drill there: move the hole.`;
    }
  },
  why(_, system) {
    return {
      lines: [
        "Seen from above, panels at their tilt; each object with the space that must stay free around it.",
        `An object above a panel is no conflict; a panel ${amount(40, "mm", system)} higher than another can overlap it.`,
      ],
      source: `Plain geometry. A hand with a wrench (spanner): ${amount(120, "mm", system)}.`,
    };
  },
};

export const roofLoadWords: RuleWords<"roofLoad"> = {
  title: "Weight on the roof",
  sentence({ outcome, surfaceName, totalKg, limitKg, panels, basesKg, snowKg, workerKg }, system) {
    const limit = given(limitKg, "kg", system);
    const what = `${counted(panels, "panel")}${basesKg > 0 ? " with their mounting" : ""}${snowKg > 0 ? `, and ${kg(snowKg, system)} of snow,` : ""} on “${surfaceName}”: ${kg(totalKg, system)}`;
    const more = `${basesKg > 0 ? "" : " The mounting is not included."}${snowKg > 0 ? "" : " Snow is not included."}`;
    switch (outcome) {
      case "over":
        return `${what}, above the ${limit} it can carry.`;
      case "noWorker":
        return `${what}, of the ${limit} it can carry. With a person of ${kg(workerKg, system)} on it that would be exceeded: work from a ladder and do not step on it.${more}`;
      case "full":
      case "fits":
        return `${what}, of the ${limit} it can carry.${more}`;
    }
  },
  why({ totalKg, assumedKg, limitKg, basesKg, snowKg }, system) {
    return {
      lines: [
        ...(basesKg > 0 ? [`Feet, brackets, rails and sealant at Mounting: ${kg(basesKg, system)}`] : []),
        ...(snowKg > 0 ? [`Snow on the panels (EN 1991-1-3): ${kg(snowKg, system)}`] : []),
        `Labels and estimates: ${kg(totalKg, system)}, of which ${kg(assumedKg, system)} are assumed for labels that state no weight (${system === "metric" ? "12\u00a0kg/m² for glass, 4\u00a0kg/m²" : "2.5\u00a0lb/ft² for glass, 0.8\u00a0lb/ft²"} for flexible panels)`,
        `Entered for the roof: ${given(limitKg, "kg", system)}`,
      ],
      source: "Sum of the labels. The vehicle’s papers state the roof load when driving and when parked.",
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
        : `${amount(spare, "mm", system)} of clearance${spare < 100 ? ", which suspension travel or waves can use up" : ""}`;
    return `${highestName === surfaceName ? surfaceName : `“${highestName}” on ${surfaceName}`} is ${amount(heightMm, "mm", system)} high; the lowest bridge is ${amount(clearMm, "mm", system)}: ${end}.`;
  },
  why({ heightMm, clearMm }, system) {
    return {
      lines: [
        `Highest object or panel: ${amount(heightMm, "mm", system)}; lowest bridge or barrier: ${amount(clearMm, "mm", system)}`,
      ],
      source: `Edge of the roof, plus its camber at that spot, plus the object on it or a panel’s raised edge with its frame of ${amount(40, "mm", system)}.`,
    };
  },
};

export const leadsWords: RuleWords<"leads"> = {
  title: "Length of the leads",
  sentence({ fromName, toName, apartMm, reachMm, leadMm, isAssumed }, system) {
    return `The cable route between ${fromName} and ${toName} is ${amount(apartMm, "mm", system)}; their two leads of ${amount(leadMm, "mm", system)}${isAssumed ? " (assumed)" : ""} are ${amount(reachMm, "mm", system)} together, which is too short. Use an extension cable.`;
  },
  why({ apartMm, reachMm }, system) {
    return {
      lines: [
        `Between junction boxes × 1.1: ${amount(apartMm, "mm", system)}; two leads: ${amount(reachMm, "mm", system)}`,
      ],
      source: `Junction boxes are assumed ${amount(120, "mm", system)} from the end that points to the front at 0°.`,
    };
  },
};

function kg(value: number, system: UnitSystem): string {
  return amount(value, "kg", system);
}
