import { type Hold } from "@/core/mounting";
import { type UnitSystem } from "@/core/engine/units";
import { amount, area, degreesApart, given } from "../format";
import {
  gateWords,
  methodWords,
  roofSurfaceWords as surfaceNames,
  windCaseWords,
  windWords,
} from "../mounting/sentences";
import { mountWords } from "../names";
import { type RuleWords } from "./rule-words";

const planning =
  "Planning values, not a structural design. For anything above people or a road, follow the maker’s data sheet and ask a structural engineer.";
const share = (use: number) => (use > 100 ? "far more than 100 %" : `${(100 * use).toFixed(0)}\u00a0%`);
const force = (newton: number, system: UnitSystem) => amount(newton, "N", system);
/** A few millimetres, as a bed of adhesive is thick. */
const small = (mm: number, system: UnitSystem) =>
  system === "metric" ? `${Number(mm.toFixed(1))}\u00a0mm` : `${(mm / 25.4).toFixed(2)}\u00a0in`;

const half = "Plan with at most half.";

export const holdWords: RuleWords<"hold"> = {
  title: "Wind load",
  sentence(r, system) {
    const { load } = r;
    const windOn = (on: Pick<typeof load, "all">["all"]) => windWords({ ...load, all: on }, system);
    switch (r.outcome) {
      case "bondWind": {
        const { hold } = r;
        if (r.use === null)
          return `${r.fixingName}: on the hottest day the adhesive is at ${amount(hold.backTempC, "°C", system)}; its strength is known only up to 90 °C. What does the maker’s data sheet say?`;
        const strength = `${hold.strengthLeft !== null && hold.strengthLeft < 1 ? `, at ${amount(hold.backTempC, "°C", system)} ${share(hold.strengthLeft)} of its strength at 20 °C` : ""}`;
        return hold.turned === null
          ? `${r.fixingName}: ${windOn(hold.on)} lifts ${hold.on.name} with ${force(hold.on.upliftN, system)}; its adhesive joint can hold ${force(hold.bearsN, system)}${strength}: ${share(r.use)} used. ${half}`
          : `${r.fixingName}: ${windOn(hold.on)} from behind turns ${hold.on.name} over and pulls its windward feet with ${force(hold.turned.windwardPullN, system)}, and pushes all feet with ${force(hold.turned.shearN, system)}; the adhesive joint${strength} is ${share(r.use)} used. ${half}`;
      }
      case "bondRest":
        return `${r.fixingName}: ${r.hold.on.name} puts a constant ${amount(r.hold.on.kg, "kg", system)} on its adhesive joint, ${share(r.use)} of what it can hold. ${half}`;
      case "peel":
        switch (r.hold.frontEdge) {
          case null:
            return `${r.fixingName}: an adhesive film fails by peeling at its front edge; the calculation by area does not cover that. Is that edge covered or ramped, and are all edges pressed down and sealed?`;
          case "covered":
            return `${r.fixingName}: an adhesive film fails by peeling at its front edge; the calculation by area does not cover that. Yours is entered as covered and sealed: check it before each drive.`;
          case "open":
            return `${r.fixingName}: its front edge is not covered. An adhesive film peels off from there: cover or ramp it, and seal all edges.`;
          case "lifted":
            return `${r.fixingName}: an edge has lifted. Do not drive. Glue the edge down and cover it first.`;
        }
        break;
      case "screws": {
        const { hold } = r;
        const how =
          hold.turned === null
            ? `pulls each of the ${hold.count} fasteners of ${hold.on.name} with ${force(hold.eachN, system)}`
            : `from behind turns ${hold.on.name} over: each of its ${hold.windward} windward fasteners has ${force(hold.turned.pullEachN, system)} of pull and ${force(hold.turned.shearEachN, system)} of shear, ${force(hold.eachN, system)} together`;
        return r.use === null
          ? `${r.fixingName}: ${windOn(hold.on)} ${how}. What is the pull-out strength of one, from its maker or a test?`
          : `${r.fixingName}: ${windOn(hold.on)} ${how}; one can hold ${force(hold.bearsEachN ?? 0, system)}: ${share(r.use)} used. ${half}`;
      }
      case "falls":
        return `${r.fixingName}: ${windOn(load.all)} uses ${share(r.use)} of its resistance to tipping${anchorWords(r.hold, system)}. ${half}`;
      case "slides":
        return `${r.fixingName}: ${windOn(load.all)} pushes it with ${force(load.all.dragN, system)}, ${share(r.use)} of its resistance to sliding. ${half}`;
    }
  },
  why(r, system) {
    const { worst, all } = r.load;
    const on = r.outcome === "falls" || r.outcome === "slides" ? all : "on" in r.hold ? r.hold.on : worst;
    const kind = "on" in r.hold ? r.hold.on.windCase : worst.windCase;
    const zone =
      r.load.zone === null || kind !== "flat"
        ? ""
        : `, ${r.load.zone === "edge" ? "edge or corner" : "middle"} of a building’s roof${r.load.zoneIsAssumed ? " (assumed)" : ""}`;
    const lines = [
      `Pressure 0.613 × ${on.windMs.toFixed(1)}² = ${(0.613 * on.windMs ** 2).toFixed(0)} Pa; ${windCaseWords[kind]}${zone}${on.tiltDeg > 0 ? ` at ${on.tiltDeg.toFixed(0)}°` : ""}: uplift ${force(on.upliftN, system)}, sideways ${force(on.dragN, system)}`,
    ];
    const turned = "turned" in r.hold ? r.hold.turned : null;
    if (turned !== null)
      lines.push(
        `Moments about the lee feet: feet ${amount(turned.footHeightMm, "mm", system)} high, ${amount(turned.baseMm, "mm", system)} apart, weight subtracted: ${force(turned.windwardPullN, system)} on the windward feet`,
      );
    switch (r.outcome) {
      case "bondWind":
        lines.push(
          `Joint ${area(r.hold.areaMm2, system)} × ${given(r.hold.shortTermKpa, "kPa", system)} short term${r.hold.strengthIsAssumed ? " (assumed)" : ""} × ${(r.hold.strengthLeft ?? 0).toFixed(2)} for heat = ${force(r.hold.bearsN, system)}`,
        );
        break;
      case "bondRest":
        lines.push(
          `Weight over ${area(r.hold.areaMm2, system)} × ${given(r.hold.longTermKpa, "kPa", system)} long term${r.hold.strengthIsAssumed ? " (assumed)" : ""} × ${(r.hold.strengthLeft ?? 0).toFixed(2)} for heat`,
        );
        break;
      case "peel":
        lines.push("The strength by area does not cover an edge that wind gets under");
        break;
      case "screws":
        lines.push(
          turned === null
            ? `Uplift and sideways force together, over ${r.hold.count} fasteners`
            : "Pull and shear at right angles",
        );
        break;
      case "falls":
        lines.push(
          `Tips it: sideways force × ${amount(r.hold.heightMm, "mm", system)} + uplift × ${amount(r.hold.baseLongMm / 2, "mm", system)}; holds it: the weight of ${amount(r.hold.baseKg + r.load.kg, "kg", system)} × ${amount(r.hold.baseLongMm / 2, "mm", system)}, and half the strength of one side’s anchors × ${amount(r.hold.baseLongMm, "mm", system)}`,
        );
        break;
      case "slides":
        lines.push("Friction 0.4 × the weight minus uplift, and half the strength of its anchors");
    }
    return {
      lines,
      source: `Air at 1.226 kg/m³; shares of the pressure in the order of EN 1991-1-4 §7.3 and §7.4.3. ${planning}`,
    };
  },
};

