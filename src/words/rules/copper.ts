import { placeOfFault } from "@/core/copper";
import { type CopperName, type GuardReason } from "@/core/rules";
import { amount, counted, given, percent } from "../format";
import { lengthWords, sizeWords } from "../copper";
import { headOf } from "../names";
import { type RuleWords } from "./rule-words";

const partWords: Readonly<Record<CopperName["part"], string>> = {
  row: "Cable of a row",
  trunk: "Cable from the junction to the switch",
  tail: "Cable from the switch to the input",
  battery: "Cable to the battery",
  bond: "Bonding of the frames",
};

/** What a cable, or where a fuse sits, is called: "Cable of row 2 to Haybarn Loft, Port 1". */
export function copperName({ part, row, inputName, portName }: CopperName): string {
  const to = `${headOf(inputName)}${portName === null ? "" : `, ${headOf(portName)}`}`;
  return row === null ? `${partWords[part]} (${to})` : `Cable of row ${row} (${to})`;
}

/** Where a fuse or a switch sits, in a sentence. */
function placeName({ part, row, inputName, portName }: CopperName): string {
  const to = `${headOf(inputName)}${portName === null ? "" : `, ${headOf(portName)}`}`;
  if (part === "battery") return `near the battery of ${headOf(inputName)}`;
  return row === null ? `before ${to}` : `in row ${row} of ${to}`;
}

export const cableAmpsWords: RuleWords<"cableAmps"> = {
  title: "Amps of the cables",
  sentence(r, system) {
    const name = copperName(r.name);
    const must = `must carry ${amount(r.designA, "A")}${r.by === "fed" ? ", as its fuse or the other rows let through" : ""}`;
    const where = `where it gets ${given(Math.round(r.ambientC), "°C", system)}`;
    const size = r.size === null ? "" : sizeWords(r.size);
    switch (r.outcome) {
      case "noSize":
        return `${name} ${must}: no single cable of this school does it with so little lost, ${where}. Make it shorter, lay two, or put more panels in series.`;
      case "tooWarm":
        return `${name}: ${size} lies ${where}; no table reaches so warm. Lay it somewhere cooler.`;
      case "tooThin":
        return `${name} ${must}; ${size} carries ${amount(r.mostA ?? 0, "A")} ${where}.${r.advised === null ? " No thicker one of this school does." : ` It takes ${sizeWords(r.advised)}.`}`;
      case "carries":
        return `${name} ${must}; ${size} carries ${amount(r.mostA ?? 0, "A")} ${where}.`;
    }
  },
  why(r) {
    return {
      lines: [
        r.by === "sun"
          ? `${r.factor} × short circuit = ${amount(r.designA, "A")}`
          : `Its fuse, or 1.25 × what other rows push in: ${amount(r.designA, "A")}`,
        r.mostA === null
          ? `Warmer than its table: ${given(r.ambientC, "°C")}`
          : `Table and factor for ${given(r.ambientC, "°C")}, on land no more than 15, 20 and 30 A on 14, 12 and 10 AWG: ${amount(r.mostA, "A")}`,
      ],
      source:
        "NEC 690.8, 310.16, 310.15(B), 240.4(D); metric PV cable EN 50618. A roof in the sun is taken 33 K warmer than the hottest air.",
    };
  },
};

export const cableDropWords: RuleWords<"cableDrop"> = {
  title: "Volts lost in the cables",
  sentence(r, system) {
    const lost = `${amount(r.dropV, "V")} (${percent(r.dropPct)}), ${amount(r.lossW, "W")} in full sun`;
    if (r.outcome === "together")
      return `From the panels to ${headOf(r.name.inputName)} the cables lose ${lost} together; ${percent(r.limitPct)} is what one of them may.`;
    return `${copperName(r.name)}, ${lengthWords(r.lengthMm, system)} of ${sizeWords(r.size)}, loses ${lost}; ${r.outcome === "over" ? "more than" : "within"} the ${percent(r.limitPct)} allowed.`;
  },
  why(r) {
    return {
      lines: [
        `2 × length × resistance × ${amount(r.impA, "A")} = ${amount(r.dropV, "V")}; of ${amount(r.vmpV, "V")}, the lowest row’s, that is ${percent(r.dropPct)}`,
      ],
      source: "Copper: 17.24 Ω·mm² per km at 20 °C, 0.393 % more for each K; taken as warm as what it lies in.",
    };
  },
};

const guardNames: Readonly<Record<GuardReason["kind"], string>> = {
  fuse: "fuse",
  breaker: "breaker",
  isolator: "switch",
};

