import { currentLimitA, type InputWindow, operatingPoint, type Tracking } from "@/core/engine/pv-input";
import { atVoltage } from "@/core/engine/iv";
import { type NetSolution } from "@/core/engine/net";
import { type Meter } from "./meter";
import { type NetList } from "./nets";
import { type PortKind } from "./problem";

/** What is known of nets without solving them. */
export type Scale = {
  /** About what the port takes of a net in all hours, Wh. */ readonly about: (net: number) => number;
  /** The same for each of the hours, W. */ readonly aboutAt: (net: number) => Float64Array;
  /** More than that it cannot be, Wh. Stops short once it is no more than `enough`: still true, but not the least that could be said. */
  readonly most: (net: number, enough: number) => number;
};

/** How finely nets are looked at. `at`: which of the hours, null: all. `steps`: at how many voltages. */
export type Fineness = {
  readonly at: readonly number[] | null;
  readonly hours: readonly number[];
  readonly steps: number;
};

/** The curve of a net added up from its strings' is thinned: within this share of them. */
const slack = 1.001;
/** What the best of the voltages looked up falls short of the maximum on the mean, as a factor. */
const nearBest = 1.003;

/** Strings looked up: amps at each of the voltages in each hour, what each gives alone, and between which voltages its peaks lie. */
type Tables = {
  readonly volts: Float64Array;
  readonly amps: Float32Array;
  readonly alone: Float64Array;
  readonly low: Uint8Array;
  readonly high: Uint8Array;
};

/**
 * A scale for nets before a kind of port. In each hour a port cannot take more of a net than
 * - the sum of what each string could give it alone within the window's volts: joined strings share one voltage, and at that voltage none
 *   gives more than at its best;
 * - between two of the voltages looked up, the higher of them times the amps at the lower: amps only fall with volts;
 * - its limit of watts.
 * It is looked only where the most power can lie: below the lowest peak of all strings each of them gives more with more volts, above the
 * highest less; but while amps are held at a limit, power goes on rising with volts, up to where the strings give less than it. Where
 * limits of amps change with volts, the best may be anywhere, and it is looked everywhere.
 * Cables that all strings share only take from this, and are left out.
 */
export function* createScale(
  { running, nets, cables }: Pick<PortKind, "running" | "nets" | "cables">,
  meter: Pick<Meter, "solveString" | "stringThrough">,
  { at, hours, steps }: Fineness,
): Generator<undefined, Scale> {
  const { window, tracking } = running;
  const solved: (readonly NetSolution[])[] = [];
  for (const string of nets.strings) {
    solved.push(at === null ? meter.stringThrough(string, cables) : meter.solveString(string, cables, at));
    yield undefined;
  }
  const volts = voltsFor(window, tracking, solved, steps);
  const tables = yield* tablesOf(solved, volts, window, tracking, hours.length);
  const limits = limitsOf(window, volts);
  return createWeigher(nets, tables, limits, hours, tracking.type === "pwm");
}

function voltsFor(
  window: InputWindow,
  tracking: Tracking,
  solved: readonly (readonly NetSolution[])[],
  steps: number,
): Float64Array {
  if (tracking.type === "pwm") return Float64Array.of(tracking.heldV);
  let highestV = window.minV;
  for (const suns of solved) for (const { vocV } of suns) highestV = Math.max(highestV, vocV);
  const [from, to] = [Math.max(window.minV, window.maxV / 1000), Math.min(window.maxV, highestV)];
  if (!(to > from)) return Float64Array.of(from, from * 1.0001);
  return Float64Array.from({ length: steps + 1 }, (_, k) => from * (to / from) ** (k / steps));
}

function* tablesOf(
  solved: readonly (readonly NetSolution[])[],
  volts: Float64Array,
  window: InputWindow,
  tracking: Tracking,
  hours: number,
): Generator<undefined, Tables> {
  const wide = volts.length;
  const free = { ...window, ceilingOnVoc: false, maxW: null, currentLimits: [] };
  const amps = new Float32Array(solved.length * hours * wide);
  const alone = new Float64Array(solved.length * hours);
  const low = new Uint8Array(solved.length * hours);
  const high = new Uint8Array(solved.length * hours);
  for (const [string, suns] of solved.entries()) {
    for (const [h, sun] of suns.entries()) {
      const place = string * hours + h;
      for (let k = 0; k < wide && (volts[k] as number) < sun.vocV; k++)
        amps[place * wide + k] = Math.max(0, atVoltage(sun.curve, volts[k] as number).i);
      alone[place] =
        tracking.type === "pwm" ? (volts[0] as number) * (amps[place * wide] as number) : operatingPoint(sun, free).p;
      low[place] = cellOf(sun.peaks[0]?.v ?? 0, volts);
      high[place] = cellOf(sun.peaks.at(-1)?.v ?? 0, volts);
    }
    yield undefined;
  }
  return { volts, amps, alone, low, high };
}

/** Between which of the voltages one lies: 0 between the first two, or below them. */
function cellOf(v: number, volts: Float64Array): number {
  let cell = 0;
  while (cell + 2 < volts.length && (volts[cell + 1] as number) <= v) cell += 1;
  return cell;
}

type Limits = {
  /** What the port takes at each of the voltages, and at most between it and the next, A. */ readonly atA: Float64Array;
  readonly inCellA: Float64Array;
  /** Whether the same amps are taken at all voltages. */ readonly isEven: boolean;
  readonly watts: number;
};