function anchorWords(
  { neededN, neededEachN, perSide, anchorEachN }: Extract<Hold, { readonly type: "standing" }>,
  system: UnitSystem,
): string {
  if (neededN === 0) return anchorEachN === 0 ? "; it needs no anchors" : "";
  const need = `${2 * perSide} anchors, ${perSide} on each side at all corners, must each hold at least ${force(neededEachN, system)}`;
  return anchorEachN === 0
    ? `: without anchors it tips over; ${need}`
    : `; ${need}; yours hold ${force(anchorEachN, system)}`;
}

export const glueHeatWords: RuleWords<"glueHeat"> = {
  title: "Temperature of the adhesive",
  sentence({ fixingName, heat: { hottestC, ratedC, ratedIsAssumed } }, system) {
    const hot = `${fixingName}: on the hottest day its adhesive is at ${amount(hottestC, "°C", system)}`;
    if (!ratedIsAssumed)
      return `${hot}; it is rated up to ${given(ratedC, "°C", system)}; plan to stay ${degreesApart(10, system)} below that.`;
    return hottestC > ratedC - 10
      ? `${hot}. What is it rated for? Without the data sheet ${given(ratedC, "°C", system)} is assumed; plan to stay ${degreesApart(10, system)} below that.`
      : `${hot}, more than ${degreesApart(10, system)} below the ${given(ratedC, "°C", system)} assumed without the data sheet.`;
  },
  why({ heat: { airC, aboveK, whiteK } }, system) {
    return {
      lines: [
        `Hottest air ${amount(airC, "°C", system)} + ${degreesApart(aboveK, system)} in full sun${whiteK > 0 ? ` − ${degreesApart(whiteK, system)} for a white roof` : ""}; no credit for wind`,
      ],
      source:
        "Ross (1976): 0.056 °C for each W/m² where it is glued flat; the cell temperature where feet are under a panel.",
    };
  },
};

