import { sizeNamed } from "@/core/engine/cable";
import { placeOfFault, type CablingPartName } from "@/core/protection/cabling";
import { type GuardReason } from "@/core/protection/rules";
import { amount, counted, given, lowerFirst, percent } from "../format";
import { branchWords, layingWords, lengthWords, sizeWords } from "../protection/cables";
import { shortName } from "../names";
import { type RuleWords } from "./rule-words";

const partWords: Readonly<Record<CablingPartName["part"], string>> = {
  string: "String cable",
  trunk: "Cable to the DC isolator",
  tail: "Cable from the DC isolator to the PV input",
  battery: "Battery cable",
  bond: "Frame bonding",
};

/** What a cable, or where a fuse sits, is called: "Cable of string 2 (Haybarn Loft, PV 1)". */
export function copperName({ part, place, inputName, portName }: CablingPartName): string {
  const to = `${shortName(inputName)}${portName === null ? "" : `, ${shortName(portName)}`}`;
  return place === null ? `${partWords[part]} (${to})` : `Cable of ${branchWords(place)} (${to})`;
}

/** Where a fuse or an isolator sits, in a sentence. */
function placeName({ part, place, inputName, portName }: CablingPartName): string {
  const to = `${shortName(inputName)}${portName === null ? "" : `, ${shortName(portName)}`}`;
  if (part === "battery") return `near the battery of ${shortName(inputName)}`;
  return place === null ? `before ${to}` : `in ${branchWords(place)} of ${to}`;
}

/** A size with its area: "6 AWG (13.3 mm²)". */
function areaWords(size: string): string {
  const areaMm2 = sizeNamed(size)?.areaMm2 ?? null;
  return size.endsWith("AWG") && areaMm2 !== null ? `${sizeWords(size)} (${given(areaMm2, "mm²")})` : sizeWords(size);
}

const noSizeHelp =
  "Options: a shorter or cooler route, two cables in parallel, or more panels in series (check max PV voltage).";

export const cableAmpsWords: RuleWords<"cableAmps"> = {
  title: "Cable ampacity",
  sentence(r, system) {
    const name = copperName(r.name);
    const because = {
      sun: `${r.factor} × Isc ${amount(r.flowsA, "A")}`,
      fault: "what a fault can push through it: its string fuse, or 1.25 × backfeed",
      batteryFuse: `its battery fuse, at least 1.25 × the controller’s ${amount(r.flowsA, "A")}`,
    }[r.by];
    const must = `${name} must carry ${amount(r.designA, "A")} (${because})`;
    const where = `${lowerFirst(layingWords[r.how])}${r.circuits > 1 ? ` with ${r.circuits} circuits` : ""}, at ${given(Math.round(r.ambientC), "°C", system)}`;
    const size = r.size === null ? "" : sizeWords(r.size);
    switch (r.outcome) {
      case "noSize":
        return `${must}. No listed size is enough ${where}, with no more voltage drop than allowed. ${noSizeHelp}`;
      case "noTable":
        return `${must}. No table of this standard goes so far: ${where}. ${noSizeHelp}`;
      case "tooThin":
        return `${must}; ${size} can carry only ${amount(r.maxA ?? 0, "A")} ${where}.${r.advised === null ? ` No listed size is enough. ${noSizeHelp}` : ` Use at least ${sizeWords(r.advised)}.`}`;
      case "carries":
        return `${must}; ${size} can carry ${amount(r.maxA ?? 0, "A")} ${where}.`;
    }
  },
  why(r) {
    return {
      lines: [
        r.by === "batteryFuse"
          ? `The cable can carry at least its fuse: the smallest of at least 1.25 × ${amount(r.flowsA, "A")} = ${amount(1.25 * r.flowsA, "A")}`
          : `From the sun: ${r.factor} × Isc ${amount(r.flowsA, "A")} = ${amount(r.sunA, "A")}; with faults ${amount(r.designA, "A")}`,
        r.maxA === null
          ? `Outside its table: ${given(r.ambientC, "°C")}, ${counted(r.circuits, "circuit")}`
          : `Table × factors for ${given(r.ambientC, "°C")} and ${counted(r.circuits, "circuit")}, on land at most the terminals’ column and 15, 20 and 30 A on 14, 12 and 10 AWG: ${amount(r.maxA, "A")}`,
      ],
      source:
        "NEC 690.8, 310.16, 310.15(B) and (C), 110.14(C), 240.4(D); PV cable EN 50618; conduit, ground and battery cable IEC 60364-5-52. On a roof in the sun the air counts 33 K hotter, in a conduit too.",
    };
  },
};

