import { type Bar, barsOf, isJoinedRead, type LastReading } from "./bar";
import { expected } from "./expect";
import { ampsShare, type LightGuess } from "./light-now";
import { placeIn, type ProvedPortArray, readPlaceOf } from "./port-array";
import { type Place, quantities, type Quantity, shownAt } from "./reading";
import { type ReadingRecord, type ReadPlace, type ReadQuantity, stepKey } from "../measurements";
import { leavesOf, type ProveSky, stringsOf } from "./tree";
import { createBench, type Prediction, healthyArray } from "./world";

/** The walk of proving an array: one reading after another, each with what is due, and what came of it. */

export type Band = { readonly low: number; readonly due: number; readonly high: number };

export type WalkStep = {
  readonly key: string;
  readonly place: ReadPlace;
  readonly quantity: ReadQuantity;
  readonly phase: "panels" | "strings" | "array" | "running";
  /** Null: nothing can be said, as the sun is down or the input unknown. */ readonly band: Band | null;
  /** What was read last; null: not yet. */ readonly read: ReadingRecord | null;
  readonly outcome: Outcome | null;
};

/** What a reading says by itself, before causes are weighed. */
export type Outcome =
  | { readonly type: "fine" | "low" | "high" }
  /** A slip of the meter rather than of the array, or the other way round: asked before anything else. */
  | { readonly type: "minus" | "nothing" | "thousandfold" | "thousandth" | "likeBattery" }
  /** Over what the input bears, now or on the coldest dawn: it must not be plugged in. */
  | { readonly type: "overCeiling"; readonly ceilingV: number; readonly bar: Bar };

/** What a person's meter can do. */
export type Meter = {
  /** Most amps it may short, A; 0: none. */ readonly maxA: number;
};
export const defaultMeter: Meter = { maxA: 10 };

/** A label ±3 %, a hand meter ±1 % of volts and ±1.5 % of amps: put together as independent. */
const voltsShare = Math.hypot(0.03, 0.01);
const meterAmpsShare = Math.hypot(0.03, 0.015);
/** A tracker wanders where power is flat, and a display rounds. */
const runShare = 0.06;
/** Air by feel, or the usual: cells so much warmer or colder move volts. */
const airSpreadK = 6;
const measuredSpreadK = 2;
/** The last digit of what a meter shows. */
const floors: Readonly<Record<ReadQuantity, number>> = {
  openV: 0.1,
  shortA: 0.03,
  runV: 0.3,
  runA: 0.05,
  displayW: 2,
  batterySoc: 0,
};
/** Bright sky at the edge of a cloud gives a quarter more than the label: a meter must bear that. */
export const brightShare = 1.25;
/** Less light than this proves nothing, W/m². */
export const minLightWm2 = 80;

/** Latest reading of each place and quantity. */
export function latestOf(records: readonly ReadingRecord[]): ReadonlyMap<string, ReadingRecord> {
  const latest = new Map<string, ReadingRecord>();
  for (const record of records) {
    const key = stepKey(record.place, record.quantity);
    const before = latest.get(key);
    if (before === undefined || before.atUtc <= record.atUtc) latest.set(key, record);
  }
  return latest;
}

/** Light by the amps of what was shorted last, where something was: the middle of all of them. */
export function lightByAmps(portArray: ProvedPortArray, records: readonly ReadingRecord[]): LightGuess | null {
  if (portArray.light.by === "meter") return null;
  const bench = createBench(portArray.tree, portArray.window, portArray.tracking);
  const at = bench.predict(healthyArray(skyAt(portArray, unitWm2)));
  const lights = records
    .flatMap((record) => {
      const place = placeIn(portArray, record.place);
      const due = place === null || record.quantity !== "shortA" ? null : (shownAt(at, place)?.shortA ?? null);
      return due === null || due <= 0 || record.value <= minA
        ? []
        : [(unitWm2 * record.value * drift(portArray, record)) / due];
    })
    .sort((a, b) => a - b);
  const middle = lights[Math.floor(lights.length / 2)];
  return middle === undefined
    ? null
    : { low: middle * (1 - ampsShare), due: middle, high: middle * (1 + ampsShare), by: "amps" };
}
const unitWm2 = 1000;
const minA = 0.1;

