import { type DiodeParams } from "../panel";
import { type Curve, type CurvePoint, currentOnSegment, firstKnots, minSlopeS, roomFor } from "./curve";
import { bypassDiode } from "./substring";

/**
 * Curves for many solves of the same panels under ever other light. Light only shifts what a diode's exponential carries, so
 * the logarithms of the currents at which knots stand are taken once for all substrings of a solve, and a substring costs a few
 * sums and products a knot.
 */
export type KnotCurrents = {
  readonly maxA: number;
  /** What a diode carries at the knots, rising, A, and the logarithm of it. */
  readonly amps: Float64Array;
  readonly lnAmps: Float64Array;
  /** Volts of the bypass diode that carries them, its own resistance included. */
  readonly bypassV: Float64Array;
  /** And how fast it carries more, S. */
  readonly bypassS: Float64Array;
};

/** Knots from this share of the largest current on, each so many times the one before; beyond the largest by the last. */
const minShare = 2e-5;
const least = minSlopeS;
const step = 1.9;

export function knotCurrents(maxA: number): KnotCurrents {
  const amps: number[] = [];
  for (let a = 2.2 * maxA; a > minShare * maxA; a /= step) amps.unshift(a);
  const { saturationA, idealityV, seriesOhm } = bypassDiode;
  return {
    maxA,
    amps: Float64Array.from(amps),
    lnAmps: Float64Array.from(amps, Math.log),
    bypassV: Float64Array.from(amps, (a) => idealityV * Math.log(a / saturationA + 1) + a * seriesOhm),
    bypassS: Float64Array.from(amps, (a) => {
      const junctionS = (a + saturationA) / idealityV;
      return junctionS / (1 + seriesOhm * junctionS);
    }),
  };
}

/**
 * The curves of the substrings of one string, one after another in one stretch of memory: with arrays of its own for each, making
 * them took longer than filling them.
 */
export class StringOfParts {
  private v = new Float64Array(4096);
  private i = new Float64Array(4096);
  private g = new Float64Array(4096);
  private used = 0;
  private readonly starts: number[] = [];
  private readonly kinks: number[] = [];
  private readonly walked: number[] = [];

  clear(): void {
    this.used = 0;
    this.starts.length = 0;
    this.kinks.length = 0;
  }

  /** One substring: a share 1/parts of a panel's cells, `count` of them in series. */
  addPart(panel: DiodeParams, parts: number, bypassed: boolean, count: number, knots: KnotCurrents): void {
    const { lightA, saturationA } = panel;
    const { amps, lnAmps, bypassV, bypassS, maxA } = knots;
    const idealityV = panel.idealityV / parts;
    const seriesOhm = panel.seriesOhm / parts;
    const shuntS = Math.max(panel.shuntS * parts, minSlopeS);
    // what runs past the cells' junction while their ends stand below 0 V
    const besideS = shuntS / (1 + shuntS * seriesOhm);
    const kinkA = lightA / (1 + shuntS * seriesOhm);
    const lnSaturation = Math.log(saturationA);
    this.begin(2 * amps.length + 2 + sharesOfDim.length, kinkA);
    if (bypassed)
      for (let k = amps.length - 1; k >= 0; k--) {
        const v = -(bypassV[k] as number);
        this.knot(v * count, kinkA - besideS * v + (amps[k] as number), (besideS + (bypassS[k] as number)) / count);
      }
    else this.knot((-(2 * maxA) / besideS) * count, kinkA + 2 * maxA, besideS / count);
    this.knot(0, kinkA, besideS / count);
    const forward = (diodeA: number, ratio: number) => {
      const junctionV = idealityV * ratio;
      const i = lightA - diodeA - shuntS * junctionV;
      const junctionS = diodeA / idealityV + shuntS;
      this.knot((junctionV - i * seriesOhm) * count, i, junctionS / (1 + seriesOhm * junctionS) / count);
    };
    // in the dimmest light the whole bend lies below the first knot
    const firstA = amps[0] as number;
    if (lightA < dim * firstA)
      for (const share of sharesOfDim)
        if (share * lightA < 0.9 * firstA) forward(share * lightA, Math.log1p((share * lightA) / saturationA));
    for (let k = 0; k < amps.length; k++) {
      const diodeA = amps[k] as number;
      // next to a diode that leaks much the currents at the knots are not large
      const ratio =
        diodeA > 1e4 * saturationA ? (lnAmps[k] as number) - lnSaturation : Math.log1p(diodeA / saturationA);
      forward(diodeA, ratio);
    }
  }

