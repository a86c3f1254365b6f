import { strToU8, zipSync } from "fflate";
import { demoPlan, createRandom, runs } from "@/testing";
import { type ReadingRecord, unsaidSky } from "../measurements";
import { planFileText, readPlanText } from "../plan";
import { alone, isBundle, planBundle, readBundle } from ".";
import { type BundleReading } from "./bundle";

const plan = demoPlan("The Lantern");
const meterReading: ReadingRecord = {
  id: "r-1",
  kind: "prove",
  atUtc: "2026-05-01T10:00:00Z",
  wiringId: "everyday",
  inputId: "station",
  portId: "low",
  place: { type: "panel", panelId: "roof", piece: 1 },
  quantity: "openV",
  value: 26.1,
  sky: unsaidSky,
  due: { low: 25, due: 26, high: 27 },
  lightWm2: 700,
  by: "Tam",
  source: "typed",
};
const photo = (...rest: readonly number[]) => Uint8Array.of(0xff, 0xd8, 0xff, ...rest);
const faultOf = async (bytes: Uint8Array) => {
  const reading = await readBundle(bytes);
  if (reading.type === "text") throw new Error("it was taken");
  return reading.fault;
};

test("a plan packed is the plan unpacked, however much of it repeats", async () => {
  const dull = { ...plan, notes: { ...plan.notes, log: "a".repeat(5000), need: "b".repeat(5000) } };
  for (const each of [plan, dull]) {
    const bundle = await planBundle(each);
    expect(isBundle(bundle)).toBe(true);
    const reading = await readBundle(bundle);
    expect(reading.type === "text" ? readPlanText(reading.text) : reading).toEqual({ type: "plan", plan: each });
    const parts = { weather: "LOCATION,…", photos: [photo(1, 2, 3)], readings: [meterReading] };
    expect(await readBundle(await planBundle(each, parts))).toMatchObject({ type: "text", ...parts });
  }
});

test.each<[string, Uint8Array, unknown]>([
  ["a part nobody knows", zipSync({ "plan.json": strToU8("{}"), "run.sh": strToU8("x") }), { path: "run.sh" }],
  ["a name that leaves the folder", zipSync({ "../plan.json": strToU8("{}") }), { path: "../plan.json" }],
  [
    "a photo that is none",
    zipSync({ "plan.json": strToU8("{}"), "photo-1": strToU8("<svg>") }),
    { path: "photo-1", problem: "is no JPEG and no PNG picture" },
  ],
  [
    "readings that are none",
    zipSync({
      "plan.json": strToU8("{}"),
      "readings.json": strToU8(JSON.stringify([{ ...meterReading, value: "much" }])),
    }),
    { path: "readings.json 0.value" },
  ],
  ["no plan in it", zipSync({}), { type: "foreign" }],
  ["bytes that only begin like one", strToU8("PK\u0003\u0004 and no more"), { path: "(bundle)" }],
  [
    "a small file that unpacks to a large one",
    zipSync({ "plan.json": new Uint8Array(10_000_000) }, { level: 9 }),
    { path: "plan.json", problem: expect.stringMatching(/200 times its size/) as unknown },
  ],
  [
    "one larger than a plan may be",
    zipSync({ "plan.json": new Uint8Array(20_000_000) }, { level: 9 }),
    { path: "plan.json" },
  ],
])("refused with its place: %s", async (_, bytes, fault) => {
  expect(await faultOf(bytes)).toMatchObject(fault as object);
});

describe("a bundle that was spoiled", () => {
  test("by one bit anywhere is refused, whichever bit it is", async () => {
    const draw = createRandom(32);
    const bundle = await planBundle(plan, { ...alone, photos: [photo(1, 2, 3)], readings: [meterReading] });
    const taken: string[] = [];
    for (let k = 0; k < runs(300); k++) {
      const [at, bit] = [draw.whole(0, bundle.length - 1), draw.whole(0, 7)];
      const reading = await readBundle(bundle.with(at, (bundle[at] ?? 0) ^ (1 << bit)));
      if (reading.type === "text") taken.push(`byte ${at} of ${bundle.length}, bit ${bit}`);
    }
    expect(taken).toEqual([]);
  });

  test("and has no digests, as older ones, is refused or the same in every part", async () => {
    const draw = createRandom(33);
    const older = zipSync({
      "plan.json": strToU8(planFileText(plan)),
      "readings.json": strToU8(JSON.stringify([meterReading])),
      "photo-1": photo(1, 2, 3),
    });
    const contentOf = (reading: BundleReading) => (reading.type === "text" ? JSON.stringify(reading) : null);
    const whole = contentOf(await readBundle(older));
    expect(whole).not.toBeNull();
    for (let k = 0; k < runs(200); k++) {
      const at = draw.whole(0, older.length - 1);
      const content = contentOf(await readBundle(older.with(at, (older[at] ?? 0) ^ (1 << draw.whole(0, 7)))));
      expect([at, content === null || content === whole]).toEqual([at, true]);
    }
  });

  test("by its end is refused", async () => {
    const bundle = await planBundle(plan);
    for (let length = 0; length < bundle.length; length += 997)
      expect((await readBundle(bundle.subarray(0, length))).type).toBe("fault");
  });
});
