import {
  boltzmannVPerK,
  atJunction,
  bandGapEv,
  kelvinAtZeroC,
  type PanelModel,
  stcCellTempC,
  vocSlopeVPerC,
} from "./diode";
import { type CompleteLabel, type PanelLabel, completeLabel } from "./label";
import { minimise } from "./minimise";

/** Plausible diode ideality: below 0.8 and above 2 a label is wrong, not a panel unusual. */
export const lowestIdeality = 0.8;
export const highestIdeality = 2;
/** A miss of the Voc coefficient counts this little while the shape is sought: the band gap can still fix it. */
const coefficientWeight = 0.02;
/** Effective band gaps tried to meet a Voc coefficient, eV; real cell materials lie well inside. */
const bandGapRangeEv = { least: 0.4, most: 2.4 } as const;
/** Coefficients nearer to zero than this are compared as if they were this large, %/°C. */
const minCoefficientPct = 0.05;
const exactPct = 0.05;

export type LabelFit = {
  readonly model: PanelModel;
  readonly label: CompleteLabel;
  /** True when the curve meets every number of the label within 0.05 %. */
  readonly exact: boolean;
  /** Signed misses of the model against the label, %. Isc and Voc are always met. */
  readonly missPct: { readonly vmp: number; readonly imp: number; readonly pmax: number; readonly tempCoVoc: number };
};

type Shape = { readonly idealityV: number; readonly seriesOhm: number; readonly shuntS: number };

/**
 * Single-diode parameters from a label: short circuit, open circuit, maximum power point,
 * dP/dV = 0 there, and the Voc coefficient. De Soto, Klein & Beckman (2006), eq. 13-19.
 * A label no diode can meet gets the nearest curve with Rs >= 0, Rsh > 0, 0.8 <= n <= 2 that
 * still meets Isc and Voc, and an effective band gap that keeps its Voc coefficient (a sixth
 * parameter in the spirit of Dobos 2012): the cold volts of an odd label are then still its own.
 * `missPct` says how far off the curve is. Bounded, throws on nothing finite.
 */
export function fitLabel(given: PanelLabel): LabelFit {
  const { label } = completeLabel(given);
  const shape = exactShape(label);
  if (shape !== null) return report(label, modelOf(label, shape));
  return report(label, withCoefficient(label, modelOf(label, nearestShape(label))));
}

/** Open-circuit volts a single cell can have: a cell count outside it is a misprint, not physics. */
const plausibleCellVocV = { least: 0.3, most: 1.2, typical: 0.65 } as const;

export function cellThermalV(label: CompleteLabel): number {
  const cellVocV = label.vocV / label.cellsInSeries;
  const plausible = cellVocV >= plausibleCellVocV.least && cellVocV <= plausibleCellVocV.most;
  const cells = plausible ? label.cellsInSeries : Math.max(1, label.vocV / plausibleCellVocV.typical);
  return cells * boltzmannVPerK * (stcCellTempC + kelvinAtZeroC);
}

/** Light and saturation current that put a shape through the label's Isc and Voc. */
function modelOf(label: CompleteLabel, shape: Shape): PanelModel {
  const { vocV, iscA } = label;
  const shortJunctionV = Math.min(iscA * shape.seriesOhm, 0.999 * vocV);
  // exp() written relative to Voc, so that no intermediate overflows for a tiny ideality
  const atVoc = 1 - Math.exp((shortJunctionV - vocV) / shape.idealityV);
  const leftA = iscA - shape.shuntS * (vocV - shortJunctionV);
  const saturationA = (Math.max(leftA, iscA * 1e-6) / atVoc) * Math.exp(-vocV / shape.idealityV);
  const lightA = saturationA * Math.expm1(vocV / shape.idealityV) + shape.shuntS * vocV;
  return {
    ...shape,
    saturationA,
    lightA,
    lightTempCoAPerC: (label.tempCoIscPctPerC / 100) * label.iscA,
    bandGapEv: bandGapEv[label.cellType],
    cellsInSeries: label.cellsInSeries,
    bypassDiodes: label.bypassDiodes,
  };
}