export const cableDropWords: RuleWords<"cableDrop"> = {
  title: "Voltage drop",
  sentence(r, system) {
    const lost = `${amount(r.dropV, "V")} (${percent(r.dropPct)}), ${amount(r.lossW, "W")} in full sun`;
    const limit = `at most ${percent(r.limitPct)}`;
    if (r.outcome === "together")
      return `From the panels to ${shortName(r.name.inputName)} the voltage drop adds up to ${lost}; each cable alone may have ${limit}.`;
    return `${copperName(r.name)}, ${lengthWords(r.lengthMm, system)} of ${sizeWords(r.size)}: voltage drop ${lost}, ${r.outcome === "over" ? "above the limit" : "within the limit"} of ${limit}.`;
  },
  why(r) {
    return {
      lines: [
        `2 × length × resistance × Imp ${amount(r.impA, "A")} = ${amount(r.dropV, "V")}; of Vmp ${amount(r.vmpV, "V")}, the lowest string’s, that is ${percent(r.dropPct)}`,
      ],
      source:
        "Resistance at 20 °C: AWG by ASTM B258, mm² by IEC 60228 class 5, the highest allowed; 0.393 % more per °C, at the temperature of its surroundings.",
    };
  },
};

const guardNames: Readonly<Record<GuardReason["kind"], string>> = {
  fuse: "fuse",
  breaker: "DC breaker",
  isolator: "DC isolator",
};

export const guardsWords: RuleWords<"guards"> = {
  title: "Fuses, breakers and isolators",
  sentence(r) {
    const what = `The ${given(r.ratedA, "A")} ${guardNames[r.kind]} ${placeName(r.name)}`;
    const advise = r.adviseA === null ? "" : ` Use ${given(r.adviseA, "A")}.`;
    const isBattery = r.name.part === "battery";
    const stands = `${amount(r.highestV ?? 0, "V")} ${isBattery ? "while the battery is charged" : "on the coldest dawn"}${r.inWiring === null ? "" : ` in the wiring “${r.inWiring}” of the same panels`}`;
    const flows = `Isc ${amount(r.flowsA, "A")}${r.inWiring === null ? "" : `, in the wiring “${r.inWiring}”`}`;
    switch (r.outcome) {
      case "overPanel":
        return `${what} is too large: the max series fuse rating of ${r.panelName ?? "its panels"} is ${given(r.heldA, "A")}.${advise}`;
      case "overCable":
        return `${what} is too large for its cable, which can carry ${amount(r.heldA, "A")}. Use a smaller fuse of at least ${amount(1.25 * r.flowsA, "A")}, or a thicker cable.`;
      case "underSun":
        return `${what} is too small: it must be at least ${amount(r.heldA, "A")} (${r.kind === "isolator" ? "1.25" : "1.56"} × ${flows}).${advise}`;
      case "underOutput":
        return `${what} is too small: the controller can deliver ${amount(r.flowsA, "A")} for hours, so it must be at least ${amount(r.heldA, "A")} (1.25 ×).${advise}`;
      case "voltsAsked":
        return `${what}: for how many volts DC is it rated? It sees up to ${stands}.`;
      case "underVolts":
        return `${what} is rated ${given(r.ratedV ?? 0, "V")} DC but sees up to ${stands}: it cannot break the arc. Choose one rated at least ${amount(r.highestV ?? 0, "V")} DC.`;
      case "breaksAsked":
        return `${what}: what short-circuit current can it interrupt (breaking capacity, kA)? A lithium battery can push about ${given(r.shortA ?? 0, "A")} through a short circuit, and a fuse rated for less may burst.`;
      case "breaksLess":
        return `${what} can interrupt less than the ${given(r.shortA ?? 0, "A")} that a lithium battery can push through a short circuit: it may burst. Choose one with a higher breaking capacity, such as class T.`;
      case "neverBlows":
        return `${what} can never blow: the other strings can push back ${amount(r.backfeedA ?? 0, "A")} at most. It is not needed.`;
      case "noSwitch":
        return `No DC isolator ${placeName(r.name)}: to disconnect the panels you would have to pull apart a live connector. Fit a 2-pole DC isolator (disconnect) of at least ${amount(r.heldA, "A")} and ${amount(r.highestV ?? 0, "V")} DC.`;
      case "noFuse":
        return `No battery fuse ${placeName(r.name)}: a short circuit in the cable can draw thousands of amps. Fit one of at least ${amount(r.heldA, "A")} (1.25 × the controller’s ${amount(r.flowsA, "A")})${r.cableA === null ? "" : ` and at most ${amount(r.cableA, "A")} (what the cable can carry)`}, within 18 cm (7 in) of battery +.`;
      case "fits":
        return `${what} fits: it must be at least ${amount(r.heldA, "A")}${r.highestV === null ? "" : `, and sees up to ${stands}`}.`;
    }
  },
  why(r) {
    return {
      lines: [
        `${r.name.part === "battery" ? "Controller output" : "Isc"} ${amount(r.flowsA, "A")}${r.backfeedA === null ? "" : `; backfeed from other strings up to ${amount(r.backfeedA, "A")}`}`,
        `Judged by ${amount(r.heldA, "A")}${r.highestV === null ? "" : `; highest volts ${amount(r.highestV, "V")}`}${r.inWiring === null ? "" : `, of the wiring “${r.inWiring}”: one part has to do for every wiring of the same panels`}`,
      ],
      source:
        "String fuse: at least 1.56 × Isc and at most the max series fuse rating (NEC 690.9). Isolator: 1.25 × Isc; a breaker 1.56 × Isc, DC, not polarised. Battery: at least 1.25 × the controller’s output, at most what the cable can carry, breaking capacity for the battery’s short circuit.",
    };
  },
};

