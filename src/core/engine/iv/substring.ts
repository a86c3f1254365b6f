import { type Curve, firstKnots, minSlopeS, roomFor } from "./curve";
import { type DiodeParams } from "../panel";

/**
 * Schottky bypass diode, typical of panel boxes: about 0.46 V at 8 A.
 * Junction at 27 °C: its own warmth is not modelled (it moves the curve by under 0.1 V a diode).
 */
export const bypassDiode = { saturationA: 1e-6, idealityV: 1.05 * 0.025865, seriesOhm: 0.004 } as const;

/** Below this the bypass diode carries next to nothing, V. */
const bypassOnsetV = 0.15;
/**
 * Knot spacing in units of the cells' and of the bypass diode's own voltage where their exponential carries full
 * current. The error of a cubic is the current times the fourth power of the step, so that where the exponential
 * carries little the steps may grow: whole shaded nets stay within 0.04 % of Isc of a circuit simulator.
 */
const fullStep = 0.5;
const widestStep = 2;
/** Share of the largest current of the net from which on steps grow. */
const fullShare = 0.1;

/** Volts of an exponential at which knots stand, falling from `fromV` to `toV`, both included. */
function knotVolts(saturationA: number, idealityV: number, fromV: number, toV: number, maxA: number): number[] {
  const fullV = idealityV * Math.log((fullShare * maxA) / saturationA);
  const volts: number[] = [];
  for (let v = fromV; v > toV;) {
    volts.push(v);
    const grown = fullStep * Math.exp(Math.max(0, fullV - v) / (4 * idealityV));
    v -= Math.min(widestStep, grown) * idealityV;
  }
  volts.push(toV);
  return volts;
}

/**
 * Curve of one substring: a share 1/parts of the panel's cells, under a bypass diode or not,
 * with knots for every current from -maxA to +maxA (A). Explicit in the junction voltage,
 * so it costs one exponential a knot.
 */
export function substringCurve(panel: DiodeParams, parts: number, bypassed: boolean, maxA: number): Curve {
  const cells: DiodeParams = {
    ...panel,
    idealityV: panel.idealityV / parts,
    seriesOhm: panel.seriesOhm / parts,
    shuntS: Math.max(panel.shuntS * parts, minSlopeS),
  };
  const knee = kneeOf(cells, maxA);
  const bypassVolts = bypassed ? bypassVoltsTo(maxA) : [];
  const knots = new Knots(
    (bypassed ? bypassVolts.length : 2) + flatVolts.length + flatSteps + knee.junctionVolts.length,
  );
  if (bypassed) addBypassKnots(knots, cells, bypassVolts);
  else addReverseKnots(knots, cells, maxA);
  addForwardKnots(knots, cells, bypassed, knee);
  return knots.curve();
}

/** Junction volts of knots along the bypass diode's exponential, from those of a current down to its onset. */
function bypassVoltsTo(maxA: number): number[] {
  const { saturationA, idealityV } = bypassDiode;
  const highestV = Math.max(bypassOnsetV + idealityV, idealityV * Math.log(maxA / saturationA + 1));
  return knotVolts(saturationA, idealityV, highestV, bypassOnsetV, maxA);
}

/** Knots where the bypass diode conducts, from the highest current down to its onset. */
function addBypassKnots(knots: Knots, cells: DiodeParams, junctionVolts: readonly number[]): void {
  const { saturationA, idealityV, seriesOhm } = bypassDiode;
  for (const junctionV of junctionVolts) {
    const forwardA = saturationA * Math.exp(junctionV / idealityV);
    const bypassA = forwardA - saturationA;
    const bypassS = forwardA / idealityV;
    const v = -(junctionV + bypassA * seriesOhm);
    const cell = cellsAtVoltage(cells, v);
    knots.add(v, cell.i + bypassA, cell.g + bypassS / (1 + bypassS * seriesOhm));
  }
}

/** Without a bypass diode, reverse volts are set by the shunt alone: one straight stretch. */
function addReverseKnots(knots: Knots, cells: DiodeParams, maxA: number): void {
  const start = cellsAtVoltage(cells, -bypassOnsetV);
  const v = -bypassOnsetV - Math.max(0, maxA - start.i) / start.g;
  if (v < -2 * bypassOnsetV) knots.add(v, start.i + start.g * (-bypassOnsetV - v), start.g);
  knots.add(-bypassOnsetV, start.i, start.g);
}

/** Volts just below zero at which a knot stands: halfway the bypass leak has gone, so these few are enough. */
const flatVolts = [-0.1, -0.05];
/** Steps over the flat part from 0 V to where the knee begins. */
const flatSteps = 4;

type Knee = { readonly zeroJunctionV: number; /** Rising. */ readonly junctionVolts: readonly number[] };

/** From where the exponential begins to be felt to where -maxA is forced in. */
function kneeOf(cells: DiodeParams, maxA: number): Knee {
  const { lightA, saturationA, idealityV, seriesOhm } = cells;
  const zeroJunctionV = cellsAtVoltage(cells, 0).i * seriesOhm;
  const toJunctionV = idealityV * Math.log((lightA + maxA) / saturationA + 1);
  const fromJunctionV = Math.max(
    zeroJunctionV,
    idealityV * Math.log((1e-5 * (lightA + 0.01 * maxA)) / saturationA + 1),
  );
  return {
    zeroJunctionV,
    junctionVolts: knotVolts(saturationA, idealityV, toJunctionV, Math.min(fromJunctionV, toJunctionV), maxA).reverse(),
  };
}

/** Knots from just below 0 V, over the knee, to the voltage at which -maxA is forced in. */
function addForwardKnots(
  knots: Knots,
  cells: DiodeParams,
  bypassed: boolean,
  { zeroJunctionV, junctionVolts }: Knee,
): void {
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
  for (const v of flatVolts) addAt(cellsAtVoltage(cells, v).junctionV);
  const kneeV = junctionVolts[0] ?? zeroJunctionV;
  for (let k = 0; k < flatSteps; k++) addAt(zeroJunctionV + ((kneeV - zeroJunctionV) * k) / flatSteps);
  for (const junctionV of junctionVolts) addAt(junctionV);
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
    g: Math.max(minSlopeS, junctionS / (1 + seriesOhm * junctionS)),
    junctionV,
  };
}

/** Collects knots in order of rising voltage and drops any that would break monotony. */
class Knots {
  private readonly room: Curve;
  private count = 0;

  constructor(private readonly most: number) {
    this.room = roomFor(most);
  }

  add(v: number, i: number, g: number): void {
    const n = this.count;
    const { room } = this;
    if (n > 0 && !(v > (room.v[n - 1] as number) + 1e-9 && i < (room.i[n - 1] as number))) return;
    room.v[n] = v;
    room.i[n] = i;
    room.g[n] = Math.max(minSlopeS, g);
    this.count = n + 1;
  }

  curve(): Curve {
    return this.count === this.most ? this.room : firstKnots(this.room, this.count);
  }
}