  /** Anything else in the string, by its curve. */
  addCurve({ v, i, g }: Curve): void {
    this.begin(v.length, null);
    for (let k = 0; k < v.length; k++) this.knot(v[k] as number, i[k] as number, g[k] as number);
  }

  private begin(knots: number, kinkA: number | null): void {
    if (this.used + knots > this.v.length) {
      const grown = (old: Float64Array) => {
        const fresh = new Float64Array(2 * (old.length + knots));
        fresh.set(old);
        return fresh;
      };
      this.v = grown(this.v);
      this.i = grown(this.i);
      this.g = grown(this.g);
    }
    this.starts.push(this.used);
    if (kinkA !== null) this.kinks.push(kinkA);
  }

  private knot(v: number, i: number, g: number): void {
    const n = this.used;
    const first = n === this.starts[this.starts.length - 1];
    if (!first && !(v > (this.v[n - 1] as number) + 1e-9 && i < (this.i[n - 1] as number) - 1e-12)) return;
    this.v[n] = v;
    this.i[n] = i;
    this.g[n] = g > least ? g : least;
    this.used = n + 1;
  }

  /** The curve of all of them in series, on knots chosen by where they begin to be bypassed: no more than a few for each. */
  inSeries(maxA: number): Curve {
    const { v: vs, i: is, g: gs, starts, walked } = this;
    const currents = this.currents(maxA);
    const room = roomFor(currents.length);
    const whole: Curve = { v: vs, i: is, g: gs };
    const point: CurvePoint = { v: 0, i: 0, g: 0 };
    for (let c = 0; c < starts.length; c++) walked[c] = starts[c] as number;
    let n = 0;
    // a local name: looked up through its module at every knot it took a seventh of the time
    const voltsAt = currentOnSegment;
    // falling currents, rising volts
    for (let k = currents.length - 1; k >= 0; k--) {
      const i = currents[k] as number;
      let v = 0;
      let ohm = 0;
      for (let c = 0; c < starts.length; c++) {
        const last = (c + 1 < starts.length ? (starts[c + 1] as number) : this.used) - 2;
        let segment = walked[c] as number;
        while (segment < last && (is[segment + 1] as number) > i) segment += 1;
        walked[c] = segment;
        voltsAt(whole, segment, i, point);
        v += point.v;
        ohm += 1 / point.g;
      }
      if (n > 0 && !(v > (room.v[n - 1] as number) + 1e-9)) continue;
      room.v[n] = v;
      room.i[n] = i;
      room.g[n] = Math.max(minSlopeS, 1 / ohm);
      n += 1;
    }
    return firstKnots(room, n);
  }

  private currents(maxA: number): Float64Array {
    const about = this.kinks.length > many ? aboutEachOfMany : aboutKink;
    const ofCurves = this.kinks.length === this.starts.length ? 0 : this.used;
    const wanted = new Float64Array(shareOfMax.length + this.kinks.length * about.length + ofCurves);
    let n = 0;
    for (const share of shareOfMax) wanted[n++] = share * maxA;
    for (const kinkA of this.kinks) for (const share of about) wanted[n++] = kinkA * (1 + share);
    // where something else than panels is in the string, its knots count as well
    for (let k = 0; k < ofCurves; k++) wanted[n++] = this.i[k] as number;
    wanted.sort();
    let kept = 0;
    for (const i of wanted) {
      if (i < -maxA || i > maxA) continue;
      const isNear = kept > 0 && i - (wanted[kept - 1] as number) <= nearest * maxA;
      // open circuit is asked for by everyone: it takes the place of what lies near it
      if (isNear && i === 0) wanted[kept - 1] = 0;
      if (!isNear) wanted[kept++] = i;
    }
    return wanted.subarray(0, kept);
  }
}

/** Light so many times the first knot's current is dim; then knots stand at these shares of it as well. */
const dim = 30;
const sharesOfDim = [0.003, 0.03, 0.15, 0.4, 0.7, 0.9, 1, 3, 10];

/** Where knots stand about the current at which a member begins to be bypassed, as shares of it; fewer where members are many, as each stands in the other's reach. */
const aboutKink = [-0.25, -0.1, -0.04, -0.015, -0.004, 0, 0.0005, 0.006, 0.05];
const aboutEachOfMany = [-0.06, -0.02, -0.005, 0, 0.0005, 0.01];
const many = 8;
/** And over the whole range, as shares of the largest current, for what runs backwards and for what lies between. */
const shareOfMax = [1, 0.75, 0.5, 0.3, 0.15, 0.05, 0, -0.003, -0.01, -0.03, -0.1, -0.3, -0.6, -1];
/** Currents nearer together than this share of the largest are one. */
const nearest = 1e-4;
