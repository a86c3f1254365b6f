import { type ReadingRecord, type ReadSky, unsaidSky } from "../measurements";
import { fitLabel, type PanelLabel } from "../engine/panel";
import { type Plan } from "../plan";
import { solvableById } from "../plan-model";
import { createPlanes } from "../wiring/year";
import { demoPanels } from "@/demo";
import { changed, demoPlan, createRandom, runs } from "@/testing";
import { conversionOf, type ProvedPortArray, provedPortArray, sideBySide, defaultMeter, walkOf } from ".";
import { clearOnPlane, lightNow } from "./light-now";

const noon = { atMs: Date.UTC(2026, 2, 20, 12, 7), longitudeDeg: 0 };
const full: ReadSky = { ...unsaidSky, meterWm2: 1000, backC: 23 };

function portArrayOf(plan: Plan, sky: ReadSky = full, moment = noon): ProvedPortArray {
  const [context] = solvableById(plan, plan.wirings[0]?.id ?? "").portArrays;
  const portArray =
    context === undefined
      ? null
      : provedPortArray(context, sky, moment, createPlanes(plan, plan.positions[0]?.id ?? "", 0));
  if (portArray === null) throw new Error("it has a port array");
  return portArray;
}
const shed = demoPlan("Bee-keeper");
const wide = { maxA: 20 };

const reading: ReadingRecord = {
  id: "r",
  kind: "prove",
  atUtc: new Date(noon.atMs).toISOString(),
  wiringId: "w",
  inputId: "i",
  portId: "p",
  place: { type: "array" },
  quantity: "openV",
  value: 0,
  sky: unsaidSky,
  due: null,
  lightWm2: 1000,
  by: "",
  source: "typed",
};

describe("what is due", () => {
  test("in full sun at 25 °C it is the label’s, give or take labels and meters", () => {
    // a back of 23 °C is cells of 25: Voc 37.4 V and Isc 8.42 A on the sticker
    const { vocV = 0, iscA = 0 } = demoPanels.poly240 as unknown as PanelLabel;
    const { steps } = walkOf(portArrayOf(shed), [], wide);
    const [open, short] = steps;
    expect(open?.band?.due).toBeCloseTo(vocV, 1);
    expect(short?.band?.due).toBeCloseTo(iscA, 1);
    // ±3 % of a label and ±1 % of a meter are ±3.16 %; two degrees about a thermometer, 0.6 % of volts
    expect(((open?.band?.high ?? 0) - vocV) / vocV).toBeCloseTo(0.0316 + 0.0062 + 0.1 / vocV, 2);
    expect(((short?.band?.high ?? 0) - iscA) / iscA).toBeCloseTo(0.05 + 0.0335 + 0.03 / iscA, 2);
  });
  test("the walk goes panels, all joined, plugged in; amps only where the meter bears a quarter more", () => {
    const keys = (maxA: number) =>
      walkOf(portArrayOf(shed), [], { maxA }).steps.map(({ phase, quantity }) => `${phase} ${quantity}`);
    expect(keys(10).filter((key) => key.endsWith("shortA"))).toEqual([]);
    expect(keys(11).filter((key) => key.endsWith("shortA"))).toHaveLength(3);
    expect(keys(40).filter((key) => key.endsWith("shortA"))).toHaveLength(4);
    expect(keys(40).slice(-4)).toEqual(["running runV", "running runA", "running displayW", "running batterySoc"]);
  });
  test("a panel turned to a low sun is due more amps than one that lies flat, by the sun’s angle", () => {
    const plan = changed(shed, {
      type: "setStands",
      positionId: shed.positions[0]?.id ?? "",
      keys: ["shed.2"],
      patch: { tiltDeg: 34, azimuthDeg: null },
    });
    const flat: Plan = { ...plan, mounts: [], site: { ...plan.site, longitudeDeg: 0 } };
    const { steps } = walkOf(portArrayOf(flat, { ...unsaidSky, cloud: "clear" }), [], wide);
    const due = (key: string) => steps.find((step) => step.key === key)?.band?.due ?? 0;
    const ratio = due("panel:shed.2/shortA") / due("panel:shed.1/shortA");
    // at 55.5° north the equinox noon sun is 34.5° high: all beam would give 0.934 / 0.566 = 1.65, all sky about 0.91;
    // on the flat it comes so aslant that the glass sends 4 % of it back
    expect(ratio).toBeGreaterThan(1.35);
    expect(ratio).toBeLessThan(1.72);
  });
  test("more light never narrows what is known, and never lowers what is due", () => {
    const draw = createRandom(5);
    for (let k = 0; k < runs(10); k++) {
      const wm2 = draw.number(120, 1000);
      const at = (meterWm2: number) =>
        walkOf(portArrayOf(shed, { ...unsaidSky, meterWm2, airC: 15 }), [], wide).steps[1]?.band;
      expect(at(1.1 * wm2)?.due ?? 0).toBeGreaterThan(at(wm2)?.due ?? 0);
      const word = (cloud: ReadSky["cloud"]) => {
        const { low, high } = lightNow(wm2, { cloud, meterWm2: null });
        return high - low;
      };
      expect(word(null)).toBeGreaterThan(word("clear"));
    }
  });
});

