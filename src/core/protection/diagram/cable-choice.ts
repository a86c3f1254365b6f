import { canCarry, type CableSize, dropLimitOf, type RunAsk, sizedRun, sizesOf } from "../../engine/cable";
import { ampsOfStrings, connectorMm2, fitsConnector } from "../cabling";
import { maxColdVolts } from "../../wiring/rules";
import { asMatrix, type PvString, stringOf, usedIn } from "../../engine/array";
import { type Plan } from "../../plan";
import { type PortArrayParts } from "../rules";
import { weightOf } from "./items";
import { priceEach } from "./price-each";

/** The cable that all strings of a port share, by size, beside every way of wiring the same panels. */
export type CableChoice = {
  /** One way, from where the strings join to the port, mm. */ readonly lengthMm: number;
  readonly limitPct: number;
  readonly wirings: readonly ChoiceWiring[];
  readonly sizes: readonly ChoiceSize[];
};

/** So many in series and strings in parallel; null for both where the panels are not equal strings of one kind. */
export type ChoiceWiring = {
  readonly series: number | null;
  readonly strings: number | null;
  readonly isNow: boolean;
  /** Volts on the coldest dawn, and the max PV voltage they are held against; null: not known. */ readonly coldV: number;
  readonly maxV: number | null;
  readonly isOverV: boolean;
};

export type ChoiceSize = {
  readonly name: string;
  /** What + and − weigh and cost together over the whole length. */ readonly weightKg: number;
  readonly price: number;
  readonly priceIsAssumed: boolean;
  /** Whether PV connectors are made for it; else it ends in a box or a terminal block. */ readonly fitsConnector: boolean;
  /** One for each wiring; null where its volts are over the limit. */ readonly cells: readonly (ChoiceCell | null)[];
};

export type ChoiceCell = {
  readonly dropPct: number;
  readonly lossW: number;
  /** `tooThin`: it cannot carry the current. `drop`: it loses more than is allowed. */
  readonly outcome: "tooThin" | "drop" | "enough";
};

/** More columns than this are not read any more. */
const maxWirings = 6;

/**
 * Every size of the standard for the cable from where a port's strings join to the port, each for every series × parallel of the same
 * panels: what it loses at Imp in % of Vmp, and whether it can carry 1.56 × (portable 1.25 ×) Isc. Null while a label lacks a figure.
 */
export function cableChoice(plan: Plan, { context, strings, runs }: PortArrayParts): CableChoice | null {
  const shared = runs.filter(({ part }) => part === "trunk" || part === "tail");
  const ask = shared.find(({ part }) => part === "trunk")?.ask ?? null;
  if (ask === null) return null;
  const lengthMm = shared.reduce((sum, run) => sum + run.lengthMm, 0);
  const tried = waysOf(strings).flatMap((way) => {
    const amps = way.isNow ? ask : ampsOfStrings(plan, way.made);
    if (amps === null) return [];
    const { iscA, impA, vmpV } = amps;
    return [{ way, ask: { ...ask, iscA, impA, vmpV, metresOneWay: lengthMm / 1000 } satisfies RunAsk }];
  });
  const wirings = tried.map(({ way }): ChoiceWiring => {
    const { port } = context;
    const coldV = maxColdVolts(
      context,
      way.made,
      port.ceilingBasis === "vmp" ? ({ runningV }) => runningV : undefined,
    ).volts;
    const { series, strings: side, isNow } = way;
    return { series, strings: side, isNow, coldV, maxV: port.maxV, isOverV: port.maxV !== null && coldV > port.maxV };
  });
  const sizes = sizesOf(ask)
    .filter(({ areaMm2 }) => areaMm2 >= connectorMm2.least)
    .map((size): ChoiceSize => ({
      name: size.name,
      ...moneyAndWeight(plan, size, lengthMm / 1000),
      fitsConnector: fitsConnector(size.areaMm2),
      cells: tried.map((each, k) => (wirings[k]?.isOverV === true ? null : cellOf(size, each.ask))),
    }));
  return { lengthMm, limitPct: dropLimitOf(ask), wirings, sizes: worthShowing(sizes) };
}

type Way = {
  readonly made: readonly PvString[];
  readonly series: number | null;
  readonly strings: number | null;
  readonly isNow: boolean;
};

/** The strings as they are, and every other series × parallel of the same panels where they are of one kind; most in series first. */
function waysOf(strings: readonly PvString[]): readonly Way[] {
  const now = asMatrix(strings);
  const tiles = usedIn(strings);
  if (now === null || tiles.length !== now.series * now.strings)
    return [{ made: strings, series: null, strings: null, isNow: true }];
  const divisors = tiles.map((_, k) => tiles.length - k).filter((series) => tiles.length % series === 0);
  const ways = divisors.map((series): Way => {
    const isNow = series === now.series;
    const count = tiles.length / series;
    const made = Array.from({ length: count }, (_, k) => stringOf(tiles.slice(k * series, (k + 1) * series)));
    return { made: isNow ? strings : made, series, strings: count, isNow };
  });
  // those nearest to what is wired now
  const at = ways.findIndex(({ isNow }) => isNow);
  const from = Math.max(0, Math.min(at - 2, ways.length - maxWirings));
  return ways.slice(from, from + maxWirings);
}

function cellOf(size: CableSize, ask: RunAsk): ChoiceCell {
  const { dropPct, lossW } = sizedRun(size, ask);
  const isOver = dropPct > dropLimitOf(ask);
  return { dropPct, lossW, outcome: !canCarry(size, ask) ? "tooThin" : isOver ? "drop" : "enough" };
}

/** Of both conductors, each so long. */
function moneyAndWeight(plan: Plan, { name, areaMm2 }: CableSize, metres: number) {
  const each = (["red", "black"] as const).map((colour) =>
    priceEach(plan, { type: "cable", size: name, colour }, areaMm2),
  );
  return {
    weightKg: each.length * metres * weightOf({ type: "cable", size: name, colour: "red" }, areaMm2),
    price: each.reduce((sum, { price }) => sum + metres * price, 0),
    priceIsAssumed: each.some(({ isAssumed }) => isAssumed),
  };
}

/** From the thinnest that can carry some wiring's current to the first that is enough for all. */
function worthShowing(sizes: readonly ChoiceSize[]): readonly ChoiceSize[] {
  const areAll = ({ cells }: ChoiceSize, outcome: ChoiceCell["outcome"]) =>
    cells.every((cell) => cell === null || cell.outcome === outcome);
  const first = sizes.findIndex((size) => !areAll(size, "tooThin"));
  const last = sizes.findIndex((size) => areAll(size, "enough"));
  return first < 0 ? sizes.slice(-1) : sizes.slice(first, last < 0 ? undefined : last + 1);
}
