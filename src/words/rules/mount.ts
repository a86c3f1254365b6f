import { type UnitSystem } from "@/core/units";
import { amount, given } from "../format";
import { gateWords, schoolWords, skinWords as wordsOfSkin, windSchoolWords, windWords } from "../mount";
import { mountWords } from "../names";
import { type RuleWords } from "./rule-words";

const planning =
  "Planning values, not a structural design: ask the maker’s sheet and a competent person where it hangs over people or a road.";
const share = (use: number) => (use > 100 ? "far more than all" : `${(100 * use).toFixed(0)}\u00a0%`);
const force = (newton: number, system: UnitSystem) => amount(newton, "N", system);

export const holdWords: RuleWords<"hold"> = {
  title: "Held against the wind",
  sentence(r, system) {
    const { load } = r;
    const wind = windWords(
      { ...load, all: r.outcome === "falls" || r.outcome === "slides" ? load.all : load.worst },
      system,
    );
    switch (r.outcome) {
      case "bondWind":
        return `${r.fixingName}: ${wind} lifts ${load.worst.name} with ${force(load.worst.upliftN, system)}; its bond bears ${force(r.hold.bearsN, system)}, of which ${share(r.use)} is used. Half is the most to plan with.`;
      case "bondRest":
        return `${r.fixingName}: ${load.worst.name} hangs on its bond with ${amount(load.worst.kg, "kg", system)} for good, ${share(r.use)} of what it bears. Half is the most to plan with.`;
      case "screws":
        return r.use === null
          ? `${r.fixingName}: ${wind} pulls with ${force(r.hold.eachN, system)} at each of the ${r.hold.count} fastenings of ${load.worst.name}. What does one bear pulled straight out, by its maker or a test?`
          : `${r.fixingName}: ${wind} pulls with ${force(r.hold.eachN, system)} at each of the ${r.hold.count} fastenings of ${load.worst.name}, ${share(r.use)} of the ${force(r.hold.bearsEachN ?? 0, system)} that one bears. Half is the most to plan with.`;
      case "falls":
        return `${r.fixingName}: ${wind} uses ${share(r.use)} of what keeps it from falling over${anchorWords(r.hold.neededN, r.hold.anchorN, system)}. Half is the most to plan with.`;
      case "slides":
        return `${r.fixingName}: ${wind} pushes with ${force(load.all.dragN, system)}, ${share(r.use)} of what keeps it from sliding. Half is the most to plan with.`;
    }
  },
  why(r) {
    const { worst, all } = r.load;
    const on = r.outcome === "falls" || r.outcome === "slides" ? all : worst;
    const lines = [
      `Pressure 0.613 × ${on.windMs.toFixed(1)}² = ${(0.613 * on.windMs ** 2).toFixed(0)} Pa; ${windSchoolWords[worst.school]}${on.tiltDeg > 0 ? ` at ${on.tiltDeg.toFixed(0)}°` : ""}: up ${amount(on.upliftN, "N")}, along ${amount(on.dragN, "N")}`,
    ];
    switch (r.outcome) {
      case "bondWind":
        lines.push(
          `Bond ${(r.hold.areaMm2 / 100).toFixed(0)} cm² × ${given(r.hold.shortTermKpa, "kPa")} short term${r.hold.strengthIsAssumed ? " (assumed)" : ""} = ${amount(r.hold.bearsN, "N")}`,
        );
        break;
      case "bondRest":
        lines.push(
          `Weight × 9.81 over ${(r.hold.areaMm2 / 100).toFixed(0)} cm² × ${given(r.hold.longTermKpa, "kPa")} long term${r.hold.strengthIsAssumed ? " (assumed)" : ""}`,
        );
        break;
      case "screws":
        lines.push(`Up and along together, over ${r.hold.count} fastenings`);
        break;
      case "falls":
        lines.push(
          `Falls: along × ${(r.hold.heightMm / 1000).toFixed(2)} m + up × ${(r.hold.baseLongMm / 2000).toFixed(2)} m; holds: ${amount(r.hold.baseKg + r.load.kg, "kg")} × 9.81 × ${(r.hold.baseLongMm / 2000).toFixed(2)} m, and its anchors × ${(r.hold.baseLongMm / 1000).toFixed(2)} m`,
        );
        break;
      case "slides":
        lines.push("Friction 0.4 × what is left of its weight, and its anchors");
    }
    return {
      lines,
      source: `Air at 1.226 kg/m³; shares of the pressure in the order of EN 1991-1-4 §7.3 and §7.4.3. ${planning}`,
    };
  },
};

function anchorWords(neededN: number, anchorN: number, system: UnitSystem): string {
  if (neededN === 0) return anchorN === 0 ? "; it stands by itself" : "";
  return anchorN === 0
    ? `: without anchors it falls; they must bear ${force(neededN, system)}`
    : `; its anchors must bear ${force(neededN, system)} and bear ${force(anchorN, system)}`;
}

