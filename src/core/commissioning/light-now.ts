import { lightOn, type Plane } from "../engine/light";
import { clearHour } from "../engine/weather";
import { type ReadSky } from "../measurements";

/** How much light there is while one reads, W/m²: at least, likely, at most. */
export type LightGuess = {
  readonly low: number;
  readonly due: number;
  readonly high: number;
  readonly by: "meter" | "amps" | "cloud" | "nothing";
};

/** Shares of a clear sky's light by a word for the clouds: at least, likely, at most. A clear sky is reckoned to ±10 %. */
export const shares: Readonly<Record<NonNullable<ReadSky["cloud"]>, readonly [number, number, number]>> = {
  clear: [0.9, 1, 1.1],
  haze: [0.55, 0.75, 0.95],
  broken: [0.2, 0.65, 1.1],
  overcast: [0.12, 0.25, 0.38],
};
/** Nobody said anything: from deep cloud to a cleared sky. */
const anything = [0.1, 0.7, 1.1] as const;
/** A hand-held light meter, and a panel's own amps: its label ±3 %, the meter ±1.5 %. */
const meterShare = 0.05;
export const ampsShare = 0.05;
/** What a field of grass or a roof sends back. */
const albedo = 0.2;

/** What a cloudless sky gives on a plane at a moment and place, W/m², and what of it goes in; 0 with the sun down. */
export function clearOnPlane(plane: Plane, atMs: number, latitudeDeg: number, longitudeDeg: number): number {
  const hour = clearHour(atMs, latitudeDeg, longitudeDeg);
  return hour === null ? 0 : lightOn(plane, hour, albedo).insideWm2;
}

/** The light of the moment, by what is said of it, where a cloudless sky would give so much. */
export function lightNow(clearWm2: number, { cloud, meterWm2 }: Pick<ReadSky, "cloud" | "meterWm2">): LightGuess {
  if (meterWm2 !== null)
    return { low: meterWm2 * (1 - meterShare), due: meterWm2, high: meterWm2 * (1 + meterShare), by: "meter" };
  const [low, due, high] = cloud === null ? anything : shares[cloud];
  return { low: clearWm2 * low, due: clearWm2 * due, high: clearWm2 * high, by: cloud === null ? "nothing" : "cloud" };
}

/** Under so deep a cloud the sun has no direction: every plane gets alike. */
export function isEven({ cloud }: Pick<ReadSky, "cloud">): boolean {
  return cloud === "overcast";
}
