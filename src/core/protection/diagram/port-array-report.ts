import {
  ampsOfString,
  chainOf,
  isFuseStrict,
  type Joint,
  jointOf,
  type LabelAmps,
  needsFuse,
  type PortChain,
  type ResolvedRun,
  sheetOf,
  sizeThatCounts,
  type UnlikeEnds,
  unlikeEnds,
  type WholeDrop,
  wholeDrop,
  type WiredBranch,
} from "../cabling";
import { brightSkyFactor, pvFuseClass, smallestOf, switchSizesA, voltClass } from "../../engine/fuse";
import { fuseAt, type ProtectiveDevice, type Plan, switchAt } from "../../plan";
import { clearScene, type PortArrayContext, netIn } from "../../plan-model";
import { type CopperContext, highestOf, type PortArrayParts, maxAmpsOf } from "../rules";
import { maxColdVolts } from "../../wiring/rules";
import { keyOf, type PortArray, type PvString, type PanelKey, usedIn } from "../../engine/array";
import { type BoxSize, boxFor } from "./box";
import { type CableChoice, cableChoice } from "./cable-choice";

/** One string as it is fused, measured and labelled. */
export type StringReport = {
  readonly stringId: string | null;
  readonly number: number;
  readonly tiles: readonly PanelKey[];
  readonly amps: LabelAmps | null;
  /** By its labels at 25 °C, and on the coldest dawn, V. */ readonly vocV: number;
  readonly coldV: number;
  /** The least that may be read of it in daylight: hot panels under a dull sky, V. */ readonly lowV: number;
};

/** All that is to be bought, fitted and measured before one port. */
export type PortArrayReport = {
  readonly inputId: string;
  readonly portId: string;
  readonly inputName: string;
  readonly portName: string;
  readonly portArray: PortArray;
  readonly strings: readonly StringReport[];
  readonly runs: readonly ResolvedRun[];
  readonly iscA: number | null;
  readonly coldV: number;
  /** Every branch that stands in parallel with others, groups inside strings too, with the fuse it has or needs. */
  readonly branches: readonly BranchReport[];
  /** The most volts of any wiring of these panels, and the class of isolator and of PV fuse for it; null: none is made for so much. */
  readonly highestV: number;
  readonly classV: number | null;
  readonly fuseV: number | null;
  readonly switchA: number | null;
  /** Whether an isolator is fitted or belongs there: a folding panel on a lead is covered and unplugged instead. */
  readonly hasSwitch: boolean;
  readonly joint: Joint;
  readonly box: BoxSize | null;
  /** From frame to frame and to earth. */ readonly bond: ResolvedRun | null;
  readonly chain: PortChain;
  /** Panels side by side in a string whose plugs are unlike. */ readonly unlike: readonly UnlikeEnds[];
  readonly diodes: DiodeFacts | null;
  /** What all its cables lose together; null with none that can be sized. */ readonly drop: WholeDrop | null;
  readonly choice: CableChoice | null;
};

export type BranchReport = WiredBranch & {
  /** Whether it has to have a fuse by the rule the plan keeps to, and what is fitted there. */
  readonly isNeeded: boolean;
  readonly fitted: ProtectiveDevice | null;
  /** The fuse that belongs there, fitted or to be fitted, A; null: none is needed, or none fits. */ readonly fuseA:
    number | null;
};

/** What blocking diodes would do: watts at bright noon with one string in the dark, with them and without, and what they cost in full light. */
export type DiodeFacts = { readonly gainW: number; readonly costW: number };