export const glueHeatWords: RuleWords<"glueHeat"> = {
  title: "Heat of the glue",
  sentence({ fixingName, heat: { hottestC, ratedC, ratedIsAssumed } }, system) {
    const hot = `${fixingName}: on the hottest day its glue gets ${amount(hottestC, "°C", system)}`;
    if (!ratedIsAssumed) return `${hot}; it is rated for ${given(ratedC, "°C", system)}, less ten degrees to be safe.`;
    return hottestC > ratedC - 10
      ? `${hot}. What is it rated for? Without its sheet ${given(ratedC, "°C", system)} is taken, less ten degrees to be safe.`
      : `${hot}, under the ${given(ratedC, "°C", system)} taken where nobody has read its sheet, less ten degrees to be safe.`;
  },
  why({ heat: { airC, aboveK, whiteK } }) {
    return {
      lines: [
        `Hottest air ${amount(airC, "°C")} + ${aboveK.toFixed(0)} K in full sun${whiteK > 0 ? ` − ${whiteK} K for a white roof` : ""}; no credit for wind`,
      ],
      source:
        "Ross (1976): 0.056 K for each W/m² of what is glued flat, the cells’ own where feet stand under a panel.",
    };
  },
};

export const skinWords: RuleWords<"skin"> = {
  title: "What it is fixed to",
  sentence({ outcome, fixingName, school, skin }) {
    const on = skin === null ? "" : wordsOfSkin[skin];
    switch (outcome) {
      case "asked":
        return `${fixingName}: what is it fixed to? How it is cleaned, primed and held follows from that.`;
      case "noGrip":
        return `${fixingName}: no ${school === "gluedBrackets" ? "sealant" : "tape"} holds on ${on} for long. Another way to fix it, or another skin under it.`;
      case "unusual":
        return `${fixingName}: ${schoolWords[school].name.toLowerCase()} on ${on} is not usual. Ask who makes the feet.`;
      case "suits":
        return `${fixingName}: ${on} suits it.`;
    }
  },
  why() {
    return {
      lines: [
        "Plasticisers of membranes creep into any glue; wood and canvas move and drink; tubes have no flat to stick to.",
      ],
      source: "Sheets of tape and sealant makers, in general: theirs counts.",
    };
  },
};

export const movementWords: RuleWords<"movement"> = {
  title: "Movement by heat",
  sentence({ fixingName, mm, overMm, school }, system) {
    const moves = `${fixingName}: over ${amount(overMm, "mm", system)} frame and skin move ${mm.toFixed(1)}\u00a0mm against each other from frost to sun`;
    if (mm <= 2) return `${moves}; up to 2\u00a0mm is taken by any bed.`;
    return school === "gluedBrackets"
      ? `${moves}, more than 2\u00a0mm: the 3\u00a0mm bed of sealant takes it. Do not press it thinner.`
      : `${moves}, more than 2\u00a0mm: it wants a soft bed or slots.`;
  },
  why({ mm, overMm }) {
    return {
      lines: [
        `Difference of what a metre grows by each degree × ${(overMm / 1000).toFixed(2)} m × 60 K = ${mm.toFixed(1)} mm`,
      ],
      source: "Aluminium 0.023, steel 0.012, fibreglass 0.025 mm per metre and degree.",
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
          ? `${name} was not measured twice before what cannot be undone.`
          : `${name} is to be measured twice before what cannot be undone.`;
      case "differs":
        return `${name}: the two measures are ${mm(apartMm)} apart, more than 5\u00a0mm. Measure again before anything is cut or stuck.`;
      case "offPlan":
        return `${name}: it is ${mm(offPlanMm)} from where the plan has it, more than 10\u00a0mm. Which is right?`;
      case "passedOver":
        return `${name} was passed over without measuring twice${why === "" ? "" : `: “${why}”`}.`;
    }
  },
  why() {
    return {
      lines: ["Two who measure the same carefully come within 5 mm; what is drawn and what is there within 10 mm."],
      source: "A rule of thumb of the trade: measure twice, cut once.",
    };
  },
};

export const heatKindWords: RuleWords<"heatKind"> = {
  title: "Heat reckoned as it is held",
  sentence({ fixingName, school, reckoned, fits }) {
    return `${fixingName}: the year and the hot roof reckon with “${mountWords[reckoned]}”, but ${schoolWords[school].name.toLowerCase()} is “${mountWords[fits]}”.`;
  },
  why() {
    return {
      lines: ["How much air reaches the back decides how hot the cells get, and with that volts and watts."],
      source: "Ross (1976).",
    };
  },
};

export const weatherWords: RuleWords<"weather"> = {
  title: "Weather and warranty",
  sentence(r, system) {
    switch (r.outcome) {
      case "stow":
        return `${r.fixingName}: stow it above ${given(Math.round(r.stowKn), "kn", system)}${r.isAssumed ? " (assumed)" : ""}; it then pulls with ${force(r.pullN, system)} already.`;
      case "snowLies":
        return `${r.fixingName}: at ${r.tiltDeg.toFixed(0)}° snow lies on it; from 50° on it slides off. Sweep it, or set it steeper for the winter.`;
      case "snowSlides":
        return `${r.fixingName}: at ${r.tiltDeg.toFixed(0)}° snow slides off. Leave room below for the heap.`;
      case "warranty":
        return `${r.fixingName}: holes are drilled in the panels’ frames. Ask first whether their warranty bears it.`;
    }
  },
  why(r) {
    return {
      lines: r.outcome === "stow" ? ["The pull is up and along together, of all its panels."] : [],
      source: r.outcome === "warranty" ? "The panel maker’s sheet." : planning,
    };
  },
};