function limitsOf(window: InputWindow, volts: Float64Array): Limits {
  const atA = volts.map((v) => currentLimitA(window, v));
  const inCellA = volts.map((low, k) => {
    const high = volts[k + 1] ?? low;
    const edges = window.currentLimits.flatMap(({ fromV, toV }) => [fromV, toV]).filter((v) => v > low && v < high);
    const looks = [low, ...edges.sort((a, b) => a - b), high];
    return looks.reduce((most, v, n) => {
      const middle = (v + (looks[n + 1] ?? v)) / 2;
      return Math.max(most, currentLimitA(window, v), currentLimitA(window, middle));
    }, 0);
  });
  return { atA, inCellA, isEven: new Set([...atA, ...inCellA]).size === 1, watts: window.maxW ?? Infinity };
}

/** The inner loop of a search: plain numbers in flat lists, and nothing made on the way. */
function createWeigher(
  nets: NetList,
  { volts, amps, alone, low, high }: Tables,
  { atA, inCellA, isEven, watts }: Limits,
  hours: readonly number[],
  isHeld: boolean,
): Scale {
  const wide = volts.length;
  const cells = wide - 1;
  const many = hours.length;
  const long = Float64Array.from(hours);
  const { from, members } = nets;
  // the hours in which most is at stake first, so that a poor net is soon known for one
  const stakes = hours.map((_, h) =>
    nets.strings.reduce((sum, _string, string) => sum + (alone[string * many + h] as number), 0),
  );
  const order = Uint16Array.from(
    hours
      .map((_, h) => h)
      .sort((a, b) => (long[b] as number) * (stakes[b] as number) - (long[a] as number) * (stakes[a] as number)),
  );
  let seenW = 0;
  let boundW = 0;

  function joinedA(begin: number, end: number, h: number, k: number): number {
    let sum = 0;
    for (let m = begin; m < end; m++) sum += amps[((members[m] as number) * many + h) * wide + k] as number;
    return sum;
  }

  /** Looks at one hour of the strings from `begin` to `end`; leaves what it has seen in `seenW` and `boundW`. */
  function look(begin: number, end: number, h: number): void {
    seenW = 0;
    boundW = 0;
    if (isHeld) {
      const i = joinedA(begin, end, h, 0);
      const limitA = atA[0] as number;
      seenW = (volts[0] as number) * (i < limitA ? i : limitA);
      boundW = seenW;
      return;
    }
    let first = isEven ? 255 : 0;
    let last = isEven ? 0 : cells;
    for (let m = begin; isEven && m < end; m++) {
      const place = (members[m] as number) * many + h;
      if ((low[place] as number) < first) first = low[place] as number;
      if ((high[place] as number) > last) last = high[place] as number;
    }
    let startA = joinedA(begin, end, h, first);
    for (let k = first; k < cells; k++) {
      const endA = joinedA(begin, end, h, k + 1);
      const maxA = inCellA[k] as number;
      const inCellW = (volts[k + 1] as number) * (startA < maxA ? startA : maxA);
      if (inCellW > boundW) boundW = inCellW;
      const startLimitA = atA[k] as number;
      const startW = (volts[k] as number) * (startA < startLimitA ? startA : startLimitA);
      if (startW > seenW) seenW = startW;
      const endLimitA = atA[k + 1] as number;
      const endW = (volts[k + 1] as number) * (endA < endLimitA ? endA : endLimitA);
      if (endW > seenW) seenW = endW;
      startA = endA;
      if (k < last) continue;
      if (endA < endLimitA) break;
      // held at the limit from here to where the strings give less: only the last cell of that stretch counts
      let held = k + 1;
      for (let beyond = cells; beyond - held > 1;) {
        const middle = (held + beyond) >> 1;
        if (joinedA(begin, end, h, middle) >= endLimitA) held = middle;
        else beyond = middle;
      }
      startA = joinedA(begin, end, h, held);
      k = held - 1;
    }
  }

  function ownW(begin: number, end: number, h: number): number {
    let sum = 0;
    for (let m = begin; m < end; m++) sum += alone[(members[m] as number) * many + h] as number;
    return sum;
  }

  function aboutW(begin: number, end: number, h: number): number {
    const own = ownW(begin, end, h);
    if (!(own > 0)) return 0;
    look(begin, end, h);
    // between two looks the maximum is a little above the higher of them
    const near = seenW * nearBest;
    const here = near < own ? near : own;
    return here < watts ? here : watts;
  }

  return {
    about: (net) => {
      const begin = from[net] as number;
      const end = from[net + 1] as number;
      let sum = 0;
      for (let h = 0; h < many; h++) sum += (long[h] as number) * aboutW(begin, end, h);
      return sum;
    },
    aboutAt: (net) => Float64Array.from(hours, (_, h) => aboutW(from[net] as number, from[net + 1] as number, h)),
    most: (net, enough) => {
      const begin = from[net] as number;
      const end = from[net + 1] as number;
      let sum = 0;
      for (let h = 0; h < many; h++) {
        const own = slack * ownW(begin, end, h);
        sum += (long[h] as number) * (own < watts ? own : watts);
      }
      // the hours that were not looked at count with what the strings give one by one
      for (let n = 0; n < many && sum > enough; n++) {
        const h = order[n] as number;
        const own = slack * ownW(begin, end, h);
        if (!(own > 0)) continue;
        look(begin, end, h);
        const bound = slack * boundW;
        const capped = own < watts ? own : watts;
        if (bound < capped) sum -= (long[h] as number) * (capped - bound);
      }
      return sum;
    },
  };
}
