/** Tilt of the Earth's axis, °: noon sun of midsummer stands this much higher than at the equinox. */
const midsummerDeclinationDeg = 23.44;
/** Share of full sun that comes from the sky around it; it does not mind where a panel faces. A clear day's usual share. */
const diffuseShare = 0.12;

/**
 * Light on a panel tilted towards the midsummer noon sun (negative: away), relative to one facing it squarely.
 * Beam by the cosine of incidence, diffuse light by the share of sky the panel sees (isotropic, Liu & Jordan 1963).
 */
export function tiltLight(tiltDeg: number, latitudeDeg: number): number {
  const zenithDeg = Math.abs(Math.abs(latitudeDeg) - midsummerDeclinationDeg);
  const cosIncidence = Math.max(0, Math.cos(((zenithDeg - tiltDeg) * Math.PI) / 180));
  const skySeen = (1 + Math.cos((tiltDeg * Math.PI) / 180)) / 2;
  return (1 - diffuseShare) * cosIncidence + diffuseShare * skySeen;
}