test("a cloudless sky by hand: 1037 W/m² with the sun overhead, nothing at night, and what a word leaves of it", () => {
  // Haurwitz: 1098 × exp(−0.057); the equinox noon at 0°, 0° is within a degree of overhead
  expect(clearOnPlane({ tiltDeg: 0, azimuthDeg: 180 }, noon.atMs, 0, 0)).toBeCloseTo(1037, -1);
  expect(clearOnPlane({ tiltDeg: 0, azimuthDeg: 180 }, Date.UTC(2026, 2, 20, 0), 0, 0)).toBe(0);
  expect(lightNow(800, { cloud: "overcast", meterWm2: null })).toEqual({ low: 96, due: 200, high: 304, by: "cloud" });
  expect(lightNow(800, { cloud: "clear", meterWm2: 500 })).toMatchObject({ due: 500, by: "meter" });
});

describe("light by the array’s own amps", () => {
  test("narrows what is due of the next panel", () => {
    const portArray = portArrayOf(shed, { ...unsaidSky, cloud: "haze", airC: 20 });
    const before = walkOf(portArray, [], wide);
    const [, short] = before.steps;
    const value = 0.9 * (short?.band?.due ?? 0);
    const place = short?.place ?? reading.place;
    const lightWm2 = before.light.due;
    const record: ReadingRecord = { ...reading, place, quantity: "shortA", value, due: short?.band ?? null, lightWm2 };
    const after = walkOf(portArray, [record], wide);
    expect(after.light.by).toBe("amps");
    expect(after.light.due / before.light.due).toBeCloseTo(0.9, 1);
    const next = after.steps.find(({ key }) => key === "panel:shed.2/shortA")?.band;
    expect(next?.due).toBeCloseTo(value, 1);
    expect((next?.high ?? 0) - (next?.low ?? 0)).toBeLessThan((short?.band?.high ?? 0) - (short?.band?.low ?? 0));
  });
});

