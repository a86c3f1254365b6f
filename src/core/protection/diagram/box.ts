/** How large a combiner box has to be, and the conduits and terminals of cables. */

export type BoxSize = {
  /** Cable glands by thread, and how many cables each takes. */
  readonly glands: readonly { readonly thread: string; readonly cables: number; readonly count: number }[];
  /** Studs on each of the two bars. */ readonly studs: number;
  readonly wideMm: number;
  readonly highMm: number;
  readonly deepMm: number;
};

/** Outside of a cable of so much copper, mm: single-core PV cable, EN 50618, within half a millimetre. */
export function cableOutsideMm(areaMm2: number): number {
  return 3.1 + 1.45 * Math.sqrt(areaMm2);
}

/** Glands by thread: the thickest cable one takes, and the thickest of a pair in a two-hole insert, mm. */
const glandSizes = [
  { thread: "M16", oneMm: 10, pairMm: 4 },
  { thread: "M20", oneMm: 13, pairMm: 6.2 },
  { thread: "M25", oneMm: 17, pairMm: 8 },
  { thread: "M32", oneMm: 21, pairMm: 11 },
] as const;

/** A gland for two cables where they are thin enough, else one for each: the fewest and smallest. */
function glandsFor(cables: number, outsideMm: number): BoxSize["glands"] {
  const pair = glandSizes.find(({ pairMm, thread }) => outsideMm <= pairMm && thread !== "M32");
  if (pair !== undefined) return [{ thread: pair.thread, cables: 2, count: Math.ceil(cables / 2) }];
  const one = glandSizes.find(({ oneMm }) => outsideMm <= oneMm) ?? glandSizes[3];
  return [{ thread: one.thread, cables: 1, count: cables }];
}

/** A DIN rail of fuse holders 18 mm wide, two bars beside it, and a hand's breadth to bend cables in. */
const holderMm = 18;

export function boxFor(strings: number, stringAreaMm2: number, trunkAreaMm2: number, holders: number): BoxSize {
  const glands = [
    ...glandsFor(2 * strings, cableOutsideMm(stringAreaMm2)),
    ...glandsFor(2, cableOutsideMm(trunkAreaMm2)),
  ];
  const merged = glands.reduce<BoxSize["glands"][number][]>((all, each) => {
    const same = all.findIndex(({ thread, cables }) => thread === each.thread && cables === each.cables);
    return same < 0
      ? [...all, each]
      : all.map((other, k) => (k === same ? { ...other, count: other.count + each.count } : other));
  }, []);
  const string = Math.max(holders * holderMm, (strings + 1) * 15);
  return {
    glands: merged,
    studs: strings + 1,
    wideMm: roundUp(string + 90),
    highMm: roundUp(holders > 0 ? 190 : 140),
    deepMm: holders > 0 ? 100 : 80,
  };
}

function roundUp(mm: number): number {
  return Math.ceil(mm / 10) * 10;
}

/** Inside of conduits as they are sold, mm (EN 61386, medium). */
const conduits = [
  { nominalMm: 16, insideMm: 13 },
  { nominalMm: 20, insideMm: 16.9 },
  { nominalMm: 25, insideMm: 21.4 },
  { nominalMm: 32, insideMm: 27.8 },
  { nominalMm: 40, insideMm: 35.4 },
  { nominalMm: 50, insideMm: 44.3 },
  { nominalMm: 63, insideMm: 56.5 },
] as const;
/** Share of the inside that two cables, and more than two, may take. NEC chapter 9, table 1. */
const fillOfTwo = 0.31;
const fillOfMore = 0.4;

/** The smallest conduit for so many equal cables, and how full it then is, %; null: none is large enough. */
export function conduitFor(
  cables: number,
  areaMm2: number,
): { readonly nominalMm: number; readonly fullPct: number } | null {
  const taken = cables * (Math.PI / 4) * cableOutsideMm(areaMm2) ** 2;
  const most = cables <= 2 ? fillOfTwo : fillOfMore;
  const fits = conduits.find(({ insideMm }) => taken <= most * (Math.PI / 4) * insideMm ** 2);
  return fits === undefined
    ? null
    : { nominalMm: fits.nominalMm, fullPct: (100 * taken) / ((Math.PI / 4) * fits.insideMm ** 2) };
}

/** Ring terminals are asked for by what they are crimped on and the stud they go over. */
export function studFor(amps: number): "M6" | "M8" | "M10" {
  return amps <= 60 ? "M6" : amps <= 150 ? "M8" : "M10";
}
