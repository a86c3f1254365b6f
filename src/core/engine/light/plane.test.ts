import fc from "fast-check";
import { type HourLight, lightOn, outsideAir } from ".";

const finite = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const hour: fc.Arbitrary<HourLight> = fc
  .record({
    azimuthDeg: finite(0, 360),
    elevationDeg: finite(6, 89),
    beamWm2: finite(0, 1000),
    diffuseWm2: finite(0, 500),
    day: fc.integer({ min: 1, max: 365 }),
  })
  .map(({ azimuthDeg, elevationDeg, beamWm2, diffuseWm2, day }) => ({
    sun: { azimuthDeg, elevationDeg },
    beamWm2,
    diffuseWm2,
    globalWm2: beamWm2 * Math.sin((elevationDeg * Math.PI) / 180) + diffuseWm2,
    outsideWm2: outsideAir(day),
  }));

test("a plane that lies flat gets what falls on the flat, whichever way it would look", () => {
  fc.assert(
    fc.property(hour, finite(0, 360), (light, azimuthDeg) => {
      expect(lightOn({ tiltDeg: 0, azimuthDeg }, light, 0.2).totalWm2).toBeCloseTo(light.globalWm2, 6);
    }),
  );
});

test("no plane gets more beam than one that faces the sun squarely; what goes in is at most what falls on it", () => {
  fc.assert(
    fc.property(hour, finite(0, 90), finite(0, 360), (whole, tiltDeg, azimuthDeg) => {
      const light = { ...whole, diffuseWm2: 0, globalWm2: 0 };
      const { totalWm2, insideWm2 } = lightOn({ tiltDeg, azimuthDeg }, light, 0.2);
      const square = lightOn({ tiltDeg: 90 - light.sun.elevationDeg, azimuthDeg: light.sun.azimuthDeg }, light, 0.2);
      expect(square.totalWm2).toBeCloseTo(light.beamWm2, 6);
      expect(totalWm2).toBeLessThanOrEqual(square.totalWm2 + 1e-9);
      expect(insideWm2).toBeLessThanOrEqual(totalWm2 + 1e-9);
    }),
  );
});

test("with the sun down there is no beam, and an upright plane sees half of the sky and half of the ground", () => {
  const down: HourLight = {
    sun: { azimuthDeg: 180, elevationDeg: -1 },
    beamWm2: 300,
    diffuseWm2: 40,
    globalWm2: 40,
    outsideWm2: outsideAir(1),
  };
  expect(lightOn({ tiltDeg: 90, azimuthDeg: 180 }, down, 0.2).totalWm2).toBeCloseTo(20 + 4, 9);
});
