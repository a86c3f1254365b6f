import { strToU8, zipSync } from "fflate";
import { demoPlan } from "@/testing";
import { type ReadingRecord, unsaidSky } from "../measured";
import { readPlanText } from "../plan";
import { isBundle, planBundle, readBundle } from ".";

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
const faultOf = (bytes: Uint8Array) => {
  const reading = readBundle(bytes);
  if (reading.type === "text") throw new Error("it was taken");
  return reading.fault;
};

test("a plan packed is the plan unpacked, however much of it repeats", () => {
  const dull = { ...plan, notes: { ...plan.notes, log: "a".repeat(5000), need: "b".repeat(5000) } };
  for (const each of [plan, dull]) {
    const bundle = planBundle(each);
    expect(isBundle(bundle)).toBe(true);
    const reading = readBundle(bundle);
    expect(reading.type === "text" ? readPlanText(reading.text) : reading).toEqual({ type: "plan", plan: each });
    const photos = [Uint8Array.of(0xff, 0xd8, 0xff, 1, 2, 3)];
    const parts = { weather: "LOCATION,…", photos, readings: [meterReading] };
    expect(readBundle(planBundle(each, parts))).toMatchObject({ type: "text", ...parts });
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
  ["bytes that only begin like one", strToU8("PK\u0003\u0004 and no more"), { type: "foreign" }],
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
])("refused with its place: %s", (_, bytes, fault) => {
  expect(faultOf(bytes)).toMatchObject(fault as object);
});

test("spoiled anywhere, it is refused or the same plan, and nothing throws", () => {
  const bundle = planBundle(plan);
  for (let at = 0; at < bundle.length; at += 37) {
    const spoiled = bundle.with(at, (bundle[at] ?? 0) ^ 0xff);
    const reading = readBundle(spoiled);
    if (reading.type === "text") readPlanText(reading.text);
  }
  for (let length = 0; length < bundle.length; length += 211) readBundle(bundle.subarray(0, length));
});