export const roofSurfaceWords: RuleWords<"roofSurface"> = {
  title: "Roof surface",
  sentence({ outcome, fixingName, method, adhesive, roofSurface }) {
    const on = roofSurface === null ? "" : surfaceNames[roofSurface];
    switch (outcome) {
      case "asked":
        return `${fixingName}: what is it fixed to? Cleaning, primer and adhesive depend on it.`;
      case "noGrip":
        return `${fixingName}: no ${adhesive === "sealant" ? "sealant" : "tape"} holds on ${on} permanently. Choose another mounting method, or another roof surface.`;
      case "unusual":
        return `${fixingName}: ${methodWords[method].name.toLowerCase()} on ${on} is unusual. Ask the maker of the feet.`;
      case "suits":
        return `${fixingName}: the mounting method suits ${on}.`;
    }
  },
  why() {
    return {
      lines: [
        "Plasticizers of membranes soften any adhesive; wood and canvas move and absorb water; tubes have no flat surface.",
      ],
      source: "Data sheets of tape and sealant makers, in general: that of your product takes precedence.",
    };
  },
};

export const movementWords: RuleWords<"movement"> = {
  title: "Movement by heat",
  sentence({ fixingName, mm, overMm, isSoft }, system) {
    const moves = `${fixingName}: over ${amount(overMm, "mm", system)} the frame moves ${small(mm, system)} relative to the roof from frost to full sun`;
    if (mm <= 2) return `${moves}; any adhesive bed allows up to ${small(2, system)}.`;
    return isSoft
      ? `${moves}, more than ${small(2, system)}: the sealant bed of ${small(3, system)} allows it. Do not press it thinner.`
      : `${moves}, more than ${small(2, system)}: it needs a soft bed or slots.`;
  },
  why({ mm, overMm }, system) {
    return {
      lines: [
        `Difference of expansion × ${amount(overMm, "mm", system)} × ${degreesApart(60, system)} = ${small(mm, system)}`,
      ],
      source:
        system === "metric"
          ? "Aluminium 0.023, steel 0.012, fibreglass 0.025 mm per meter and °C."
          : "Aluminum 12.8, steel 6.7, fiberglass 13.9 millionths of its length per °F.",
    };
  },
};

