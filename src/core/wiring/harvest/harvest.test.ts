import fc from "fast-check";
import { lightOn } from "../../engine/light";
import { fitLabel } from "../../engine/panel";
import { drain } from "../../engine/generators";
import { typicalYear } from "../../engine/weather";
import { harvestYear } from ".";

const { model } = fitLabel({
  pmaxW: 104.4,
  vocV: 22.6,
  iscA: 6.04,
  vmpV: 18.55,
  impA: 5.63,
  tempCoVocPctPerC: null,
  tempCoIscPctPerC: null,
  tempCoPmaxPctPerC: null,
  cellsInSeries: 36,
  bypassDiodes: 2,
  maxSeriesFuseA: null,
  maxSystemV: null,
  cellType: "mono",
});
const months = (of: number) => Array.from({ length: 12 }, () => of);
const finite = (min: number, max: number) => fc.double({ min, max, noNaN: true });

test("whatever the port, what is taken, clipped and asleep adds up to what is offered, and no month takes less than nothing", () => {
  const port = fc.record({
    minV: finite(0, 60),
    above: finite(1, 80),
    maxW: finite(1, 400),
    amps: finite(0.1, 20),
    ceilingOnVoc: fc.boolean(),
  });
  fc.assert(
    fc.property(finite(-65, 65), finite(0.25, 0.65), finite(0, 90), port, (latitudeDeg, clearness, tiltDeg, of) => {
      const { minV, above, maxW, amps, ceilingOnVoc } = of;
      const maxV = minV + above;
      const site = { latitudeDeg, longitudeDeg: 0, utcOffsetH: 0 };
      const weather = { clearness: months(clearness), airTempC: months(10), dailyRangeK: months(8) };
      const account = drain(
        harvestYear({
          hours: typicalYear(weather, site),
          port: { minV, maxV, maxW, ceilingOnVoc, currentLimits: [{ fromV: minV, toV: maxV, amps }] },
          netAt: ({ light, airTempC }) => {
            const { insideWm2 } = lightOn({ tiltDeg, azimuthDeg: 180 }, light, 0.2);
            const panel = {
              type: "panel",
              model,
              cellTempC: airTempC + 0.038 * insideWm2,
              irradianceWm2: [insideWm2],
            } as const;
            return { type: "series", members: [panel, panel] };
          },
        }),
      );
      const { offeredKwh, takenKwh, clippedKwh, asleepKwh, takenByMonthKwh } = account;
      expect(Math.abs(takenKwh + clippedKwh + asleepKwh - offeredKwh)).toBeLessThanOrEqual(1e-6 * offeredKwh);
      expect(Math.min(clippedKwh, asleepKwh, ...takenByMonthKwh)).toBeGreaterThanOrEqual(0);
    }),
    { numRuns: 12 },
  );
});
