import { sizesOf } from "../../engine/cable";
import {
  ampsOfRow,
  chainOf,
  isFuseStrict,
  type Joint,
  jointOf,
  type LabelAmps,
  lossThatCounts,
  needsFuse,
  type PortChain,
  type ResolvedRun,
  sheetOf,
  sizeThatCounts,
  type UnlikeEnds,
  unlikeEnds,
  type WiredBranch,
} from "../cabling";
import { brightSkyFactor, pvFuseClass, smallestOf, switchSizesA, voltClass } from "../../engine/fuse";
import { fuseAt, type ProtectiveDevice, type Plan, switchAt } from "../../plan";
import { clearScene, type LaneContext, netIn } from "../../plan-model";
import { type CopperContext, highestOf, type LaneParts, maxAmpsOf } from "../rules";
import { maxColdVolts } from "../../wiring/rules";
import { asMatrix, keyOf, type PortArray, type Row, type PanelKey, usedIn } from "../../engine/array";
import { type BoxSize, boxFor } from "./box";

/** One row as it is fused, measured and labelled. */
export type RowReport = {
  readonly rowId: string | null;
  readonly number: number;
  readonly tiles: readonly PanelKey[];
  readonly amps: LabelAmps | null;
  /** By its labels at 25 °C, and on the coldest dawn, V. */ readonly vocV: number;
  readonly coldV: number;
  /** The least that may be read of it in daylight: hot panels under a dull sky, V. */ readonly lowV: number;
};

/** All that is to be bought, fitted and measured before one port. */
export type LaneReport = {
  readonly inputId: string;
  readonly portId: string;
  readonly inputName: string;
  readonly portName: string;
  readonly lane: PortArray;
  readonly rows: readonly RowReport[];
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
  /** Panels side by side in a row whose plugs are unlike. */ readonly unlike: readonly UnlikeEnds[];
  readonly diodes: DiodeFacts | null;
  readonly thickerOrMore: ThickerOrMore | null;
};

export type BranchReport = WiredBranch & {
  /** Whether it has to have a fuse by the rule the plan keeps to, and what is fitted there. */
  readonly isNeeded: boolean;
  readonly fitted: ProtectiveDevice | null;
  /** The fuse that belongs there, fitted or to be fitted, A; null: none is needed, or none fits. */ readonly fuseA:
    number | null;
};

/** What blocking diodes would do: watts at bright noon with one row in the dark, with them and without, and what they cost in full light. */
export type DiodeFacts = { readonly gainW: number; readonly costW: number };

/** The joined cables a size thicker, or one more panel in each row: what they then lose in full sun. */
export type ThickerOrMore = {
  readonly lossW: number;
  readonly thicker: {
    readonly size: string;
    readonly lossW: number;
    readonly areaMm2: number;
    readonly nowMm2: number;
    readonly lengthMm: number;
  } | null;
  readonly more: {
    readonly series: number;
    readonly rows: number;
    readonly left: number;
    readonly coldV: number;
    readonly ceilingV: number | null;
    readonly lossW: number;
  } | null;
};

export function laneReport(copper: CopperContext, parts: LaneParts): LaneReport {
  const { plan } = copper;
  const { context, inputId, portId, rows, runs } = parts;
  const reports = rows.map((row, k) => rowReport(plan, context, row, k + 1));
  const each = reports.map(({ amps }) => amps?.iscA ?? null);
  const iscA = each.reduce<number | null>((sum, amps) => (sum === null || amps === null ? null : sum + amps), 0);
  const coldV = maxColdVolts(context, context.lane.rows).volts;
  const highestV = highestOf(copper, context, context.lane.rows, rows).volts;
  const isStrict = isFuseStrict(plan);
  const branches = parts.branches.map((branch): BranchReport => {
    const fitted = branch.row.id === null ? null : fuseAt(copper.guards, { type: "row", rowId: branch.row.id });
    const isNeeded = needsFuse(branch, isStrict);
    return { ...branch, isNeeded, fitted, fuseA: fitted?.ratedA ?? (isNeeded ? branch.sizeA : null) };
  });
  const fusedRows = branches.filter(({ place, fuseA }) => place.inGroup === null && fuseA !== null).length;
  const designA = iscA === null ? null : brightSkyFactor * iscA;
  const chain = chainOf(plan, context.lane, designA ?? 0, coldV);
  const joint = jointOf(plan.protect.joining, rows.length, designA, chain.branchA);
  const area = (part: ResolvedRun["part"]) => {
    const run = runs.find((candidate) => candidate.part === part);
    return (run === undefined ? null : sizeThatCounts(run))?.size.areaMm2 ?? defaultMm2;
  };
  return {
    inputId,
    portId,
    inputName: context.device.name,
    portName: context.port.name,
    lane: { ...context.lane, rows },
    rows: reports,
    runs,
    iscA,
    coldV,
    branches,
    highestV,
    classV: voltClass(highestV),
    fuseV: pvFuseClass(highestV),
    switchA: designA === null ? null : smallestOf(switchSizesA, brightSkyFactor * maxAmpsOf(copper, rows).amps),
    hasSwitch: isSwitched(copper, parts),
    joint,
    box: joint === "box" ? boxFor(rows.length, area("row"), area("trunk"), fusedRows) : null,
    bond: parts.bond,
    chain,
    unlike: unlikeEnds(plan, context.lane, brightSkyFactor * Math.max(0, ...each.map((amps) => amps ?? 0)), coldV),
    diodes: diodeFacts(context),
    thickerOrMore: thickerOrMore(parts, coldV),
  };
}

