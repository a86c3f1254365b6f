import { type Curve, leastSlopeS } from "./curve";
import { type DiodeParams } from "../panel";

/**
 * Schottky bypass diode, typical of panel boxes: about 0.46 V at 8 A.
 * Junction at 27 °C: its own warmth is not modelled (it moves the curve by under 0.1 V a diode).
 */
export const bypassDiode = { saturationA: 1e-6, idealityV: 1.05 * 0.025865, seriesOhm: 0.004 } as const;

/** Below this the bypass diode carries enough current for its own resistance to matter, V. */
const bypassOnsetV = 0.15;
/** Knot spacing in units of each exponential's own voltage: the cubic is then within 1e-5. */
const knotStep = 0.5;

/**
 * Curve of one substring: a share 1/parts of the panel's cells, under a bypass diode or not,
 * with knots for every current from -mostA to +mostA (A). Explicit in the junction voltage,
 * so it costs one exponential a knot.
 */
export function substringCurve(panel: DiodeParams, parts: number, bypassed: boolean, mostA: number): Curve {
  const cells: DiodeParams = {
    ...panel,
    idealityV: panel.idealityV / parts,
    seriesOhm: panel.seriesOhm / parts,
    shuntS: Math.max(panel.shuntS * parts, leastSlopeS),
  };
  const knots = new Knots();
  if (bypassed) addBypassKnots(knots, cells, mostA);
  else addReverseKnots(knots, cells, mostA);
  addForwardKnots(knots, cells, bypassed, mostA);
  return knots.curve();
}

/** Knots where the bypass diode conducts, from the highest current down to its onset. */
function addBypassKnots(knots: Knots, cells: DiodeParams, mostA: number): void {
  const { saturationA, idealityV, seriesOhm } = bypassDiode;
  const onsetA = saturationA * Math.exp(bypassOnsetV / idealityV);
  const steps = Math.max(1, Math.ceil(Math.log(Math.max(mostA, 2 * onsetA) / onsetA) / knotStep));
  for (let k = steps; k >= 0; k--) {
    const junctionV = bypassOnsetV + k * knotStep * idealityV;
    const forwardA = saturationA * Math.exp(junctionV / idealityV);
    const bypassA = forwardA - saturationA;
    const bypassS = forwardA / idealityV;
    const v = -(junctionV + bypassA * seriesOhm);
    const cell = cellsAtVoltage(cells, v);
    knots.add(v, cell.i + bypassA, cell.g + bypassS / (1 + bypassS * seriesOhm));
  }
}

/** Without a bypass diode, reverse volts are set by the shunt alone: one straight stretch. */
function addReverseKnots(knots: Knots, cells: DiodeParams, mostA: number): void {
  const start = cellsAtVoltage(cells, -bypassOnsetV);
  const v = -bypassOnsetV - Math.max(0, mostA - start.i) / start.g;
  if (v < -2 * bypassOnsetV) knots.add(v, start.i + start.g * (-bypassOnsetV - v), start.g);
  knots.add(-bypassOnsetV, start.i, start.g);
}

/** Knots from just below 0 V, over the knee, to the voltage at which -mostA is forced in. */
function addForwardKnots(knots: Knots, cells: DiodeParams, bypassed: boolean, mostA: number): void {
  const { lightA, saturationA, idealityV, seriesOhm } = cells;
  const addAt = (junctionV: number) => {
    const forwardA = saturationA * Math.exp(junctionV / idealityV);
    const junctionS = forwardA / idealityV + cells.shuntS;
    const i = lightA - forwardA + saturationA - cells.shuntS * junctionV;
    const v = junctionV - i * seriesOhm;
    const leakA = bypassed ? bypassDiode.saturationA * Math.expm1(-v / bypassDiode.idealityV) : 0;
    const leakS = bypassed ? (leakA + bypassDiode.saturationA) / bypassDiode.idealityV : 0;
    knots.add(v, i + leakA, junctionS / (1 + seriesOhm * junctionS) + leakS);
  };
  const zero = cellsAtVoltage(cells, 0);
  const zeroJunctionV = zero.i * seriesOhm;
  const endJunctionV = idealityV * Math.log((lightA + mostA) / saturationA + 1);
  const kneeJunctionV = Math.max(zeroJunctionV, idealityV * Math.log((1e-5 * (lightA + 0.01 * mostA)) / saturationA + 1));
  // halfway to 0 V the bypass leak has gone, so these few are enough for the flat part
  for (const v of [-0.1, -0.05]) addAt(cellsAtVoltage(cells, v).junctionV);
  const flatSteps = 4;
  for (let k = 0; k < flatSteps; k++) addAt(zeroJunctionV + ((kneeJunctionV - zeroJunctionV) * k) / flatSteps);
  const kneeSteps = Math.max(1, Math.ceil((endJunctionV - kneeJunctionV) / (knotStep * idealityV)));
  for (let k = 0; k <= kneeSteps; k++) addAt(kneeJunctionV + ((endJunctionV - kneeJunctionV) * k) / kneeSteps);
}

/** Current of the cells alone at a terminal voltage, by Newton's method on the junction voltage. */
function cellsAtVoltage(cells: DiodeParams, v: number): { i: number; g: number; junctionV: number } {
  const { lightA, saturationA, idealityV, seriesOhm, shuntS } = cells;
  // starting above the root keeps Newton monotone: the equation is convex in the junction voltage
  let junctionV = Math.min(v + lightA * seriesOhm, idealityV * Math.log(lightA / saturationA + 1) + Math.max(0, v));
  for (let step = 0; step < 60; step++) {
    const forwardA = saturationA * Math.exp(junctionV / idealityV);
    const i = lightA - forwardA + saturationA - shuntS * junctionV;
    const miss = junctionV - i * seriesOhm - v;
    const change = miss / (1 + seriesOhm * (forwardA / idealityV + shuntS));
    junctionV -= change;
    if (Math.abs(change) <= 1e-12 * (1 + Math.abs(junctionV))) break;
  }
  const forwardA = saturationA * Math.exp(junctionV / idealityV);
  const junctionS = forwardA / idealityV + shuntS;
  return {
    i: lightA - forwardA + saturationA - shuntS * junctionV,
    g: Math.max(leastSlopeS, junctionS / (1 + seriesOhm * junctionS)),
    junctionV,
  };
}

/** More knots than a substring can have: each stretch spans a bounded number of e-folds, so at most about 40 steps. */
const mostKnots = 192;

/** Collects knots in order of rising voltage and drops any that would break monotony. */
class Knots {
  private readonly v = new Float64Array(mostKnots);
  private readonly i = new Float64Array(mostKnots);
  private readonly g = new Float64Array(mostKnots);
  private count = 0;

  add(v: number, i: number, g: number): void {
    const n = this.count;
    if (n > 0 && !(v > (this.v[n - 1] as number) + 1e-9 && i < (this.i[n - 1] as number))) return;
    if (n === mostKnots) return;
    this.v[n] = v;
    this.i[n] = i;
    this.g[n] = Math.max(leastSlopeS, g);
    this.count = n + 1;
  }

  curve(): Curve {
    const { count } = this;
    return { v: this.v.slice(0, count), i: this.i.slice(0, count), g: this.g.slice(0, count) };
  }
}
