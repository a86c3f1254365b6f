import { type CellType } from "./label";

/** Boltzmann constant over elementary charge, V/K (CODATA 2018). */
export const boltzmannVPerK = 8.617333262e-5;
export const kelvinAtZeroC = 273.15;
/** Cell temperature of standard test conditions. */
export const stcCellTempC = 25;
export const stcIrradianceWm2 = 1000;

/** Single-diode parameters of a whole panel at one cell temperature and irradiance. */
export type DiodeParams = {
  /** Light current, A. */
  readonly lightA: number;
  /** Diode saturation current, A. */
  readonly saturationA: number;
  /** Modified ideality Ns·n·k·T/q, V. */
  readonly idealityV: number;
  readonly seriesOhm: number;
  /** Shunt conductance, S. Zero stands for no shunt, and needs no special case. */
  readonly shuntS: number;
};

/** A panel's single-diode model at standard conditions, ready to be moved to any sky. */
export type PanelModel = DiodeParams & {
  /** Change of the light current with cell temperature at 1000 W/m², A/°C. */
  readonly lightTempCoAPerC: number;
  /** Band gap at 25 °C, eV. */
  readonly bandGapEv: number;
  readonly cellsInSeries: number;
  /** Groups of cells under a bypass diode each; 0 means one group without a diode. */
  readonly bypassDiodes: number;
};

/** Band gap at 25 °C, eV. De Soto, Klein & Beckman (2006), table 1. */
export const bandGapEv: Readonly<Record<CellType, number>> = { mono: 1.121, poly: 1.121, cigs: 1.15 };
/** Relative change of silicon's band gap, 1/°C. De Soto, Klein & Beckman (2006), eq. 10. */
const bandGapTempCoPerC = 0.0002677;

/** Lowest cell temperature the model is asked for; keeps exp() finite for absurd input. */
const lowestCellTempC = -150;
const highestCellTempC = 250;

/**
 * Moves a model from standard conditions to a sky. De Soto, Klein & Beckman (2006), eq. 3, 8-12.
 * Irradiance in W/m² (negative counts as dark), cell temperature in °C.
 */
export function atSky(model: PanelModel, irradianceWm2: number, cellTempC: number): DiodeParams {
  const boundedC = Math.min(highestCellTempC, Math.max(lowestCellTempC, cellTempC));
  const cellK = boundedC + kelvinAtZeroC;
  const refK = stcCellTempC + kelvinAtZeroC;
  const riseC = boundedC - stcCellTempC;
  const suns = Math.max(0, irradianceWm2) / stcIrradianceWm2;
  const gapEv = model.bandGapEv * (1 - bandGapTempCoPerC * riseC);
  const gapTerm = model.bandGapEv / (boltzmannVPerK * refK) - gapEv / (boltzmannVPerK * cellK);
  return {
    lightA: Math.max(0, suns * (model.lightA + model.lightTempCoAPerC * riseC)),
    saturationA: model.saturationA * (cellK / refK) ** 3 * Math.exp(gapTerm),
    idealityV: (model.idealityV * cellK) / refK,
    seriesOhm: model.seriesOhm,
    shuntS: model.shuntS * suns,
  };
}

/** Panel current (A) and its slope -dI/dV (S) at a junction voltage; V = junctionV - I·Rs. */
export function atJunction(p: DiodeParams, junctionV: number): { currentA: number; slopeS: number } {
  const forwardA = p.saturationA * Math.exp(junctionV / p.idealityV);
  const junctionS = forwardA / p.idealityV + p.shuntS;
  return {
    currentA: p.lightA - forwardA + p.saturationA - p.shuntS * junctionV,
    slopeS: junctionS / (1 + p.seriesOhm * junctionS),
  };
}

/** Second temperature at which a label's Voc coefficient is taken to hold, °C: labels state a mean slope, not a tangent. */
const coefficientSpanToC = 50;

/** Mean change of open-circuit volts with cell temperature from 25 to 50 °C at 1000 W/m², V/°C. */
export function vocSlopeVPerC(model: PanelModel, vocV: number): number {
  // Newton from the cold side of the root stays there: the current falls ever faster with voltage
  const warmVocV = openCircuitV(atSky(model, stcIrradianceWm2, coefficientSpanToC), vocV);
  return (warmVocV - vocV) / (coefficientSpanToC - stcCellTempC);
}

/** Open-circuit volts by Newton's method from above the root, where it cannot overshoot. */
export function openCircuitV({ lightA, saturationA, idealityV, shuntS }: DiodeParams, fromV: number): number {
  let vocV = fromV;
  for (let step = 0; step < 60; step++) {
    const forwardA = saturationA * Math.exp(vocV / idealityV);
    const missA = lightA - forwardA + saturationA - shuntS * vocV;
    const change = missA / (forwardA / idealityV + shuntS);
    vocV += change;
    if (Math.abs(change) < 1e-11 * fromV) break;
  }
  return vocV;
}
