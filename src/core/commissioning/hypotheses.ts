import { type CauseId, type DiagnosisId } from "../measurements";
import { substringCount } from "../engine/net";
import { placeKey, quantities, type Quantity, type Reading, shownAt } from "./reading";
import { bothWrong, type Bench, type PanelFault, type Prediction, healthyArray, type FaultHypothesis } from "./world";
import { type ProveSky } from "./tree";
/** One thing that may be wrong, as a world that it makes; `price`: how much less likely it is before anything is read. */
export type Hypothesis = {
  readonly id: DiagnosisId;
  readonly at: string;
  readonly price: number;
  readonly worldIn: (sky: ProveSky) => FaultHypothesis;
  /** What was read, as it was meant: of a slip put right. */ readonly readAs: (
    readings: readonly Reading[],
  ) => readonly Reading[];
};

const asRead = (readings: readonly Reading[]) => readings;

/** Two of them at once; a world of null where they cannot be. */
export function bothOf(
  a: Hypothesis,
  b: Hypothesis,
): Omit<Hypothesis, "worldIn" | "id" | "at"> & { readonly worldIn: (sky: ProveSky) => FaultHypothesis | null } {
  return {
    price: a.price + b.price,
    worldIn: (sky) => bothWrong(a.worldIn(sky), b.worldIn(sky)),
    readAs: (readings) => b.readAs(a.readAs(readings)),
  };
}

/** Readings that nothing could give and that a slip of the point, or of milli, explains. */
export function slipsAmong(right: Prediction, readings: readonly Reading[]): Hypothesis[] {
  return readings.flatMap((reading) =>
    quantities.flatMap((quantity: Quantity): Hypothesis[] => {
      const read = reading[quantity];
      const is = shownAt(right, reading.at)?.[quantity] ?? null;
      if (read === null || is === null || read <= 0 || is <= 0) return [];
      const times = slipTimes.find((each) => Math.abs(Math.log(read / each / is)) < nearSlip);
      if (times === undefined) return [];
      return [
        {
          id: "slip",
          at: placeKey(reading.at),
          price: 5,
          worldIn: healthyArray,
          readAs: (all) => all.map((each) => (each.at === reading.at ? { ...each, [quantity]: read / times } : each)),
        },
      ];
    }),
  );
}
const slipTimes = [10, 0.1, 1000, 0.001];
/** As a logarithm: within a third of what it should be. */
const nearSlip = 0.3;

/** Shares of light tried for dirt, shade and a shadow; volts of regulators; ohms of bad joints, as shares of volts over amps. */
const dirtShares = [0.88, 0.82, 0.76, 0.7, 0.62, 0.54];
const dirtAllShares = [0.83, 0.76, 0.69, 0.62, 0.54, 0.45];
const shadeShares = [0.05, 0.12, 0.2, 0.3, 0.42, 0.55];
const shadowShares = [0.85, 0.75, 0.65, 0.55, 0.42, 0.28, 0.12];
const defaultRegulatedV = [12.6, 13.2, 13.8, 14.2, 14.6, 15];
/** What a regulator holds: as read where that could be one. */
function regulatedV(openV: number | null): readonly number[] {
  return openV !== null && openV > 12 && openV < 15.3 ? [openV] : defaultRegulatedV;
}
const jointShares = [0.04, 0.07, 0.11, 0.16, 0.24, 0.36];
const takenShares = [0.85, 0.75, 0.65, 0.55, 0.42, 0.3, 0.2, 0.1, 0.05];
/** Other panels than meant, by volts and amps, where nothing was read of them alone. */
const otherVolts = [0.55, 0.75, 1, 1.3, 1.8];
const otherAmps = [0.6, 0.8, 1, 1.25, 1.6];
/** Less than this is no panel but an open one. */
const minOther = 0.1;

/** What a panel alone shows of what it should, volts and amps; null: it was not read alone. */
export type AloneShares = (
  leaf: number,
) => { readonly volts: number; readonly amps: number; /** Under which light. */ readonly at: number } | null;

