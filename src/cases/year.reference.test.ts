import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { gunzipSync } from "node:zlib";
import { sunPosition } from "../core/engine/sky";
import { hoursOfFile, readEpw } from "../core/engine/weather";
import { answerHarvest, type HarvestAnswer, readHarvestCase } from "./harvest";

/** Suns and years worked out independently, to the bars the application is held to. */
const fixtures = path.join(__dirname, "../core/fixtures");
const read = <T>(folder: string): { name: string; of: T }[] =>
  readdirSync(path.join(fixtures, folder))
    .filter((name) => name.endsWith(".json"))
    .map((name) => ({ name, of: JSON.parse(readFileSync(path.join(fixtures, folder, name), "utf8")) as T }));

type SunCase = {
  readonly case: { readonly latitudeDeg: number; readonly longitudeDeg: number; readonly atUtc: readonly string[] };
  readonly answer: { readonly sun: readonly { readonly azimuthDeg: number; readonly elevationDeg: number }[] };
};

test.each(read<SunCase>("sun"))("the sun of $name stands where it should, within 0.05°", ({ of }) => {
  const { latitudeDeg, longitudeDeg, atUtc } = of.case;
  const apart = atUtc.map((at, k) => {
    const found = sunPosition(Date.parse(at), latitudeDeg, longitudeDeg);
    const { azimuthDeg, elevationDeg } = of.answer.sun[k] ?? { azimuthDeg: Number.NaN, elevationDeg: Number.NaN };
    const turned = ((found.azimuthDeg - azimuthDeg + 540) % 360) - 180;
    return Math.max(
      Math.abs(found.elevationDeg - elevationDeg),
      Math.abs(turned) * Math.cos((elevationDeg * Math.PI) / 180),
    );
  });
  expect(Math.max(...apart)).toBeLessThan(0.05);
});

const weather = readEpw(gunzipSync(readFileSync(path.join(fixtures, "harvest/north-firth.epw.gz"))).toString("latin1"));

test.each(read<{ case: object; answer: HarvestAnswer }>("harvest"))(
  "the year of $name: taken, offered, clipped and asleep, month by month, and its parts add up",
  ({ of: { case: given, answer: expected } }) => {
    const reading = readHarvestCase(given);
    if (reading.type !== "case" || weather.type !== "weather") throw new Error("a case and its weather are read");
    const found = answerHarvest(reading.case, hoursOfFile(weather.year, reading.case.site));
    const apartPct = (a: number, b: number, of = b) => (of === 0 ? Math.abs(a - b) : (100 * Math.abs(a - b)) / of);
    expect(apartPct(found.yearKwh, expected.yearKwh)).toBeLessThan(0.5);
    expect(apartPct(found.offeredKwh, expected.offeredKwh)).toBeLessThan(0.5);
    for (const key of ["clippedKwh", "asleepKwh"] as const)
      expect(apartPct(found[key], expected[key], expected.offeredKwh)).toBeLessThan(0.5);
    expected.monthsKwh.forEach((kwh, k) => expect(apartPct(found.monthsKwh[k] ?? 0, kwh)).toBeLessThan(0.75));
    expected.poaKwhM2.forEach((kwh, k) => expect(apartPct(found.poaKwhM2[k] ?? 0, kwh)).toBeLessThan(0.3));
    expect(apartPct(found.yearKwh + found.clippedKwh + found.asleepKwh, found.offeredKwh)).toBeLessThan(1e-9);
  },
);
