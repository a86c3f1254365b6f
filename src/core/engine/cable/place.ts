/** Where a cable lies: it decides how warm its air is. How it is laid there is another question. */
export const cablePlaces = ["roof", "outside", "vehicleRoof", "inside", "engine", "ground"] as const;
export type CablePlace = (typeof cablePlaces)[number];

/**
 * Air about a cable on the hottest day, °C, by where it lies. `roof`: in the sun within 23 mm of the surface, cable or conduit alike,
 * + 33 K (NEC 310.15(B)(2)); `outside`: clear of the surface or shaded; `vehicleRoof`: between skin and lining + 20 K; `inside` + 10 K;
 * `engine` space + 10 K, at least 50 °C; `ground` 30 °C.
 */
export function placeAirC(place: CablePlace, recordHighC: number): number {
  switch (place) {
    case "roof":
      return recordHighC + 33;
    case "outside":
      return recordHighC;
    case "vehicleRoof":
      return recordHighC + 20;
    case "inside":
      return recordHighC + 10;
    case "engine":
      return Math.max(recordHighC + 10, 50);
    case "ground":
      return 30;
  }
}