describe("what is joined to the input by volts", () => {
  const portArray = portArrayOf(shed);
  const joined = walkOf(portArray, []).steps.find(
    ({ place, quantity }) => place.type === "array" && quantity === "openV",
  );
  if (joined?.band === undefined || joined.band === null || portArray.window === null)
    throw new Error("the shed's strings are joined, and its input is known");
  const { due } = joined.band;
  const record: ReadingRecord = { ...reading, place: joined.place, quantity: "openV", value: due, due: joined.band };
  const over = (maxV: number, ceilingOnVoc: boolean, ruleV: number | null = null) => {
    const window = portArray.window === null ? null : { ...portArray.window, maxV, ceilingOnVoc };
    const { bars, mayRun, steps } = walkOf({ ...portArray, window, recordLowC: 25 }, [record], wide, () => ruleV);
    const outcome = steps.find(({ key }) => key === joined.key)?.outcome?.type;
    return [bars.map(({ why, coldV, coldKind }) => `${why} ${coldV.toFixed(1)} ${coldKind}`), mayRun, outcome];
  };
  test("bars, is locked and is told by one sum: the more of the rules' volts and of the label's coefficient", () => {
    expect(over(1.01 * due, true)).toEqual([[], true, "fine"]);
    const ruleV = 1.05 * due;
    expect(over(1.01 * due, true, ruleV)).toEqual([[`overVoltage ${ruleV.toFixed(1)} open`], false, "overCeiling"]);
  });
  test("where the maximum is meant of running volts, is judged by these", () => {
    const { vmpV = 0, vocV = 1 } = demoPanels.poly240 as unknown as PanelLabel;
    const running = ((due * vmpV) / vocV).toFixed(1);
    expect(over(0.9 * due, false)).toEqual([[], true, "fine"]);
    expect(over(0.8 * due, false)).toEqual([[`overVoltage ${running} running`], false, "overCeiling"]);
  });
});

describe("two panels under one sky", () => {
  const { model } = fitLabel(demoPanels.poly240 as unknown as PanelLabel);
  const other = fitLabel(demoPanels.rigid195 as unknown as PanelLabel).model;
  const pair = (a: number | null, b: number | null, aAmps: number | null = null, bAmps: number | null = null) =>
    sideBySide({ model, read: { openV: a, shortA: aAmps } }, { model, read: { openV: b, shortA: bAmps } });
  test.each<[number, number, string, string | null]>([
    [36.1, 35.6, "alike", null],
    [36.1, 24.1, "substring", "second"],
    [24.1, 36.1, "substring", "first"],
    [36.1, 33.6, "volts", "second"],
  ])("%d V against %d V: %s", (a, b, says, lower) => {
    expect(pair(a, b)).toMatchObject([{ quantity: "openV", says, lower }]);
  });
  test("amps apart are light, whatever light there is; labels that differ are reckoned with", () => {
    for (const share of [0.2, 0.6, 1]) {
      expect(pair(null, null, 8 * share, 7.8 * share)).toMatchObject([{ says: "alike" }]);
      expect(pair(null, null, 8 * share, 6 * share)).toMatchObject([{ says: "light", lower: "second" }]);
    }
    // 37.4 V and 27.2 V on the labels
    const unlike = sideBySide(
      { model, read: { openV: 35.5, shortA: 4.2 } },
      { model: other, read: { openV: 25.9, shortA: 4.5 } },
    );
    expect(unlike.map(({ says }) => says)).toEqual(["alike", "alike"]);
  });
});

test.each<[number, number, number, string]>([
  [34, 10, 323, "usual"],
  [34, 10, 272, "low"],
  [34, 10, 355, "over"],
])("%d V × %d A in, %d W out: %s", (volts, amps, watts, says) => {
  expect(conversionOf(volts, amps, watts, { type: "scan" })?.says).toBe(says);
});

test("with nothing going in there is no share to tell", () => {
  expect(conversionOf(34, 0, 0, { type: "scan" })).toBeNull();
  expect(defaultMeter.maxA).toBe(10);
});

test("panels tilted by season are due what they get as they stand now", () => {
  // two panels at the mooring: 25° from April, 60° from October
  const boat = demoPlan("Narrowboat");
  const sky: ReadSky = { ...unsaidSky, cloud: "clear", airC: 10 };
  const december = portArrayOf(boat, sky, { atMs: Date.UTC(2026, 11, 21, 12, 10), longitudeDeg: 0 });
  // the sun stands 13.6° high at 53.0° north: on the flat about a sixth of what a plane square to it gets
  expect(december.clearWm2).toBeGreaterThan(450);
  const flat = portArrayOf({ ...boat, mounts: [] }, sky, { atMs: Date.UTC(2026, 11, 21, 12, 10), longitudeDeg: 0 });
  expect(december.clearWm2 / flat.clearWm2).toBeGreaterThan(2.5);
});
