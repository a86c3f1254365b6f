import { type Curve, minSlopeS } from "./curve";

/** A blocking diode of the Schottky kind, in the positive lead of a string. */
export const blockingDiode = { saturationA: 1e-6, idealityV: 1.05 * 0.025865, seriesOhm: 0.004 } as const;

/** Least resistance taken for a cable, Ω: with none at all it would have no single voltage for a current. */
const minOhm = 1e-6;
const knotStep = 0.5;

/** A cable: it makes no volts of its own and loses R·I on the way out. */
export function cableCurve(ohm: number, maxA: number): Curve {
  const r = Math.max(minOhm, ohm);
  return {
    v: Float64Array.of(-r * maxA, 0, r * maxA),
    i: Float64Array.of(maxA, 0, -maxA),
    g: Float64Array.of(1 / r, 1 / r, 1 / r),
  };
}

/** A blocking diode: about half a volt lost on the way out, and next to nothing let in. */
export function blockingDiodeCurve(maxA: number): Curve {
  const { saturationA, idealityV, seriesOhm } = blockingDiode;
  const v: number[] = [];
  const i: number[] = [];
  const g: number[] = [];
  const highestV = idealityV * Math.log(maxA / saturationA + 1);
  const steps = Math.ceil((highestV + 8 * idealityV) / (knotStep * idealityV));
  for (let k = steps; k >= 0; k--) {
    const junctionV = -8 * idealityV + ((highestV + 8 * idealityV) * k) / steps;
    const forwardA = saturationA * Math.exp(junctionV / idealityV);
    const junctionS = forwardA / idealityV + minSlopeS;
    const currentA = forwardA - saturationA + minSlopeS * junctionV;
    v.push(-(junctionV + currentA * seriesOhm));
    i.push(currentA);
    g.push(junctionS / (1 + seriesOhm * junctionS));
  }
  return { v: Float64Array.from(v), i: Float64Array.from(i), g: Float64Array.from(g) };
}