function isSwitched({ guards }: CopperContext, { inputId, portId, runs }: LaneParts): boolean {
  const isFitted = switchAt(guards, { type: "isolator", inputId, portId }) !== null;
  return isFitted || runs.every(({ ask }) => ask === null || !ask.isPortable);
}

/** Taken for a cable whose size is not known yet, mm². */
const defaultMm2 = 4;

function rowReport(plan: Plan, context: LaneContext, row: Row, number: number): RowReport {
  const tiles = usedIn([row]);
  const voc = (item: Row["items"][number]): number =>
    item.type === "panel"
      ? item.joinedPast
        ? 0
        : (sheetOf(plan, item)?.vocV ?? 0)
      : Math.max(0, ...item.rows.map((inner) => inner.items.reduce((sum, each) => sum + voc(each), 0)));
  return {
    rowId: row.id,
    number,
    tiles: tiles.map(keyOf),
    amps: ampsOfRow(plan, row),
    vocV: row.items.reduce((sum, item) => sum + voc(item), 0),
    coldV: maxColdVolts(context, [row]).volts,
    lowV: lowVolts(context, row),
  };
}

/** Open-circuit volts of a string that is hot though the sky is dull, V: a panel fewer or one bypassed shows below it. */
function lowVolts(context: LaneContext, row: Row): number {
  const dull = { cellTempC: context.site.recordHighC + dullAboveK, irradianceWm2: dullWm2 };
  const net = netIn(context, [row], (_, substrings) => ({
    cellTempC: dull.cellTempC,
    irradianceWm2: Array.from({ length: substrings }, () => dull.irradianceWm2),
  }));
  return net === null ? 0 : context.solve(net).vocV;
}
const dullWm2 = 200;
/** Panels that stood in the sun just before, K over the air. */
const dullAboveK = 20;

/** With the strongest row dark: other rows push into it unless a diode stops them. Null with fewer than two rows. */
function diodeFacts(context: LaneContext): DiodeFacts | null {
  const rows = context.lane.rows.filter((row) => usedIn([row]).length > 0);
  const [first] = rows;
  if (rows.length < 2 || first === undefined) return null;
  const dark = new Set(usedIn([first]).map(keyOf));
  const lit = clearScene(context, "brightNoon");
  const watts = (withDiodes: boolean, isShaded: boolean) => {
    const net = netIn(
      context,
      rows.map((row) => ({ ...row, blockingDiode: withDiodes })),
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

function thickerOrMore({ context, runs }: LaneParts, coldV: number): ThickerOrMore | null {
  const shared = runs.filter(({ part }) => part === "trunk" || part === "tail");
  const [trunk] = shared;
  const sized = shared.map((run) => ({ run, size: lossThatCounts(run) }));
  if (trunk === undefined || trunk.ask === null || sized.some(({ size }) => size === null)) return null;
  const { ask } = trunk;
  const ohm = sized.reduce((sum, { size }) => sum + (size?.ohm ?? 0), 0);
  const lossW = ohm * ask.impA ** 2;
  const now = sized[0]?.size ?? null;
  const sizes = sizesOf(ask);
  const next = now === null ? undefined : sizes[sizes.findIndex(({ name }) => name === now.size.name) + 1];
  const thicker =
    now === null || next === undefined
      ? null
      : {
          size: next.name,
          lossW: lossW - (now.ohm - (now.ohm * next.ohmPerKm) / now.size.ohmPerKm) * ask.impA ** 2,
          areaMm2: next.areaMm2,
          nowMm2: now.size.areaMm2,
          lengthMm: trunk.lengthMm,
        };
  const matrix = asMatrix(context.lane.rows);
  if (matrix === null || matrix.strings < 2) return { lossW, thicker, more: null };
  const panels = matrix.series * matrix.strings;
  const series = matrix.series + 1;
  const rows = Math.floor(panels / series);
  const amps = (ask.impA / matrix.strings) * rows;
  const more = {
    series,
    rows,
    left: panels - rows * series,
    coldV: (coldV / matrix.series) * series,
    ceilingV: context.port.maxV,
    lossW: ohm * amps ** 2,
  };
  return { lossW, thicker, more };
}