/** How much the light of a cloudless sky has changed since a reading was taken. */
export function drift(portArray: ProvedPortArray, { lightWm2, sky }: ReadingRecord): number {
  // under broken cloud nothing is known of how it changed
  if (sky.cloud === "broken" || lightWm2 === null || lightWm2 <= 0 || portArray.light.due <= 0) return 1;
  return Math.min(2, Math.max(0.5, portArray.light.due / lightWm2));
}

export function skyAt(portArray: ProvedPortArray, irradianceWm2: number, warmerK = 0): ProveSky {
  const { airTempC, rossK } = portArray.sky;
  return { irradianceWm2, airTempC: airTempC + warmerK, rossK };
}

type Asked = { readonly at: Place; readonly quantity: ReadQuantity; readonly phase: WalkStep["phase"] };

/** The readings of the walk in the order of the trade: each panel alone, strings, all joined, plugged in, display against meter. */
export function readingsOf(portArray: ProvedPortArray, meter: Meter): readonly Asked[] {
  const leaves = leavesOf(portArray.tree);
  const strings = stringsOf(portArray.tree);
  const shorts = (amps: number) => amps * brightShare <= meter.maxA;
  const alone = (at: Place, phase: WalkStep["phase"], amps: number): Asked[] => [
    { at, quantity: "openV", phase },
    ...(shorts(amps) ? [{ at, quantity: "shortA", phase } as const] : []),
  ];
  const isOne = leaves.length === 1;
  const running = (quantity: ReadQuantity): Asked => ({ at: { type: "input" }, quantity, phase: "running" });
  return [
    ...leaves.flatMap(({ id }) => alone({ type: "panel", id }, "panels", portArray.iscA.panel)),
    ...(isOne || leaves.length === strings.length
      ? []
      : strings.flatMap((_, k) => alone({ type: "string", n: k + 1 }, "strings", portArray.iscA.string))),
    ...(strings.length > 1 ? alone({ type: "array" }, "array", portArray.iscA.array) : []),
    running("runV"),
    running("runA"),
    running("displayW"),
    running("batterySoc"),
  ];
}

/** `bars`: why nothing may be plugged in yet, worst first. `mayRun`: whether running readings may be taken. */
export type Walk = {
  readonly steps: readonly WalkStep[];
  readonly light: LightGuess;
  readonly bars: readonly Bar[];
  readonly mayRun: boolean;
};

/** The whole walk of a port array, with what is due under the sky of the moment and what has been read. */
export function walkOf(
  portArray: ProvedPortArray,
  records: readonly ReadingRecord[],
  meter: Meter = defaultMeter,
  coldV: ColdVolts = () => null,
): Walk {
  const latest = latestOf(records);
  const light = lightByAmps(portArray, [...latest.values()]) ?? portArray.light;
  const predict = predictions(portArray, light);
  const steps = readingsOf(portArray, meter).map(({ at, quantity, phase }): WalkStep => {
    const place = readPlaceOf(portArray, at);
    const key = stepKey(place, quantity);
    const read = latest.get(key) ?? null;
    const band = light.due < minLightWm2 && quantity !== "openV" ? null : bandOf(predict, at, quantity, light);
    return {
      key,
      place,
      quantity,
      phase,
      band,
      read,
      outcome: null,
    };
  });
  const last = lastOf(portArray, steps);
  const sky = skyAt(portArray, Math.max(5, light.due));
  const bandAt = (place: ReadPlace) => steps.find(({ key }) => key === stepKey(place, "openV"))?.band ?? null;
  const ruleRise = (at: Place) => {
    const place = readPlaceOf(portArray, at);
    const [most, band] = [coldV(place), bandAt(place)];
    // measured volts rise as the rules' do over today's
    return most === null || band === null || band.due <= 0 ? null : most / band.due;
  };
  const bars = barsOf(
    portArray.tree,
    portArray.window,
    last,
    sky,
    expected(portArray.tree, sky),
    portArray.recordLowC,
    ruleRise,
  );
  const told = steps.map((step) => ({ ...step, outcome: outcomeOf(portArray, step, bars) }));
  return { steps: told, light, bars, mayRun: bars.length === 0 && isJoinedRead(portArray.tree, last) };
}

