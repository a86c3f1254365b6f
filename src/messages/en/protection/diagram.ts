import { sizeThatCounts } from "@/core/protection/cabling";
import { pieceName, type Plan, runKey } from "@/core/plan";
import {
  type BoxText,
  type BranchReport,
  type Item,
  type ItemGroup,
  type PortArrayReport,
  type Part,
  type ProtectReport,
  type StringRef,
} from "@/core/protection/diagram";
import { type UnitSystem } from "@/core/engine/units";
import { partsOfKey } from "@/core/engine/array";
import { branchWords, lengthWords, sizeWords } from "./cables";
import { amount, given } from "../format";
import { shortName } from "../names";
import { at } from "./work-order";

/** What is said at Protection: in the boxes of its diagram, on its list, in its order of work. */

export const partNames = {
  string: "String cable",
  trunk: "Cable to the DC isolator",
  tail: "Cable to the PV input",
  battery: "Battery cable",
  bond: "Frame bonding",
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
      return { title: `${part.number} ${shortName(pieceName(plan, part.key))}`, lines: [figures.join(" · ")] };
    }
    case "diode":
      return { title: "Blocking diode", lines: [] };
    case "fuse": {
      const branch = branchOf(report, part.string);
      const kind = part.guard?.kind === "breaker" ? "DC breaker" : "PV fuse";
      const sizeA = part.guard?.ratedA ?? branch?.fuseA ?? null;
      const size = sizeA === null ? "none fits" : given(sizeA, "A");
      return {
        title: `${kind} ${size}`,
        lines: [part.guard === null ? "to be fitted" : branchTitle(branch, part.string)],
      };
    }
    case "branch":
      return { title: `Branch (Y) connector ${sign(part.pole)}`, lines: [] };
    case "bar": {
      const portArray = portArrayOf(report, part.portArray);
      return {
        title:
          portArray?.joint === "plugs"
            ? `Branch connectors ${sign(part.pole)}`
            : `Combiner box, busbar ${sign(part.pole)}`,
        lines: [],
      };
    }
    case "cable": {
      const key = runKey(part);
      const run =
        report.portArrays.flatMap(({ runs }) => runs).find((each) => each.key === key) ??
        report.batteries.map((battery) => battery.run).find((each) => each.key === key);
      const size = run === undefined ? null : sizeThatCounts(run);
      const name =
        part.string !== null
          ? `String ${part.string.number} ${part.pole === "both" ? "" : sign(part.pole)}`
          : part.to.type === "isolator"
            ? "To the isolator"
            : part.to.type === "bank"
              ? "To the battery"
              : "To the PV input";
      if (run === undefined) return { title: name, lines: [] };
      const length = `${run.lengthBy === "assumed" ? "about " : ""}${lengthWords(run.lengthMm, system)}`;
      return { title: name, lines: [`${size === null ? "no size is enough" : sizeWords(size.size.name)} · ${length}`] };
    }
    case "switch": {
      const portArray = portArrayOf(report, part.portArray);
      const amps = part.guard?.ratedA ?? portArray?.switchA ?? null;
      return {
        title: amps === null ? "DC isolator" : `DC isolator ${given(amps, "A")}`,
        lines: [part.guard === null ? "to be fitted, 2-pole" : "2-pole"],
      };
    }
    case "input": {
      const device = plan.inputs.find(({ id }) => id === part.inputId)?.device;
      if (device === undefined) return { title: "No input chosen", lines: [] };
      const ports = part.ports.map(({ portId }) => device.ports.find(({ id }) => id === portId)?.name ?? "");
      return { title: shortName(device.name), lines: ports.map(shortName) };
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

function portArrayOf(
  report: ProtectReport,
  at: { readonly inputId: string | null; readonly portId: string | null },
): PortArrayReport | undefined {
  return report.portArrays.find(({ inputId, portId }) => inputId === at.inputId && portId === at.portId);
}

/** The branch that a fuse of the diagram guards; null: it is not known. */
export function branchOf(report: ProtectReport, string: StringRef): BranchReport | null {
  return portArrayOf(report, string)?.branches.find((branch) => branch.string.id === string.stringId) ?? null;
}

function branchTitle(branch: BranchReport | null, { number }: StringRef): string {
  return branch === null ? `string ${number}` : branchWords(branch.place);
}

/** A true minus, as on a connector. */
export function sign(pole: "+" | "-"): string {
  return pole === "+" ? "+" : "\u2212";
}

export const groupWords: Readonly<Record<ItemGroup, string>> = {
  cables: "Cables",
  plugs: "Connectors and adapters",
  fuses: "Fuses, breakers and isolators",
  box: "Combiner box",
  small: "Small parts",
};

const colours = { red: "red", black: "black", greenYellow: "green and yellow" } as const;

/** What a thing on the list is, as a shop asks for it. */
export function itemWords(item: Item): string {
  const volts = (value: number | null) =>
    value === null ? "DC rating above the array’s coldest Voc" : `${given(value, "V")} DC`;
  switch (item.type) {
    case "cable":
      return `Cable ${sizeWords(item.size)}, ${colours[item.colour]}`;
    case "noCable":
      return `${partNames[item.part]}: must carry ${amount(item.mustCarryA, "A")}, no listed size is enough${item.noSize === "noTable" ? " (too hot or too many circuits for any table)" : ""}`;
    case "plugPair":
      return `Pair of connectors, ${item.kindName}`;
    case "branchPair":
      return `Pair of branch (Y) connectors, ${item.kindName}`;
    case "extension":
      return `Extension lead, ${item.kindName}`;
    case "adapter":
      return `Adapter: ${item.name}`;
    case "fuse":
      return `PV fuse (gPV), ${given(item.ratedA, "A")}, ${volts(item.volts)}`;
    case "breaker":
      return `DC breaker for PV, ${given(item.ratedA, "A")}, ${volts(item.volts)}, not polarised`;
    case "fuseHolder":
      return item.inLine ? "Inline PV fuse holder, waterproof" : "DIN-rail PV fuse holder";
    case "batteryFuse":
      return `Battery fuse ${given(item.ratedA, "A")} with holder${item.volts === null ? "" : `, at least ${given(item.volts, "V")} DC`}, breaking capacity at least ${given(item.breaksA / 1000, "")}\u00a0kA`;
    case "switch":
      return `PV DC isolator (disconnect), 2-pole, ${given(item.ratedA, "A")}, ${volts(item.volts)}`;
    case "diode":
      return `Blocking diode ${given(item.ratedA, "A")}`;
    case "box":
      return `Combiner box, inside at least ${item.wideMm} × ${item.highMm} × ${item.deepMm} mm, weatherproof`;
    case "bar":
      return `Busbar with ${item.studs} studs`;
    case "gland":
      return `Cable gland ${item.thread} for ${item.cables === 1 ? "one cable" : "two cables"}`;
    case "ring":
      return `Ring terminal ${sizeWords(item.size)}, stud ${item.stud}`;
    case "ferrule":
      return `Ferrule ${sizeWords(item.size)}`;
    case "conduit":
      return `Conduit ${item.nominalMm} mm`;
    case "label":
      return "Warning label or cable tag";
  }
}

/** "7.5 m", "3". */
export function countWords(count: number, unit: "m" | "pieces", system: UnitSystem): string {
  return unit === "m" ? lengthWords(count * 1000, system) : String(count);
}

/** What is stuck on at both ends of each cable: the large word, and the small one under it. */
export function labelTexts(report: ProtectReport): { readonly large: string; readonly small: string }[] {
  return report.portArrays.flatMap((portArray) => {
    const small = `${at(portArray)} · up to ${amount(portArray.coldV, "V")} DC`;
    const pair = (name: string) =>
      (["+", "-"] as const).flatMap((pole) => [0, 1].map(() => ({ large: `${name} ${sign(pole)}`, small })));
    return [
      ...(portArray.strings.length > 1 ? portArray.strings.flatMap(({ number }) => pair(`STRING ${number}`)) : []),
      ...pair("SOLAR"),
      { large: "LIVE IN DAYLIGHT", small: "Switch off, cover the panels, then unplug" },
      ...(portArray.hasSwitch
        ? [{ large: "PV ISOLATOR (DC DISCONNECT)", small: `Disconnects + and − of ${at(portArray)}` }]
        : []),
    ];
  });
}