export const guardsWords: RuleWords<"guards"> = {
  title: "Fuses and switches",
  sentence(r) {
    const what = `The ${given(r.ratedA, "A")} ${guardNames[r.kind]} ${placeName(r.name)}`;
    const advise = r.adviseA === null ? "" : ` ${given(r.adviseA, "A")} would do.`;
    switch (r.outcome) {
      case "overPanel":
        return `${what} lets through more than ${r.panelName ?? "its panels"} may bear: ${given(r.heldA, "A")}.${advise}`;
      case "overCable":
        return `${what} lets through more than its cable bears: ${amount(r.heldA, "A")}. A smaller one, or a thicker cable.`;
      case "underSun":
        return `${what} is small: it takes ${amount(r.heldA, "A")} for a short circuit of ${amount(r.flowsA, "A")} under bright sky.${advise}`;
      case "underOutput":
        return `${what} is small: the controller gives ${amount(r.flowsA, "A")} for hours, which takes ${amount(r.heldA, "A")}.`;
      case "voltsAsked":
        return `${what}: for how many volts DC is it made? On the coldest dawn it stands at ${amount(r.coldV ?? 0, "V")}.`;
      case "underVolts":
        return `${what} is made for ${given(r.ratedV ?? 0, "V")} DC; on the coldest dawn it stands at ${amount(r.coldV ?? 0, "V")}: its arc would not go out.`;
      case "neverBlows":
        return `${what} can never blow: the other rows give ${amount(r.backfeedA ?? 0, "A")} at most. It does no harm, and no good.`;
      case "noSwitch":
        return `No switch is chosen ${placeName(r.name)}: without one the panels cannot be taken off without parting a live plug. It takes ${amount(r.heldA, "A")} and ${amount(r.coldV ?? 0, "V")} DC, both poles.`;
      case "noFuse":
        return `No fuse is chosen ${placeName(r.name)}: a battery gives a shorted cable hundreds of amps. It takes ${amount(r.heldA, "A")} or a little more, as near to the battery as can be.`;
      case "fits":
        return `${what} fits: it is held against ${amount(r.heldA, "A")}${r.coldV === null ? "" : ` and ${amount(r.coldV, "V")}`}.`;
    }
  },
  why(r) {
    return {
      lines: [
        `Flows: ${amount(r.flowsA, "A")}${r.backfeedA === null ? "" : `; other rows could push in ${amount(r.backfeedA, "A")}`}`,
        `Held against: ${amount(r.heldA, "A")}${r.coldV === null ? "" : `; coldest volts ${amount(r.coldV, "V")}`}`,
      ],
      source:
        "Row: at least 1.56 × Isc and at most the panels’ series fuse (NEC 690.9). Switch: 1.25 × Isc. Battery: 1.25 × what the controller gives, at most what the cable carries. A gPV fuse takes about 1.45 times its rating to blow.",
    };
  },
};

export const plugsWords: RuleWords<"plugs"> = {
  title: "Plugs and adapters",
  sentence(r) {
    const to = `${headOf(r.inputName)}, ${headOf(r.portName)}`;
    const where = (types: readonly string[]) =>
      r.faults
        .filter(({ type }) => types.includes(type))
        .map((fault) => `“${r.placeNames[placeOfFault(fault, r.placeNames)] ?? ""}”`)
        .join(", ");
    switch (r.outcome) {
      case "noChain":
        return `No chain of the adapters known leads from the panels’ plugs to ${to} with ${amount(r.amps, "A")}. Have one made, or tell which you have.`;
      case "misfit":
        return `It does not plug together on the way to ${to}: see ${where(["misfit"])}.`;
      case "reversed":
        return `Plus arrives at minus at ${to}: turned round at ${where(["swaps"])}.`;
      case "overloaded":
        return r.bearsA === null
          ? `On the way to ${to} ${where(["volts"])} is not made for ${amount(r.volts, "V")}.`
          : `On the way to ${to} ${where(["amps"])} bears ${given(r.bearsA, "A")}; it takes ${amount(r.amps, "A")} under bright sky.`;
      case "unknown":
        return `Look with a meter before you plug into ${to}: ${where(["unknown"])} can be put together either way round. A minus sign means reversed.`;
      case "swapsTwice":
        return `Plus arrives at plus at ${to}, but it is turned round on the way at ${where(["swaps"])}: whoever takes one of them out reverses it.`;
      case "right":
        return `The panels plug into ${to} by ${counted(r.count, "adapter")}, plus to plus; none is asked for more than ${amount(r.amps, "A")}.`;
      case "unlike": {
        const [from = "", ...rest] = r.placeNames;
        const between = rest.slice(0, -1);
        return `In a row before ${to} ${from} meets ${rest.at(-1) ?? ""}: ${between.length === 0 ? "no adapter known joins them" : `${between.join(", then ")} between them`}. It takes ${amount(r.amps, "A")} under bright sky.`;
      }
      case "branches":
        return `Branch plugs bear ${given(r.bearsA ?? 0, "A")}; the rows before ${to} give ${amount(r.amps, "A")} under bright sky. Join them in a box with bars.`;
    }
  },
  why(r) {
    return {
      lines: [
        `Joint by joint: ${r.placeNames.join(" → ")}`,
        `1.25 × short circuit: ${amount(r.amps, "A")}; coldest volts ${amount(r.volts, "V")}`,
      ],
      source: "Polarity follows the leads, never the shape of a plug. A meter has the last word.",
    };
  },
};

export const shockWords: RuleWords<"shock"> = {
  title: "Volts that are a shock hazard",
  sentence(r) {
    return `${headOf(r.inputName)}, ${headOf(r.portName)} stands at up to ${amount(r.volts, "V")} DC in daylight, above the ${given(r.limitV, "V")} from which it is a shock hazard${r.isWet ? " where it is wet" : ""}: cover the panels or work at dusk, and have it looked at by who may.`;
  },
  why(r) {
    return {
      lines: [`Coldest dawn: ${amount(r.volts, "V")}; hazard from ${given(r.limitV, "V")} DC`],
      source: "60 V DC where it is dry, 30 V where it is wet or afloat. Your local code decides.",
    };
  },
};