/** The last reading of each place and quantity that a meter gave. */
function lastOf(portArray: ProvedPortArray, steps: readonly WalkStep[]): readonly LastReading[] {
  return steps.flatMap(({ read, place }) => {
    const at = placeIn(portArray, place);
    if (read === null || at === null) return [];
    const quantity = quantities.find((each) => each === read.quantity);
    return quantity === undefined ? [] : [{ at, quantity, value: read.value }];
  });
}

/** Volts of a part on the coldest dawn, as the rules reckon them; null: not known. */
export type ColdVolts = (place: ReadPlace) => number | null;

type Predicted = { readonly due: Prediction; readonly corners: readonly Prediction[] };

function predictions(portArray: ProvedPortArray, light: LightGuess): Predicted {
  const spreadK = portArray.sky.rossK === 0 ? measuredSpreadK : airSpreadK;
  // a bench is of one air: it keeps curves by their light alone
  const benches = new Map(
    [0, spreadK, -spreadK].map((warmerK) => [
      warmerK,
      createBench(portArray.tree, portArray.window, portArray.tracking),
    ]),
  );
  const under = (wm2: number, warmerK: number) => {
    const bench = benches.get(warmerK);
    if (bench === undefined) throw new Error("a bench for each air");
    return bench.predict(healthyArray(skyAt(portArray, Math.max(5, wm2), warmerK)));
  };
  return {
    due: under(light.due, 0),
    corners: [
      under(light.low, spreadK),
      under(light.low, -spreadK),
      under(light.high, spreadK),
      under(light.high, -spreadK),
    ],
  };
}

/** What a meter should show, from the darkest and warmest to the brightest and coldest that may be, meters and labels as they are. */
function bandOf({ due, corners }: Predicted, at: Place, quantity: ReadQuantity, light: LightGuess): Band | null {
  if (quantity === "batterySoc") return null;
  const of = (prediction: Prediction): number | null =>
    quantity === "displayW"
      ? prediction.takenW * defaultConversion
      : (shownAt(prediction, at)?.[quantity satisfies Quantity] ?? null);
  const middle = of(due);
  const ends = corners.flatMap((corner) => of(corner) ?? []);
  if (middle === null || ends.length === 0) return null;
  const share =
    quantity === "openV"
      ? voltsShare
      : quantity === "shortA"
        ? meterAmpsShare
        : quantity === "displayW"
          ? runShare + 0.03
          : runShare;
  const floor = floors[quantity];
  const low = Math.max(0, Math.min(...ends, middle) * (1 - share) - floor);
  // a tracker's amps and watts follow the light: where that is guessed only, so are they
  const high = Math.max(...ends, middle) * (1 + share) + floor;
  return { low: light.due < minLightWm2 ? 0 : low, due: middle, high };
}
const defaultConversion = 0.955;

/** Below this share of what was due nothing is there but the meter's own noise. */
const nothingShare = 0.03;
const regulatedV = [12, 15.2] as const;

function outcomeOf(
  portArray: ProvedPortArray,
  { key, band: dueNow, read }: WalkStep,
  bars: readonly Bar[],
): Outcome | null {
  if (read === null) return null;
  const { value, quantity } = read;
  const band = read.due ?? dueNow;
  const within = (shown: number) => band !== null && shown >= band.low && shown <= band.high;
  const over = bars.find(
    ({ why, at }) => why === "overVoltage" && stepKey(readPlaceOf(portArray, at), quantity) === key,
  );
  // millivolts taken for volts bar all the same, and are told as what they are
  if (over !== undefined && portArray.window !== null && !within(value / 1000))
    return { type: "overCeiling", ceilingV: portArray.window.maxV, bar: over };
  if (band === null) return null;
  if (within(value)) return { type: "fine" };
  if (value < 0 && -value > nothingShare * band.due && quantity !== "displayW") return { type: "minus" };
  if (within(value / 1000)) return { type: "thousandfold" };
  if (within(value * 1000)) return { type: "thousandth" };
  // where nothing is due, nothing is fine
  if (Math.abs(value) < nothingShare * band.due && band.low > floors[quantity]) return { type: "nothing" };
  if (
    quantity === "openV" &&
    value > regulatedV[0] &&
    value < regulatedV[1] &&
    band.low > 1.15 * value &&
    band.due > 16
  )
    return { type: "likeBattery" };
  return { type: value < band.low ? "low" : "high" };
}