export const gatesWords: RuleWords<"gates"> = {
  title: "Measured twice",
  sentence({ fixingName, gate: { gate, state, apartMm, offPlanMm, guardIsDone }, why }, system) {
    const name = `${fixingName}: ${gateWords[gate].name.toLowerCase()}`;
    const mm = (value: number | null) => amount(value ?? 0, "mm", system);
    switch (state) {
      case "agrees":
        return `${name} was measured twice, ${mm(apartMm)} apart.`;
      case "open":
        return guardIsDone
          ? `${name} was not measured twice before a step that cannot be undone.`
          : `${name} must be measured twice before a step that cannot be undone.`;
      case "differs":
        return `${name}: the two measurements are ${mm(apartMm)} apart, more than ${mm(5)}. Measure again before you cut or glue anything.`;
      case "offPlan":
        return `${name}: it is ${mm(offPlanMm)} from its place in the plan, more than ${mm(10)}. Which is right?`;
      case "passedOver":
        return `${name} was skipped without measuring twice${why === "" ? "" : `: “${why}”`}.`;
    }
  },
  why(_, system) {
    return {
      lines: [
        `Two careful measurements agree within ${amount(5, "mm", system)}; drawing and reality agree within ${amount(10, "mm", system)}.`,
      ],
      source: "A rule of thumb of the trade: measure twice, cut once.",
    };
  },
};

export const heatKindWords: RuleWords<"heatKind"> = {
  title: "Mounting type in the calculation",
  sentence({ fixingName, method, assumed, fits }) {
    return `${fixingName}: the year and the hot roof are calculated with “${mountWords[assumed]}”, but ${methodWords[method].name.toLowerCase()} is “${mountWords[fits]}”.`;
  },
  why() {
    return {
      lines: ["How much air reaches the back decides how hot the cells get, which changes volts and watts."],
      source: "Ross (1976).",
    };
  },
};

export const weatherWords: RuleWords<"weather"> = {
  title: "Weather and warranty",
  sentence(r, system) {
    switch (r.outcome) {
      case "stow":
        return `${r.fixingName}: stow it above ${given(Math.round(r.stowKn), "kn", system)}${r.isAssumed ? " (assumed)" : ""}; the wind then pulls with ${force(r.pullN, system)}.`;
      case "snowLies":
        return `${r.fixingName}: at ${r.tiltDeg.toFixed(0)}° snow stays on it; from 50° it slides off. Sweep it, or set it steeper for the winter.`;
      case "snowAsked":
        return `${r.fixingName}: what is the snow load on the ground there, in ${system === "metric" ? "kN/m²" : "lb/ft²"} (from the building code or the town)? At ${r.tiltDeg.toFixed(0)}° snow stays on the panels and loads the roof. Enter it at Mounting.`;
      case "snowLoad":
        return `${r.fixingName}: with ${given(r.snowKnM2, "kN/m²", system)} of snow on the ground, ${force(r.snowN, system)} load the panels at ${r.tiltDeg.toFixed(0)}° (${amount(r.snowN / 9.81, "kg", system)}): the roof and the feet carry that too.`;
      case "snowSlides":
        return `${r.fixingName}: at ${r.tiltDeg.toFixed(0)}° snow slides off. Leave space below for it.`;
      case "warranty":
        return `${r.fixingName}: holes are drilled in the panels’ frames. Ask first whether their warranty allows it.`;
    }
  },
  why(r) {
    return {
      lines:
        r.outcome === "stow"
          ? ["Uplift and sideways force together, of all its panels."]
          : r.outcome === "snowLoad"
            ? ["EN 1991-1-3: ground snow × 0.8 up to 30°, falling to 0 at 60°, on the panels’ plan area."]
            : [],
      source: r.outcome === "warranty" ? "The panel maker’s data sheet." : planning,
    };
  },
};
