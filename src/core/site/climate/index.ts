import data from "./kinds.json";
import { isMetAt } from "./regions";

/** Typical months of a kind of climate: rounded, good to 10 to 15 % for a place of that kind. */
export type ClimateKind = {
  readonly id: string;
  readonly name: string;
  readonly typicalLatitudeDeg: number;
  /** Southern and northern edge, north positive. */ readonly latitudeBandDeg: readonly [number, number];
  /** By month: light on the flat over that outside the air. */ readonly clearness: readonly number[];
  readonly airTempC: readonly number[];
  /** From the coolest to the warmest hour of a day, K. */ readonly dailyRangeK: number;
  readonly recordLowC: number;
  readonly recordHighC: number;
  readonly elevationM: number;
};

export const climateKinds: readonly ClimateKind[] = data.climates.map((kind) => {
  const [south = 0, north = 0] = kind.latitudeBandDeg;
  return { ...kind, latitudeBandDeg: [south, north] };
});

/** What more than its latitude is known of a place. */
export type Whereabouts = { readonly longitudeDeg: number | null; readonly heightM: number | null };

/**
 * The kinds there may be at a latitude, the likeliest first: those whose band holds it; those that are met about its longitude and height
 * before the others, each nearest to the middle of its band.
 */
export function climatesAt(
  latitudeDeg: number,
  { longitudeDeg, heightM }: Whereabouts = { longitudeDeg: null, heightM: null },
): readonly ClimateKind[] {
  const away = ({ id }: ClimateKind) => (isMetAt(id, longitudeDeg, heightM) ? 0 : 1);
  const off = ({ typicalLatitudeDeg }: ClimateKind) => Math.abs(typicalLatitudeDeg - latitudeDeg);
  return climateKinds
    .filter(({ latitudeBandDeg: [south, north] }) => latitudeDeg >= south && latitudeDeg <= north)
    .sort((a, b) => away(a) - away(b) || off(a) - off(b));
}

/** Kinds whose cold records lie further apart than this leave the record open, K. */
const openSpreadK = 10;

/** Whether a kind that was pressed settles the record low at a latitude: not while the kinds there may be differ by more than 10 K. */
export function doKindsAgree(latitudeDeg: number): boolean {
  const lows = climatesAt(latitudeDeg).map(({ recordLowC }) => recordLowC);
  return lows.length > 0 && Math.max(...lows) - Math.min(...lows) <= openSpreadK;
}

/**
 * Records to reckon with until somebody has confirmed one: the lowest and the highest of every kind of climate there may be at a
 * latitude. Null where there is none: then they are asked.
 */
export function carefulRecords(latitudeDeg: number): { readonly lowC: number; readonly highC: number } | null {
  const kinds = climatesAt(latitudeDeg);
  if (kinds.length === 0) return null;
  return {
    lowC: Math.min(...kinds.map(({ recordLowC }) => recordLowC)),
    highC: Math.max(...kinds.map(({ recordHighC }) => recordHighC)),
  };
}

/** The lowest and the highest record of all kinds of climate, anywhere. */
export const extremeRecords = {
  lowC: Math.min(...climateKinds.map(({ recordLowC }) => recordLowC)),
  highC: Math.max(...climateKinds.map(({ recordHighC }) => recordHighC)),
};