export const terminalsWords: RuleWords<"terminals"> = {
  title: "Controller terminals",
  sentence(r) {
    const { inputName } = r.name;
    const controller = shortName(inputName);
    const joined = `${copperName(r.name)}, ${r.size === null ? "" : areaWords(r.size)}`;
    const which = r.name.part === "battery" ? "battery terminals" : "PV terminals";
    const takes = `${given(r.takesMm2 ?? 0, "mm²")} at most`;
    const cable = `${lowerFirst(copperName(r.name))} can carry ${amount(r.cableA ?? 0, "A")}`;
    switch (r.outcome) {
      case "sizeAsked":
        return `${joined}: what is the thickest cable that fits the ${which} of ${controller}? Look it up in the manual and enter it at Protection, Cables.`;
      case "tooThick":
        return `${joined}, is too thick: the ${which} of ${controller} accept ${takes}. Never cut strands off to make it fit: end the cable in a terminal block, and continue with a short cable that fits and can carry the current.`;
      case "takes":
        return `${joined}, fits: the ${which} of ${controller} accept ${takes}.`;
      case "connector":
        return `${joined}, does not fit PV connectors: they accept 2.5 to 6 mm², some up to ${given(r.takesMm2 ?? 0, "mm²")}. End it in a combiner box or a terminal block.`;
      case "backfeedAsked":
        return `Can current flow from the battery back through ${controller} into the PV cable, if that is shorted? Its manual says whether it is isolated or blocks reverse current. If not, ${r.fuseA === null ? "the battery’s fuse has to be known" : `up to ${given(r.fuseA, "A")} can flow before a fuse blows`}, and the ${cable}.`;
      case "backfeedOverCable":
        return `If the PV cable is shorted, the battery can push ${given(r.fuseA ?? 0, "A")} back through ${controller} before a fuse blows, but the ${cable}: it can burn. Use a thicker cable, or a controller that blocks reverse current.`;
      case "backfeedHeld":
        return `If the PV cable is shorted, the battery can push back at most ${given(r.fuseA ?? 0, "A")} before a fuse blows, and the ${cable}.`;
      case "positiveAsked":
        return `The frames are bonded. Does ${controller} join panels and battery by their negatives, by their positives, or not at all? With common positives, one chafed PV lead on a bonded frame can be a short circuit. Its manual says; ask an electrician.`;
      case "positiveCommon":
        return `${controller} joins panels and battery by their positives, and the frames are bonded: if battery − is joined to the same metal, one chafed PV lead is a short circuit. Have it checked by a licensed electrician before you connect.`;
    }
  },
  why(r) {
    return {
      lines: [
        r.fuseA === null
          ? `Cable ${r.size === null ? "not known" : areaWords(r.size)}; terminal or connector ${r.takesMm2 === null ? "not known" : `up to ${given(r.takesMm2, "mm²")}`}`
          : `Fault from the battery ${given(r.fuseA, "A")}, by its fuse or the string’s; the cable can carry ${amount(r.cableA ?? 0, "A")}`,
      ],
      source: "The controller’s manual. PV connectors: EN 62852. Faults fed from the battery: NEC 690.9, IEC 62548.",
    };
  },
};

