/** How much air reaches the back of a panel decides how hot its cells get. */
export const mounts = ["freeStanding", "tilted", "roofGap", "flush", "glued"] as const;
export type Mount = (typeof mounts)[number];

/** Ross (1976) coefficient, °C of cell temperature above air per W/m²; typical values by mount, about ±15 %. */
export const rossCPerWm2: Readonly<Record<Mount, number>> = {
  freeStanding: 0.02,
  tilted: 0.03,
  roofGap: 0.038,
  flush: 0.05,
  glued: 0.056,
};

/** Cell temperature, °C, from air temperature, irradiance and mount: Tair + k·S. */
export function cellTempC(airTempC: number, irradianceWm2: number, mount: Mount): number {
  return airTempC + rossCPerWm2[mount] * irradianceWm2;
}