export function portArrayReport(copper: CopperContext, parts: PortArrayParts): PortArrayReport {
  const { plan } = copper;
  const { context, inputId, portId, strings, runs } = parts;
  const reports = strings.map((string, k) => stringReport(plan, context, string, k + 1));
  const each = reports.map(({ amps }) => amps?.iscA ?? null);
  const iscA = each.reduce<number | null>((sum, amps) => (sum === null || amps === null ? null : sum + amps), 0);
  const coldV = maxColdVolts(context, context.portArray.strings).volts;
  const highestV = highestOf(copper, context, context.portArray.strings, strings).volts;
  const isStrict = isFuseStrict(plan);
  const branches = parts.branches.map((branch): BranchReport => {
    const fitted =
      branch.string.id === null ? null : fuseAt(copper.guards, { type: "string", stringId: branch.string.id });
    const isNeeded = needsFuse(branch, isStrict);
    return { ...branch, isNeeded, fitted, fuseA: fitted?.ratedA ?? (isNeeded ? branch.sizeA : null) };
  });
  const fusedStrings = branches.filter(({ place, fuseA }) => place.inGroup === null && fuseA !== null).length;
  const designA = iscA === null ? null : brightSkyFactor * iscA;
  const chain = chainOf(plan, context.portArray, designA ?? 0, coldV);
  const joint = jointOf(plan.protect.joining, strings.length, designA, chain.branchA);
  const area = (part: ResolvedRun["part"]) => {
    const run = runs.find((candidate) => candidate.part === part);
    return (run === undefined ? null : sizeThatCounts(run))?.size.areaMm2 ?? defaultMm2;
  };
  return {
    inputId,
    portId,
    inputName: context.device.name,
    portName: context.port.name,
    portArray: { ...context.portArray, strings },
    strings: reports,
    runs,
    iscA,
    coldV,
    branches,
    highestV,
    classV: voltClass(highestV),
    fuseV: pvFuseClass(highestV),
    switchA: designA === null ? null : smallestOf(switchSizesA, brightSkyFactor * maxAmpsOf(copper, strings).amps),
    hasSwitch: isSwitched(copper, parts),
    joint,
    box: joint === "box" ? boxFor(strings.length, area("string"), area("trunk"), fusedStrings) : null,
    bond: parts.bond,
    chain,
    unlike: unlikeEnds(plan, context.portArray, brightSkyFactor * Math.max(0, ...each.map((amps) => amps ?? 0)), coldV),
    diodes: diodeFacts(context),
    drop: wholeDrop(runs),
    choice: cableChoice(plan, parts),
  };
}

function isSwitched({ guards }: CopperContext, { inputId, portId, runs }: PortArrayParts): boolean {
  const isFitted = switchAt(guards, { type: "isolator", inputId, portId }) !== null;
  return isFitted || runs.every(({ ask }) => ask === null || !ask.isPortable);
}

/** Taken for a cable whose size is not known yet, mm². */
const defaultMm2 = 4;

function stringReport(plan: Plan, context: PortArrayContext, string: PvString, number: number): StringReport {
  const tiles = usedIn([string]);
  const voc = (item: PvString["items"][number]): number =>
    item.type === "panel"
      ? item.bypassed
        ? 0
        : (sheetOf(plan, item)?.vocV ?? 0)
      : Math.max(0, ...item.strings.map((inner) => inner.items.reduce((sum, each) => sum + voc(each), 0)));
  return {
    stringId: string.id,
    number,
    tiles: tiles.map(keyOf),
    amps: ampsOfString(plan, string),
    vocV: string.items.reduce((sum, item) => sum + voc(item), 0),
    coldV: maxColdVolts(context, [string]).volts,
    lowV: lowVolts(context, string),
  };
}

/** Open-circuit volts of a string that is hot though the sky is dull, V: a panel fewer or one bypassed shows below it. */
function lowVolts(context: PortArrayContext, string: PvString): number {
  const dull = { cellTempC: context.site.recordHighC + dullAboveK, irradianceWm2: dullWm2 };
  const net = netIn(context, [string], (_, substrings) => ({
    cellTempC: dull.cellTempC,
    irradianceWm2: Array.from({ length: substrings }, () => dull.irradianceWm2),
  }));
  return net === null ? 0 : context.solve(net).vocV;
}
const dullWm2 = 200;
/** Panels that stood in the sun just before, K over the air. */
const dullAboveK = 20;

/** With the strongest string dark: other strings push into it unless a diode stops them. Null with fewer than two strings. */
function diodeFacts(context: PortArrayContext): DiodeFacts | null {
  const strings = context.portArray.strings.filter((string) => usedIn([string]).length > 0);
  const [first] = strings;
  if (strings.length < 2 || first === undefined) return null;
  const dark = new Set(usedIn([first]).map(keyOf));
  const lit = clearScene(context, "brightNoon");
  const watts = (withDiodes: boolean, isShaded: boolean) => {
    const net = netIn(
      context,
      strings.map((string) => ({ ...string, blockingDiode: withDiodes })),
      (tile, substrings) => {
        const light = lit(tile, substrings);
        return isShaded && dark.has(keyOf(tile))
          ? { ...light, irradianceWm2: light.irradianceWm2.map(() => shadeWm2) }
          : light;
      },
    );
    return net === null ? 0 : context.solve(net).mpp.p;
  };
  return { gainW: watts(true, true) - watts(false, true), costW: watts(false, false) - watts(true, false) };
}
/** Under a deep shadow there is still the sky's light. */
const shadeWm2 = 100;