/** Solves all five conditions, or null when no physical shape does. */
function exactShape(label: CompleteLabel): Shape | null {
  if (!(label.vmpV < label.vocV && label.impA < label.iscA)) return null;
  const thermalV = cellThermalV(label);
  const targetVPerC = (label.tempCoVocPctPerC / 100) * label.vocV;
  const slopeMiss = (n: number): { miss: number; shape: Shape } | null => {
    const shape = shapeThroughMpp(label, n * thermalV);
    return shape === null ? null : { miss: vocSlopeVPerC(modelOf(label, shape), label.vocV) - targetVPerC, shape };
  };
  // the slope falls almost linearly with n, so a bracketed secant needs a handful of steps
  let low = lowestIdeality;
  let high = highestIdeality;
  const refK = stcCellTempC + kelvinAtZeroC;
  const gapV = (bandGapEv[label.cellType] / (boltzmannVPerK * refK)) * thermalV;
  const slopePerIdeality = -(gapV + 3 * thermalV) / refK;
  let n = (targetVPerC - label.vocV / refK) / slopePerIdeality;
  if (!(n >= low - 0.05 && n <= high + 0.05)) return null;
  n = Math.min(high, Math.max(low, n));
  for (let step = 0; step < 12; step++) {
    const at = slopeMiss(n);
    if (at === null) return null;
    if (Math.abs(at.miss) <= 1e-7 * label.vocV) return at.shape;
    if (at.miss > 0) low = n;
    else high = n;
    const next = n - at.miss / slopePerIdeality;
    if (next < lowestIdeality || next > highestIdeality) return null;
    n = next > low && next < high ? next : (low + high) / 2;
  }
  return null;
}

/** For one ideality, the series resistance that makes the label's MPP a true maximum; shunt follows. */
function shapeThroughMpp(label: CompleteLabel, idealityV: number): Shape | null {
  const { vocV, iscA, vmpV, impA } = label;
  const through = (seriesOhm: number) => {
    const rise = (junctionV: number) => Math.exp((junctionV - vocV) / idealityV);
    const mppJunctionV = vmpV + impA * seriesOhm;
    const shortJunctionV = iscA * seriesOhm;
    // two equations, linear in u = I0·exp(Voc/a) and the shunt: short circuit and MPP, each less open circuit
    const a11 = 1 - rise(shortJunctionV);
    const a12 = vocV - shortJunctionV;
    const a21 = 1 - rise(mppJunctionV);
    const a22 = vocV - mppJunctionV;
    const determinant = a11 * a22 - a12 * a21;
    const u = (iscA * a22 - a12 * impA) / determinant;
    const shuntS = (a11 * impA - a21 * iscA) / determinant;
    const junctionS = (u * rise(mppJunctionV)) / idealityV + shuntS;
    const slopeS = junctionS / (1 + seriesOhm * junctionS);
    return { u, shuntS, miss: slopeS - impA / vmpV };
  };
  const maxOhm = Math.min((vocV - vmpV) / impA, (0.9 * vocV) / iscA);
  let low = 0;
  let atLow = through(low).miss;
  let high = Number.NaN;
  const scans = 24;
  for (let k = 1; k <= scans; k++) {
    const candidate = (maxOhm * k * 0.999) / scans;
    const miss = through(candidate).miss;
    if (Number.isFinite(miss) && Number.isFinite(atLow) && miss * atLow <= 0) {
      high = candidate;
      break;
    }
    low = candidate;
    atLow = miss;
  }
  if (Number.isNaN(high)) return null;
  const seriesOhm = bisect((ohm) => through(ohm).miss, low, high, atLow);
  const { u, shuntS } = through(seriesOhm);
  return u > 0 && shuntS >= 0 ? { idealityV, seriesOhm, shuntS } : null;
}

/** Regula falsi with the Illinois correction; the ends must differ in sign. */
function bisect(f: (x: number) => number, from: number, to: number, atFrom: number): number {
  let a = from;
  let b = to;
  let fa = atFrom;
  let fb = f(to);
  for (let step = 0; step < 60 && Math.abs(b - a) > 1e-12 * to; step++) {
    const x = (a * fb - b * fa) / (fb - fa);
    const fx = f(x);
    if (fx === 0 || !Number.isFinite(fx)) return x;
    if (fx * fb < 0) {
      a = b;
      fa = fb;
    } else {
      fa /= 2;
    }
    b = x;
    fb = fx;
    if (Math.abs(fx) < 1e-13) break;
  }
  return b;
}

