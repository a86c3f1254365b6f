import { sizesOf } from "../cable";
import {
  ampsOfRow,
  chainOf,
  type LabelAmps,
  type PortChain,
  type ResolvedRun,
  sheetOf,
  sizeThatCounts,
  type UnlikeEnds,
  unlikeEnds,
} from "../copper";
import { assumedFuseA, brightSkyFactor, type Backfeed, backfeedOf, smallestOf, switchSizesA, voltClass } from "../fuse";
import { type Plan } from "../plan";
import { clearScene, type LaneContext, type LaneParts, mostColdVolts, netIn } from "../rules";
import { asMatrix, keyOf, type Row, type TileKey, usedIn } from "../wiring";
import { type BoxSize, boxFor, type Joint, jointOf } from "./box";

/** One row as it is fused, measured and labelled. */
export type RowReport = {
  readonly rowId: string | null;
  readonly number: number;
  readonly tiles: readonly TileKey[];
  readonly amps: LabelAmps | null;
  /** By its labels at 25 °C, and on the coldest dawn, V. */ readonly vocV: number;
  readonly coldV: number;
};

/** All that is to be bought, fitted and measured before one port. */
export type LaneReport = {
  readonly inputId: string;
  readonly portId: string;
  readonly inputName: string;
  readonly portName: string;
  readonly rows: readonly RowReport[];
  readonly runs: readonly ResolvedRun[];
  readonly iscA: number | null;
  readonly coldV: number;
  /** Least series fuse rating of its panels, A, and whether a label was silent. */ readonly ratingA: number;
  readonly ratingIsAssumed: boolean;
  /** What its rows ask of fuses; null with fewer than two rows. */ readonly fuses: Backfeed | null;
  readonly isFusedEach: boolean;
  /** Volts for which its fuses and its switch have to be made; null: no class bears so much. */ readonly classV:
    number | null;
  readonly switchA: number | null;
  readonly joint: Joint;
  readonly box: BoxSize | null;
  /** From frame to frame and to earth. */ readonly bond: ResolvedRun | null;
  readonly chain: PortChain;
  /** Panels side by side in a row whose plugs are unlike. */ readonly unlike: readonly UnlikeEnds[];
  readonly diodes: DiodeFacts | null;
  readonly thickerOrMore: ThickerOrMore | null;
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

export function laneReport(plan: Plan, parts: LaneParts): LaneReport {
  const { context, inputId, portId, rows, runs } = parts;
  const reports = rows.map((row, k) => rowReport(plan, context, row, k + 1));
  const each = reports.map(({ amps }) => amps?.iscA ?? null);
  const iscA = each.reduce<number | null>((sum, amps) => (sum === null || amps === null ? null : sum + amps), 0);
  const coldV = mostColdVolts(context, context.lane.rows).volts;
  const ratings = context.tiles.map((tile) => {
    const sheet = sheetOf(plan, tile);
    return {
      ratingA: sheet?.maxSeriesFuseA ?? assumedFuseA(sheet?.pmaxW ?? 0),
      isAssumed: (sheet?.maxSeriesFuseA ?? null) === null,
    };
  });
  const least = ratings.reduce((a, b) => (b.ratingA < a.ratingA ? b : a));
  const fuses =
    rows.length < 2 || iscA === null
      ? null
      : backfeedOf(
          each.map((amps) => amps ?? 0),
          least.ratingA,
        );
  const isFusedEach =
    fuses !== null && (fuses.neededByBackfeed || (plan.schools.fuse === "strict" && fuses.neededByStrict));
  const designA = iscA === null ? null : brightSkyFactor * iscA;
  const chain = chainOf(plan, context.lane, designA ?? 0, coldV);
  const joint = jointOf(plan.protect.joining, rows.length, designA, chain.branchA);
  const area = (part: ResolvedRun["part"]) => {
    const run = runs.find((candidate) => candidate.part === part);
    return (run === undefined ? null : sizeThatCounts(run))?.size.areaMm2 ?? usualMm2;
  };
  return {
    inputId,
    portId,
    inputName: context.device.name,
    portName: context.port.name,
    rows: reports,
    runs,
    iscA,
    coldV,
    ratingA: least.ratingA,
    ratingIsAssumed: least.isAssumed,
    fuses,
    isFusedEach,
    classV: voltClass(coldV),
    switchA: designA === null ? null : smallestOf(switchSizesA, designA),
    joint,
    box: joint === "box" ? boxFor(rows.length, area("row"), area("trunk"), isFusedEach) : null,
    bond: parts.bond,
    chain,
    unlike: unlikeEnds(plan, context.lane, brightSkyFactor * Math.max(0, ...each.map((amps) => amps ?? 0)), coldV),
    diodes: diodeFacts(context),
    thickerOrMore: thickerOrMore(parts, coldV),
  };
}

/** Taken for a cable whose size is not known yet, mm². */
const usualMm2 = 4;

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
    coldV: mostColdVolts(context, [row]).volts,
  };
}

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
  const sized = shared.map((run) => ({ run, size: sizeThatCounts(run) }));
  if (trunk === undefined || trunk.ask === null || sized.some(({ size }) => size === null)) return null;
  const { ask } = trunk;
  const ohm = sized.reduce((sum, { size }) => sum + (size?.ohm ?? 0), 0);
  const lossW = ohm * ask.impA ** 2;
  const now = sized[0]?.size ?? null;
  const sizes = sizesOf(ask.book);
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
