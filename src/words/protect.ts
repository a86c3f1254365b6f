import { sizeThatCounts } from "@/core/copper";
import { pieceName, type Plan, runKey } from "@/core/plan";
import {
  type BoxText,
  type Item,
  type ItemGroup,
  type LaneReport,
  type Part,
  type ProtectReport,
  type Step,
} from "@/core/protect";
import { type UnitSystem } from "@/core/units";
import { partsOfKey } from "@/core/wiring";
import { lengthWords, sizeWords } from "./copper";
import { amount, given } from "./format";
import { headOf } from "./names";

/** What is said at Protect: in the boxes of its drawing, on its list, in its order of work. */

export const partNames = {
  row: "Cable of a row",
  trunk: "Cable to the switch",
  tail: "Cable to the input",
  battery: "Cable to the battery",
  bond: "Bonding of the frames",
} as const;

export const layingWords = {
  roof: "On the roof",
  inside: "Inside, in air",
  conduit: "In a conduit",
  buried: "In the ground",
} as const;

/** What stands in a box of the drawing. */
export function boxWords(part: Part, plan: Plan, report: ProtectReport, system: UnitSystem): BoxText {
  switch (part.type) {
    case "panel": {
      const { panelId } = partsOfKey(part.key);
      const label = plan.panels.find(({ id }) => id === panelId)?.label;
      const figures = [
        label?.vocV === null || label === undefined ? "Voc ?" : given(label.vocV, "V"),
        label?.iscA === null || label === undefined ? "Isc ?" : given(label.iscA, "A"),
      ];
      return { title: `${part.number} ${headOf(pieceName(plan, part.key))}`, lines: [figures.join(" · ")] };
    }
    case "diode":
      return { title: "Blocking diode", lines: [] };
    case "fuse": {
      const lane = laneOf(report, part.row);
      const sizeA = part.guard?.ratedA ?? lane?.fuses?.sizeA ?? null;
      const kind = part.guard?.kind === "breaker" ? "Breaker" : "Fuse";
      const size = sizeA === null ? "none fits" : given(sizeA, "A");
      return { title: `${kind} ${size}`, lines: [part.guard === null ? "to be fitted" : `row ${part.row.number}`] };
    }
    case "branch":
      return { title: `Branch plug ${sign(part.pole)}`, lines: [] };
    case "bar": {
      const lane = laneOf(report, part.lane);
      return {
        title:
          lane?.joint === "plugs"
            ? `Branch plugs ${sign(part.pole)}`
            : `Box, ${part.pole === "+" ? "plus" : "minus"} bar ${sign(part.pole)}`,
        lines: [],
      };
    }
    case "cable": {
      const key = runKey(part);
      const run =
        report.lanes.flatMap(({ runs }) => runs).find((each) => each.key === key) ??
        report.batteries.map((battery) => battery.run).find((each) => each.key === key);
      const size = run === undefined ? null : sizeThatCounts(run);
      const name =
        part.row !== null
          ? `Row ${part.row.number} ${part.pole === "both" ? "" : sign(part.pole)}`
          : part.to.type === "isolator"
            ? "To the switch"
            : part.to.type === "bank"
              ? "To the battery"
              : "To the input";
      if (run === undefined) return { title: name, lines: [] };
      const length = `${run.lengthBy === "assumed" ? "about " : ""}${lengthWords(run.lengthMm, system)}`;
      return { title: name, lines: [`${size === null ? "no size" : sizeWords(size.size.name)} · ${length}`] };
    }
    case "switch": {
      const lane = laneOf(report, part.lane);
      const amps = part.guard?.ratedA ?? lane?.switchA ?? null;
      return {
        title: amps === null ? "Switch" : `Switch ${given(amps, "A")}`,
        lines: [part.guard === null ? "to be chosen, 2 poles" : "2 poles"],
      };
    }
    case "input": {
      const device = plan.inputs.find(({ id }) => id === part.inputId)?.device;
      if (device === undefined) return { title: "No input chosen", lines: [] };
      const ports = part.ports.map(({ portId }) => device.ports.find(({ id }) => id === portId)?.name ?? "");
      return { title: headOf(device.name), lines: ports.map(headOf) };
    }
    case "bank": {
      const battery = report.batteries.find(({ inputId }) => inputId === part.inputId);
      const fuseA = part.guard?.ratedA ?? battery?.fuseA ?? null;
      const fuse =
        fuseA === null
          ? "fuse: output not known"
          : `fuse ${given(fuseA, "A")}${part.guard === null ? " to be fitted" : ""}`;
      return { title: "Battery", lines: [fuse] };
    }
  }
}

