/**
 * Where kinds of climate are met, roughly, as longitudes in degrees east, and the least height for those of mountains: they order what is
 * offered, and decide nothing.
 */
type Region = { readonly longitudesDeg: readonly (readonly [number, number])[]; readonly minHeightM?: number };

const regions: Readonly<Record<string, Region>> = {
  subarctic: {
    longitudesDeg: [
      [-165, -60],
      [45, 180],
    ],
  },
  nordicInland: { longitudesDeg: [[8, 45]] },
  northernMaritime: {
    longitudesDeg: [
      [-170, -130],
      [-11, 30],
    ],
  },
  temperateMaritime: { longitudesDeg: [[-11, 10]] },
  centralContinental: { longitudesDeg: [[8, 45]] },
  alpine: {
    longitudesDeg: [
      [-118, -105],
      [5, 17],
    ],
    minHeightM: 400,
  },
  mediterranean: {
    longitudesDeg: [
      [-125, -117],
      [-10, 42],
    ],
  },
  atlanticSubtropical: { longitudesDeg: [[-32, -13]] },
  pacificNorthwest: { longitudesDeg: [[-128, -121]] },
  coldContinental: {
    longitudesDeg: [
      [-114, -60],
      [45, 135],
    ],
  },
  humidSubtropical: {
    longitudesDeg: [
      [-100, -75],
      [105, 140],
    ],
  },
  highDesert: {
    longitudesDeg: [
      [-121, -104],
      [50, 105],
    ],
    minHeightM: 800,
  },
  hotDesert: {
    longitudesDeg: [
      [-118, -104],
      [-17, 75],
    ],
  },
  southernOutback: { longitudesDeg: [[115, 150]] },
  subtropicalHighland: {
    longitudesDeg: [
      [-115, -60],
      [30, 45],
    ],
    minHeightM: 1500,
  },
};

/** Whether a kind is met about there; where neither longitude nor height is known, or the kind is met all round, it may be. */
export function isMetAt(kindId: string, longitudeDeg: number | null, heightM: number | null): boolean {
  const region = regions[kindId];
  if (region === undefined) return true;
  if (heightM !== null && heightM < (region.minHeightM ?? -Infinity)) return false;
  return (
    longitudeDeg === null || region.longitudesDeg.some(([west, east]) => longitudeDeg >= west && longitudeDeg <= east)
  );
}
