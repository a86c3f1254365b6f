import {
  atSky,
  bandGapEv,
  kelvinAtZeroC,
  openCircuitV,
  type PanelModel,
  stcCellTempC,
  stcIrradianceWm2,
  vocSlopeVPerC,
} from "./diode";
import { bandGapFor, cellThermalV, fitLabel, highestIdeality, type LabelFit, lowestIdeality } from "./fit";
import { type PanelLabel } from "./label";
import { minimise } from "./minimise";

/** Points of a curve and the sky they were measured under. */
export type Measured = {
  readonly irradianceWm2: number;
  readonly cellTempC: number;
  readonly points: readonly { readonly v: number; readonly i: number }[];
};

export type PointsFit =
  | {
      readonly type: "model";
      readonly model: PanelModel;
      /** Root mean square distance of the points from the curve, % of Isc. */ readonly rmsPct: number;
      /** The point farthest off, from 1, and its distance, % of Isc. */ readonly worst: {
        readonly point: number;
        readonly pct: number;
      };
    }
  | { readonly type: "tooFew"; readonly usable: number; readonly needed: number }
  | { readonly type: "oneSided"; readonly lacks: "nearShort" | "nearOpen" };

const minPoints = 5;
const evaluations = 260;
/** Points reach a knee only if they go from nearly all of the current to little of it. */
const nearShortShare = 0.85;
const nearOpenShare = 0.7;

type Point = { readonly v: number; readonly i: number; readonly weight: number };
type Line = { readonly lightA: number; readonly scaledA: number; readonly shuntS: number; readonly cost: number };

/**
 * A model through measured points instead of a label's five numbers. For one ideality and one series resistance the
 * single-diode equation is linear in light, saturation and shunt current, so these follow by least squares and only
 * two numbers are searched. The result is moved back to standard conditions by the inverse of De Soto's translation;
 * the label gives the temperature behaviour, which points at one temperature cannot. Throws on nothing finite.
 */
export function fitPoints(label: PanelLabel, measured: Measured): PointsFit {
  const sorted = [...measured.points]
    .filter(({ v, i }) => Number.isFinite(v) && Number.isFinite(i) && v >= 0 && i >= 0)
    .sort((a, b) => a.v - b.v);
  const distinct = sorted.filter((point, k) => k === 0 || point.v > (sorted[k - 1]?.v ?? 0) + 1e-6 * label.vocV);
  if (distinct.length < minPoints) return { type: "tooFew", usable: distinct.length, needed: minPoints };
  const maxA = distinct.reduce((most, { i }) => Math.max(most, i), 0);
  const maxV = distinct.reduce((most, { v }) => Math.max(most, v), 0);
  if (!distinct.some(({ v, i }) => v < 0.5 * maxV && i > nearShortShare * maxA))
    return { type: "oneSided", lacks: "nearShort" };
  if (!distinct.some(({ i }) => i < nearOpenShare * maxA)) return { type: "oneSided", lacks: "nearOpen" };
  const points = weighted(distinct, maxV / maxA);
  const given = fitLabel(label);
  const cellK = measured.cellTempC + kelvinAtZeroC;
  const refK = stcCellTempC + kelvinAtZeroC;
  const thermalV = (cellThermalV(given.label) * cellK) / refK;
  const maxOhm = (0.5 * maxV) / maxA;
  const shapeAt = (x: readonly number[]) => ({
    idealityV: thermalV * (lowestIdeality + (highestIdeality - lowestIdeality) * (x[0] ?? 0)),
    seriesOhm: maxOhm * (x[1] ?? 0) ** 2,
  });
  const costAt = (x: readonly number[]) => {
    const { idealityV, seriesOhm } = shapeAt(x);
    return throughPoints(points, idealityV, seriesOhm, maxV).cost;
  };
  const best = minimise(costAt, [0.25, 0.2], evaluations);
  const { idealityV, seriesOhm } = shapeAt(best);
  const line = throughPoints(points, idealityV, seriesOhm, maxV);
  const misses = points.map(
    (point) => (100 * Math.abs(missAt(point, line, idealityV, seriesOhm, maxV)) * point.weight) / maxA,
  );
  const worst = misses.reduce((most, miss, k) => (miss > (misses[most] ?? 0) ? k : most), 0);
  const farthest = points[worst] as Point;
  return {
    type: "model",
    model: toStandard(given, measured, {
      idealityV,
      seriesOhm,
      shuntS: line.shuntS,
      lightA: line.lightA,
      saturationA: line.scaledA * Math.exp(-maxV / idealityV),
    }),
    rmsPct: Math.sqrt(misses.reduce((sum, miss) => sum + miss * miss, 0) / misses.length),
    worst: {
      point: 1 + measured.points.findIndex(({ v, i }) => v === farthest.v && i === farthest.i),
      pct: misses[worst] ?? 0,
    },
  };
}

/** Where a curve is steep a small misplug of volts is a large one of amps: such points weigh less. */
function weighted(points: readonly { v: number; i: number }[], ohm: number): Point[] {
  return points.map((point, k) => {
    const before = points[Math.max(0, k - 1)] as { v: number; i: number };
    const after = points[Math.min(points.length - 1, k + 1)] as { v: number; i: number };
    const slopeS = Math.abs((after.i - before.i) / (after.v - before.v));
    return { ...point, weight: 1 / (1 + slopeS * ohm) };
  });
}