function laneOf(
  report: ProtectReport,
  at: { readonly inputId: string | null; readonly portId: string | null },
): LaneReport | undefined {
  return report.lanes.find(({ inputId, portId }) => inputId === at.inputId && portId === at.portId);
}

/** A true minus, as on a plug. */
export function sign(pole: "+" | "-"): string {
  return pole === "+" ? "+" : "\u2212";
}

export const groupWords: Readonly<Record<ItemGroup, string>> = {
  cables: "Cables",
  plugs: "Plugs and adapters",
  fuses: "Fuses and switches",
  box: "The box",
  small: "Small parts",
};

const colours = { red: "red", black: "black", greenYellow: "green and yellow" } as const;

/** What a thing on the list is. */
export function itemWords(item: Item): string {
  const volts = (value: number | null) => (value === null ? "volts DC as the array" : `${given(value, "V")} DC`);
  switch (item.type) {
    case "cable":
      return `Cable ${sizeWords(item.size)}, ${colours[item.colour]}`;
    case "plugPair":
      return `Pair of plugs, ${item.kindName}`;
    case "branchPair":
      return `Pair of branch plugs, ${item.kindName}`;
    case "extension":
      return `Extension lead, ${item.kindName}`;
    case "adapter":
      return `Adapter: ${item.name}`;
    case "fuse":
      return `Fuse ${given(item.ratedA, "A")}, PV kind, ${volts(item.volts)}`;
    case "breaker":
      return `Breaker ${given(item.ratedA, "A")}, ${volts(item.volts)}`;
    case "fuseHolder":
      return item.inLine ? "Fuse holder for the line, waterproof" : "Fuse holder for the rail";
    case "batteryFuse":
      return `Battery fuse ${given(item.ratedA, "A")} with holder`;
    case "switch":
      return `Switch ${given(item.ratedA, "A")}, 2 poles, ${volts(item.volts)}`;
    case "diode":
      return `Blocking diode ${given(item.ratedA, "A")}`;
    case "box":
      return `Box, at least ${item.wideMm} × ${item.highMm} × ${item.deepMm} mm, weatherproof`;
    case "bar":
      return `Bar with ${item.studs} studs`;
    case "gland":
      return `Gland ${item.thread} for ${item.cables === 1 ? "one cable" : "two cables"}`;
    case "ring":
      return `Ring terminal ${sizeWords(item.size)}, stud ${item.stud}`;
    case "ferrule":
      return `Ferrule ${sizeWords(item.size)}`;
    case "conduit":
      return `Conduit ${item.nominalMm} mm`;
    case "label":
      return "Label to stick on";
  }
}

/** "7.5 m", "3". */
export function countWords(count: number, unit: "m" | "pieces", system: UnitSystem): string {
  return unit === "m" ? lengthWords(count * 1000, system) : String(count);
}

function at({ inputName, portName }: LaneReport): string {
  return `${headOf(inputName)}, ${headOf(portName)}`;
}