/** The physical shape nearest to a label that no shape meets exactly. */
function nearestShape(label: CompleteLabel): Shape {
  const thermalV = cellThermalV(label);
  const maxOhm = (0.9 * label.vocV) / label.iscA;
  const maxShuntS = (0.5 * label.iscA) / label.vocV;
  const shapeAt = (x: readonly number[]): Shape => ({
    idealityV: thermalV * (lowestIdeality + (highestIdeality - lowestIdeality) * (x[0] ?? 0)),
    seriesOhm: maxOhm * (x[1] ?? 0) ** 2,
    shuntS: maxShuntS * (x[2] ?? 0) ** 2,
  });
  const cost = (x: readonly number[]) => {
    const { missPct } = report(label, modelOf(label, shapeAt(x)));
    return missPct.vmp ** 2 + missPct.imp ** 2 + (coefficientWeight * missPct.tempCoVoc) ** 2;
  };
  return shapeAt(minimise(cost, [0.25, 0.15, 0.15], 160));
}

/** The model with the band gap at which its Voc slope is the label's. */
function withCoefficient(label: CompleteLabel, model: PanelModel): PanelModel {
  const targetVPerC = (label.tempCoVocPctPerC / 100) * label.vocV;
  return {
    ...model,
    bandGapEv: bandGapFor(
      model.bandGapEv,
      (gapEv) => vocSlopeVPerC({ ...model, bandGapEv: gapEv }, label.vocV) - targetVPerC,
    ),
  };
}

/** The effective band gap at which a miss of the Voc coefficient vanishes; a few secant steps, as it is almost linear. */
export function bandGapFor(fromEv: number, missAt: (gapEv: number) => number): number {
  let before = fromEv;
  let missBefore = missAt(before);
  let gapEv = before + 0.05;
  for (let step = 0; step < 8; step++) {
    const miss = missAt(gapEv);
    if (miss === missBefore || !Number.isFinite(miss)) break;
    const next = gapEv - (miss * (gapEv - before)) / (miss - missBefore);
    before = gapEv;
    missBefore = miss;
    gapEv = Math.min(bandGapRangeEv.most, Math.max(bandGapRangeEv.least, next));
    if (Math.abs(gapEv - before) < 1e-9) break;
  }
  return gapEv;
}

function report(label: CompleteLabel, model: PanelModel): LabelFit {
  const mpp = modelMpp(model, label.vocV);
  const pct = (is: number, said: number) => 100 * (is / said - 1);
  const slopePct = (100 * vocSlopeVPerC(model, label.vocV)) / label.vocV;
  const missPct = {
    vmp: pct(mpp.v, label.vmpV),
    imp: pct(mpp.i, label.impA),
    pmax: pct(mpp.v * mpp.i, label.pmaxW),
    tempCoVoc:
      (100 * (slopePct - label.tempCoVocPctPerC)) / Math.max(minCoefficientPct, Math.abs(label.tempCoVocPctPerC)),
  };
  const worst = Math.max(Math.abs(missPct.vmp), Math.abs(missPct.imp), Math.abs(missPct.tempCoVoc));
  return { model, label, exact: worst <= exactPct, missPct };
}

/** Maximum power point of the bare diode at standard conditions, by bisection on dP/dV. */
function modelMpp(model: PanelModel, vocV: number): { v: number; i: number } {
  let low = 0;
  let high = vocV;
  for (let step = 0; step < 44; step++) {
    const junctionV = (low + high) / 2;
    const { currentA, slopeS } = atJunction(model, junctionV);
    const v = junctionV - currentA * model.seriesOhm;
    if (currentA - v * slopeS > 0) low = junctionV;
    else high = junctionV;
  }
  const junctionV = (low + high) / 2;
  const { currentA } = atJunction(model, junctionV);
  return { v: junctionV - currentA * model.seriesOhm, i: currentA };
}
