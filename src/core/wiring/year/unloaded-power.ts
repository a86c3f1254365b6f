import { atSky, type PanelModel } from "../../engine/panel";

/** Halvings of the range of junction volts: leaves a millionth of it, and power a millionth of a millionth. */
const halvings = 22;

/**
 * The most a panel by itself gives under even light, W. At the top of its power the slope is nothing: with j = −dI/dVj that is
 * I·(1 + Rs·j) = j·V, which falls through 0 once between 0 V and open circuit.
 */
export function ownMaxW(model: PanelModel, irradianceWm2: number, cellTempC: number): number {
  if (!(irradianceWm2 > 0)) return 0;
  const { lightA, saturationA, idealityV, seriesOhm, shuntS } = atSky(model, irradianceWm2, cellTempC);
  let low = 0;
  let high = idealityV * Math.log(lightA / saturationA + 1);
  let power = 0;
  for (let k = 0; k < halvings; k++) {
    const junctionV = (low + high) / 2;
    const forwardA = saturationA * Math.exp(junctionV / idealityV);
    const i = lightA - forwardA + saturationA - shuntS * junctionV;
    const slopeS = forwardA / idealityV + shuntS;
    const v = junctionV - i * seriesOhm;
    power = Math.max(power, v * i);
    if (i * (1 + seriesOhm * slopeS) > slopeS * v) low = junctionV;
    else high = junctionV;
  }
  return power;
}
