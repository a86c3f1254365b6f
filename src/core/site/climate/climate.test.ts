import { outsideDayWhM2 } from "../../engine/weather";
import { carefulRecords, climateKinds, climatesAt, doKindsAgree } from ".";

test("every kind has a whole year, records beyond its months, and light that agrees with its clearness", () => {
  for (const { clearness, airTempC, dailyRangeK, recordLowC, recordHighC, typicalLatitudeDeg, id } of climateKinds) {
    expect([id, clearness.length, airTempC.length]).toEqual([id, 12, 12]);
    expect(recordLowC).toBeLessThan(Math.min(...airTempC) - dailyRangeK / 2);
    expect(recordHighC).toBeGreaterThan(Math.max(...airTempC) + dailyRangeK / 2);
    // no month is clearer than a cloudless one, none without any light where the sun rises
    for (const each of clearness) expect(each > 0.2 && each < 0.8).toBe(true);
    expect(outsideDayWhM2(typicalLatitudeDeg, 172)).toBeGreaterThan(1000);
  }
});

test("records are the most careful of all kinds there may be, and asked for where there is none", () => {
  expect(climatesAt(50).map(({ id }) => id)).toEqual(
    expect.arrayContaining(["temperateMaritime", "centralContinental", "coldContinental"]),
  );
  expect(carefulRecords(85)).toBeNull();
  for (let latitudeDeg = -50; latitudeDeg <= 70; latitudeDeg += 0.5) {
    const records = carefulRecords(latitudeDeg);
    const all = climatesAt(latitudeDeg);
    if (all.length === 0) {
      expect(records).toBeNull();
      continue;
    }
    expect(records?.lowC).toBe(Math.min(...all.map(({ recordLowC }) => recordLowC)));
    expect(records?.highC).toBe(Math.max(...all.map(({ recordHighC }) => recordHighC)));
  }
});

test("a snowy coast is not offered a mild sea first, and no press settles a record that kinds disagree on", () => {
  const first = (latitudeDeg: number, longitudeDeg: number, heightM: number | null = null) =>
    climatesAt(latitudeDeg, { longitudeDeg, heightM })[0]?.id;
  expect([first(41.5, -71.3), first(46.4, -87.6)]).toEqual(["coldContinental", "coldContinental"]);
  expect([first(41.4, 2.2), first(46.5, 9, 900)]).toEqual(["mediterranean", "alpine"]);
  expect([doKindsAgree(41.5), doKindsAgree(-38)]).toEqual([false, true]);
});
