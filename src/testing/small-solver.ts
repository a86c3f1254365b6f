import { atSky, type PanelModel } from "@/core/engine/panel";

/** A small solver of its own for the check of Stops: curves as volts over a grid of amps. */
const stepA = 0.5;
export const gridA = Array.from({ length: 401 }, (_, k) => -100 + k * stepA);
export const blockedV = 1e5;
export type Curve = readonly number[];

/** Volts of a panel at a current, its substrings each under their own light. */
export function voltsAt(model: PanelModel, light: readonly number[], cellC: number, amps: number): number {
  return panelVolts(model, light, cellC, [amps])[0] as number;
}

/** The same at rising currents: the junction's volts by Newton's steps, each begun where the one before ended. */
export function panelVolts(
  model: PanelModel,
  light: readonly number[],
  cellC: number,
  rising: readonly number[],
): number[] {
  const parts = Math.max(1, model.bypassDiodes);
  const volts = rising.map(() => 0);
  for (let part = 0; part < parts; part++) {
    const { lightA, saturationA, idealityV, seriesOhm, shuntS } = atSky(
      model,
      light[Math.floor((part * light.length) / parts)] ?? 0,
      cellC,
    );
    const leak = shuntS + 1e-9;
    // from above: there the steps come down to the answer without passing it
    let u = idealityV * Math.log1p((lightA + Math.max(0, -(rising[0] ?? 0)) + 1) / saturationA);
    for (const [k, amps] of rising.entries()) {
      for (let step = 0; step < 40; step++) {
        const grown = saturationA * Math.exp(u / idealityV);
        const miss = lightA - grown + saturationA - u * leak - amps;
        const next = u + miss / (grown / idealityV + leak);
        if (Math.abs(next - u) < 1e-9 * (1 + Math.abs(u))) break;
        u = next;
      }
      const v = (u - amps * seriesOhm) / parts;
      volts[k] = (volts[k] as number) + (model.bypassDiodes > 0 ? Math.max(v, -0.45) : v);
    }
  }
  return volts;
}

export function best(model: PanelModel, cellC: number): { v: number; i: number } {
  let [low, high] = [0, atSky(model, 1000, cellC).lightA];
  const watts = (i: number) => i * voltsAt(model, [1000], cellC, i);
  for (let step = 0; step < 60; step++) {
    const [a, b] = [low + 0.382 * (high - low), low + 0.618 * (high - low)];
    if (watts(a) > watts(b)) high = b;
    else low = a;
  }
  return { i: low, v: voltsAt(model, [1000], cellC, low) };
}

/** Volts at which strings side by side together give a current. */
export function voltsWhere(curves: readonly Curve[], amps: number): number {
  let [low, high] = [-50, 2000];
  for (let step = 0; step < 50; step++) {
    const v = (low + high) / 2;
    if (curves.reduce((sum, curve) => sum + ampsAt(curve, v), 0) > amps) low = v;
    else high = v;
  }
  return low;
}

/** Amps of a curve at some volts: volts fall along the grid. */
export function ampsAt(curve: Curve, v: number): number {
  let [low, high] = [0, gridA.length - 1];
  if (v >= (curve[low] as number)) return gridA[low] as number;
  if (v <= (curve[high] as number)) return gridA[high] as number;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((curve[middle] as number) > v) low = middle;
    else high = middle;
  }
  const [v0, v1] = [curve[low] as number, curve[high] as number];
  return (gridA[low] as number) + (stepA * (v0 - v)) / (v0 - v1);
}