/** All single things that may be wrong with an array. */
export function hypothesesFor(
  bench: Bench,
  typicalOhm: (n: number) => number,
  aloneOf: AloneShares,
  readOpenV: (leaf: number) => number | null,
  allShares: { readonly volts: number; readonly amps: number } | null,
): Hypothesis[] {
  const { leaves, strings } = bench;
  const world = (sky: ProveSky, patch: Partial<FaultHypothesis>): FaultHypothesis => ({
    ...healthyArray(sky),
    ...patch,
  });
  const panel = (id: CauseId, leaf: number, price: number, fault: PanelFault): Hypothesis => ({
    id,
    at: `panel:${leaf}`,
    price,
    worldIn: (sky: ProveSky) => world(sky, { panels: new Map([[leaf, fault]]) }),
    readAs: asRead,
  });
  const othersFor = (leaf: number) => {
    const read = aloneOf(leaf);
    if (read === null) return otherVolts.flatMap((volts) => otherAmps.map((amps) => ({ volts, amps, at: null })));
    return read.volts > minOther && read.amps > minOther ? [read] : [];
  };
  const ofPanels = leaves.flatMap(({ id: leaf, model }): Hypothesis[] => {
    const parts = substringCount(model);
    return [
      panel("reversed", leaf, 5, { type: "reversed" }),
      panel("openCircuit", leaf, 5, { type: "open" }),
      ...Array.from({ length: parts - 1 }, (_, k) =>
        panel("bypassedSubstring", leaf, 5 + 1.5 * k, { type: "bypassed", count: k + 1 }),
      ),
      ...dirtShares.map((share) => panel("dirty", leaf, 6, { type: "dim", share, substrings: "all" })),
      ...shadeShares.map((share) =>
        panel("shaded", leaf, 6, { type: "dim", share, substrings: parts > 1 ? "one" : "all" }),
      ),
      ...shadowShares.map((share) => panel("ownShadow", leaf, 6.5, { type: "shadowAlone", share })),
      ...regulatedV(readOpenV(leaf)).map((volts) => panel("regulated", leaf, 6.5, { type: "regulated", volts })),
      ...othersFor(leaf).map(({ volts, amps, at }): Hypothesis => ({
        ...panel("wrongPanel", leaf, 8.5, { type: "other", volts, amps }),
        // what was read of it is so many amps, whatever the light
        worldIn: (sky) => {
          const scaled = at === null ? amps : (amps * at) / sky.irradianceWm2;
          return world(sky, { panels: new Map([[leaf, { type: "other", volts, amps: scaled }]]) });
        },
      })),
    ];
  });
  const ofStrings = strings.flatMap((string, k): Hypothesis[] => {
    const n = k + 1;
    const at = `string:${n}`;
    return [
      ...(strings.length > 1
        ? [
            {
              id: "stringMissing",
              at,
              price: 5,
              worldIn: (sky: ProveSky) => world(sky, { missing: new Set([n]) }),
              readAs: asRead,
            } as const,
            {
              id: "reversed",
              at,
              price: 6,
              worldIn: (sky: ProveSky) => world(sky, { turned: new Set([n]) }),
              readAs: asRead,
            } as const,
          ]
        : []),
      ...(string.type === "series"
        ? [
            {
              id: "parallelForSeries",
              at,
              price: 5,
              worldIn: (sky: ProveSky) => world(sky, { inParallel: new Set([n]) }),
              readAs: asRead,
            } as const,
          ]
        : []),
      ...(strings.length > 1 ? jointShares : []).map((share): Hypothesis => ({
        id: "looseJoint",
        at,
        price: 6.5,
        worldIn: (sky: ProveSky) => world(sky, { stringOhm: new Map([[n, share * typicalOhm(n)]]) }),
        readAs: asRead,
      })),
    ];
  });
  const whole: Hypothesis[] = [
    { id: "fine", at: "array", price: 0, worldIn: (sky: ProveSky) => healthyArray(sky), readAs: asRead },
    ...(strings.length > 1
      ? [
          {
            id: "seriesForParallel",
            at: "array",
            price: 5,
            worldIn: (sky: ProveSky) => world(sky, { inSeries: true }),
            readAs: asRead,
          } as const,
        ]
      : []),
    // the sun warms what it does not light
    ...dirtAllShares.map((share): Hypothesis => ({
      id: "dirty",
      at: "array",
      price: 3,
      worldIn: (sky: ProveSky) =>
        world(sky, {
          panels: new Map(leaves.map(({ id }) => [id, { type: "dim", share, substrings: "all" }] as const)),
        }),
      readAs: asRead,
    })),
    ...(allShares === null || leaves.length < 2
      ? []
      : [
          {
            id: "wrongPanel",
            at: "array",
            price: 7,
            worldIn: (sky: ProveSky) =>
              world(sky, { panels: new Map(leaves.map(({ id }) => [id, { type: "other", ...allShares }] as const)) }),
            readAs: asRead,
          } as const,
        ]),
    ...(strings.length === 1
      ? [
          {
            id: "reversed",
            at: "string:1",
            price: 6,
            worldIn: (sky: ProveSky) => world(sky, { turned: new Set([1]) }),
            readAs: asRead,
          } as const,
        ]
      : []),
    ...jointShares.map((share): Hypothesis => ({
      id: "looseJoint",
      at: "input",
      price: 6.5,
      worldIn: (sky: ProveSky) => world(sky, { leadOhm: share * typicalOhm(0) }),
      readAs: asRead,
    })),
    ...takenShares.map((taken): Hypothesis => ({
      id: "tapering",
      at: "input",
      price: 4.5,
      worldIn: (sky: ProveSky) => world(sky, { taken }),
      readAs: asRead,
    })),
  ];
  return [...whole, ...ofStrings, ...ofPanels];
}