export const plugsWords: RuleWords<"plugs"> = {
  title: "Connectors and adapters",
  sentence(r) {
    const to = `${shortName(r.inputName)}, ${shortName(r.portName)}`;
    const where = (types: readonly string[]) =>
      r.faults
        .filter(({ type }) => types.includes(type))
        .map((fault) => `“${r.placeNames[placeOfFault(fault, r.placeNames)] ?? ""}”`)
        .join(", ");
    switch (r.outcome) {
      case "noChain":
        return `No known adapters lead from the panels’ connectors to ${to} for ${amount(r.amps, "A")}. Have one made, or enter those you have.`;
      case "misfit":
        return `The connectors on the way to ${to} do not fit each other at ${where(["misfit"])}.`;
      case "reversed":
        return `Reversed polarity at ${to}: ${where(["swaps"])} swaps + and −. Do not plug in.`;
      case "overloaded":
        return r.bearsA === null
          ? `On the way to ${to}, ${where(["volts"])} is not rated for ${amount(r.volts, "V")}.`
          : `On the way to ${to}, ${where(["amps"])} is rated ${given(r.bearsA, "A")} but must carry ${amount(r.amps, "A")} in the brightest sun.`;
      case "unknown":
        return `Polarity not checked at ${to}: ${where(["unknown"])} can be mated either way round. Measure before you plug in; a minus sign means reversed.`;
      case "swapsTwice":
        return `+ arrives at + at ${to}, but ${where(["swaps"])} swap + and − on the way: taking one of them out reverses the polarity.`;
      case "right":
        return `The panels connect to ${to} by ${counted(r.count, "adapter")}, + to +; none must carry more than ${amount(r.amps, "A")}.`;
      case "unlike": {
        const [from = "", ...rest] = r.placeNames;
        const between = rest.slice(0, -1);
        return `In a string before ${to}, ${from} meets ${rest.at(-1) ?? ""}: ${between.length === 0 ? "no known adapter joins them" : `use ${between.join(", then ")} between them`}. It must carry ${amount(r.amps, "A")} in the brightest sun.`;
      }
      case "branches":
        return `Branch (Y) connectors are rated ${given(r.bearsA ?? 0, "A")}, but ${r.place === null || r.place.inGroup === null ? `the strings before ${to}` : `the parallel group of ${branchWords(r.place)}, before ${to},`} can push ${amount(r.amps, "A")} through one. Join them in a combiner box with busbars.`;
    }
  },
  why(r) {
    return {
      lines: [
        `Joint by joint: ${r.placeNames.join(" → ")}`,
        `1.25 × Isc: ${amount(r.amps, "A")}; Voc on the coldest dawn ${amount(r.volts, "V")}`,
      ],
      source: "Polarity follows the leads, never the shape of a connector. A meter has the last word.",
    };
  },
};

export const shockWords: RuleWords<"shock"> = {
  title: "Shock hazard",
  sentence(r) {
    return `${shortName(r.inputName)}, ${shortName(r.portName)} has up to ${amount(r.volts, "V")} DC in daylight, above the ${given(r.limitV, "V")} from which it is a shock hazard${r.isWet ? " where it is wet" : ""}. Cover the panels or work at dusk, and have it checked by a licensed electrician.`;
  },
  why(r) {
    return {
      lines: [`Coldest dawn: ${amount(r.volts, "V")}; hazard above ${given(r.limitV, "V")} DC`],
      source: "60 V DC where it is dry, 30 V where it is wet or afloat. Your local code decides.",
    };
  },
};