/** One step of the work, as a friend on the ladder would say it. */
export function workStepWords(step: Step): string {
  switch (step.type) {
    case "listCables":
      return "Measure each way with a string, write it beside its cable here, and order with some to spare.";
    case "fitBox":
      return `Fit the box for ${at(step.lane)} low enough to hide under a panel, where a hand still reaches it. Drill its glands from below.`;
    case "layCables":
      return "Lay the cables uncut along their ways, red for plus and black for minus. Nothing may flap, chafe on an edge, or lie where water stands.";
    case "threadGlands":
      return `Thread each cable through its gland at ${at(step.lane)} now: crimped first, it does not go through any more.`;
    case "cutToLength":
      return "Cut last, and to length: a hand’s breadth longer than it reaches, with a drip loop before every gland and plug.";
    case "crimp":
      return "Strip, crimp with the right tool, click the contacts in until they lock. Only plugs of the same make are sure to fit each other.";
    case "pullAndLabel":
      return "Pull at each crimp. Stick a label at both ends of each cable.";
    case "testLeads":
      return "Before anything is live: a meter beeps from end to end of each lead, plus to plus, and is silent from plus to minus.";
    case "darken":
      return "Cover the panels or wait for dusk. They are live whenever there is light.";
    case "allOff":
      return "All switches off, all fuses out, nothing plugged in.";
    case "batteryFirst":
      return `Battery first: join ${headOf(step.battery.inputName)} to its battery, minus and plus${step.battery.fuseA === null ? "" : `, then put in the ${given(step.battery.fuseA, "A")} fuse`}.`;
    case "inputOn":
      return "Switch the inputs on, and see that they wake on their batteries.";
    case "measureRow":
      return `Row ${step.number} of ${at(step.lane)}, alone: a meter on volts DC shows up to ${amount(step.vocV, "V")} in full light at 25 °C, up to ${amount(step.coldV, "V")} on the coldest dawn, and no minus sign.`;
    case "joinRows":
      return step.lane.joint === "box"
        ? `Join the rows of ${at(step.lane)} on the bars of the box: plus to plus, minus to minus. Fuses still out.`
        : `Join the rows of ${at(step.lane)} with the branch plugs: plus to plus, minus to minus.`;
    case "putFuses":
      return `Put a ${given(step.amps, "A")} fuse in each row of ${at(step.lane)}.`;
    case "measureJoined":
      return `Before the switch of ${at(step.lane)}: about ${amount(step.vocV, "V")} or less, no minus sign.`;
    case "plugIn":
      return `Plug into ${at(step.lane)}, its switch still off.`;
    case "switchOn":
      return `Switch ${at(step.lane)} on.`;
    case "uncover":
      return "Take the covers off the panels.";
    case "waitAndLook":
      return "Wait half a minute for the input to find its point, then look at the watts.";
    case "switchOff":
      return `Switch ${at(step.lane)} off. Never part a plug that carries current: a DC arc does not go out.`;
    case "unplugPort":
      return `Unplug ${at(step.lane)}.`;
    case "takeFuses":
      return `Take the fuses of ${at(step.lane)} out.`;
    case "partRows":
      return `Take the rows of ${at(step.lane)} apart, plus first, and cap the plugs: each row is live by itself.`;
    case "batteryLast":
      return `Battery last: its fuse out, then the cables off ${headOf(step.battery.inputName)}.`;
  }
}

/** What to look for where cables and plugs have been out in the weather. */
export const weatherChecks: readonly string[] = [
  "No plug lies where water stands or runs: plugs hang under the panel, openings down.",
  "Every cable has a drip loop before it goes through a wall, a gland or into a plug.",
  "Nothing flaps when a hand pulls at it: a clip every 300 mm, and at both sides of every plug.",
  "No cable lies on an edge, in a hinge, or under a foot; none is bent tighter than four times its thickness.",
  "Glands are tight round each cable; holes not used are plugged.",
];

/** Whose work it is. */
export const whoseWork: readonly string[] = [
  "Your local code decides, before anything that is said here.",
  "Permanent wiring on a building, shore power, and boats above safe volts are a licensed person’s work.",
  "Whether frames are earthed, and to what, is for an electrician who knows the place: ask before you leave it out. On a vehicle, the body; on a boat, the bonding system and never a lone plate; on a building, its earth.",
];

/** What is stuck on at both ends of each cable: the large word, and the small one under it. */
export function labelTexts(report: ProtectReport): { readonly large: string; readonly small: string }[] {
  return report.lanes.flatMap((lane) => {
    const small = `${at(lane)} · up to ${amount(lane.coldV, "V")} DC`;
    const pair = (name: string) =>
      (["+", "-"] as const).flatMap((pole) => [0, 1].map(() => ({ large: `${name} ${sign(pole)}`, small })));
    return [
      ...(lane.rows.length > 1 ? lane.rows.flatMap(({ number }) => pair(`ROW ${number}`)) : []),
      ...pair("SOLAR"),
      { large: "LIVE IN DAYLIGHT", small: "Switch off, cover the panels, then unplug" },
      { large: "SOLAR SWITCH", small: `Parts both poles of ${at(lane)}` },
    ];
  });
}