function missAt(
  { v, i }: Point,
  { lightA, scaledA, shuntS }: Omit<Line, "cost">,
  idealityV: number,
  seriesOhm: number,
  refV: number,
): number {
  const junctionV = v + i * seriesOhm;
  return (
    lightA - scaledA * (Math.exp((junctionV - refV) / idealityV) - Math.exp(-refV / idealityV)) - shuntS * junctionV - i
  );
}

/** Weighted least squares for light current, saturation current (scaled to its value at refV) and shunt, none negative. */
function throughPoints(points: readonly Point[], idealityV: number, seriesOhm: number, refV: number): Line {
  const rows = points.map(({ v, i, weight }) => {
    const junctionV = v + i * seriesOhm;
    return {
      x: [1, -(Math.exp((junctionV - refV) / idealityV) - Math.exp(-refV / idealityV)), -junctionV],
      y: i,
      weight,
    };
  });
  const all = minSquares(rows, [0, 1, 2]);
  const chosen = all !== null && (all[2] ?? 0) >= 0 ? all : minSquares(rows, [0, 1]);
  if (chosen === null || !((chosen[0] ?? 0) > 0) || !((chosen[1] ?? 0) > 0))
    return { lightA: 0, scaledA: 0, shuntS: 0, cost: Number.MAX_VALUE };
  const line = { lightA: chosen[0] as number, scaledA: chosen[1] as number, shuntS: chosen[2] ?? 0 };
  const cost = points.reduce(
    (sum, point) => sum + (missAt(point, line, idealityV, seriesOhm, refV) * point.weight) ** 2,
    0,
  );
  return { ...line, cost };
}

/** Normal equations of the chosen columns, by Cramer's rule; null when the points do not tell them apart. */
function minSquares(
  rows: readonly { x: readonly number[]; y: number; weight: number }[],
  columns: readonly number[],
): number[] | null {
  const at = (a: number, b: number) =>
    rows.reduce((sum, { x, weight }) => sum + weight * weight * (x[a] as number) * (x[b] as number), 0);
  const right = (a: number) => rows.reduce((sum, { x, y, weight }) => sum + weight * weight * (x[a] as number) * y, 0);
  const matrix = columns.map((a) => columns.map((b) => at(a, b)));
  const whole = determinant(matrix);
  if (!(Math.abs(whole) > 1e-14)) return null;
  return columns.map(
    (_, k) =>
      determinant(matrix.map((row, r) => row.map((value, c) => (c === k ? right(columns[r] as number) : value)))) /
      whole,
  );
}

function determinant(m: readonly (readonly number[])[]): number {
  const [a, b, c] = m as [readonly number[], readonly number[], (readonly number[])?];
  if (c === undefined) return (a[0] as number) * (b[1] as number) - (a[1] as number) * (b[0] as number);
  const minor = (p: number, q: number) => (b[p] as number) * (c[q] as number) - (b[q] as number) * (c[p] as number);
  return (a[0] as number) * minor(1, 2) - (a[1] as number) * minor(0, 2) + (a[2] as number) * minor(0, 1);
}

type Found = Pick<PanelModel, "idealityV" | "seriesOhm" | "shuntS" | "lightA" | "saturationA">;

/** Parameters found under a sky, moved to standard conditions, with the band gap at which volts change with heat as the label says. */
function toStandard({ model: from, label }: LabelFit, measured: Measured, found: Found): PanelModel {
  const at = (gapEv: number) => movedToStandard({ ...from, bandGapEv: gapEv }, measured, found);
  const missAt = (gapEv: number) => {
    const model = at(gapEv);
    const vocV = openCircuitV(model, 1.5 * label.vocV);
    return (100 * vocSlopeVPerC(model, vocV)) / vocV - label.tempCoVocPctPerC;
  };
  const gapEv = bandGapFor(bandGapEv[label.cellType], missAt);
  const model = at(gapEv);
  // points no diode makes may leave no band gap that works: better the usual one than none
  return Object.values(model).every(Number.isFinite) ? model : at(bandGapEv[label.cellType]);
}

/** The inverse of atSky. */
function movedToStandard(from: PanelModel, { irradianceWm2, cellTempC }: Measured, found: Found): PanelModel {
  const suns = irradianceWm2 / stcIrradianceWm2;
  const ratioK = (stcCellTempC + kelvinAtZeroC) / (cellTempC + kelvinAtZeroC);
  const saturationGrowth = atSky({ ...from, saturationA: 1 }, stcIrradianceWm2, cellTempC).saturationA;
  return {
    ...from,
    idealityV: found.idealityV * ratioK,
    seriesOhm: found.seriesOhm,
    shuntS: found.shuntS / suns,
    saturationA: found.saturationA / saturationGrowth,
    lightA: Math.max(1e-6, found.lightA / suns - from.lightTempCoAPerC * (cellTempC - stcCellTempC)),
  };
}
