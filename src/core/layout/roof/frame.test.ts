import fc from "fast-check";
import { frameOf, sunOver } from ".";
import { planeOver } from "./frame";

const deg = (min: number, max: number) => fc.integer({ min, max });
const surface = fc.record({ headingDeg: deg(0, 359), slopeDeg: deg(0, 60), fallsToDeg: deg(0, 359) });
const radians = Math.PI / 180;
/** What of the sun's beam falls on a plane: the cosine of the angle between it and the way the plane looks. */
const incidence = (sun: { azimuthDeg: number; elevationDeg: number }, tiltDeg: number, towardsDeg: number) =>
  Math.sin(sun.elevationDeg * radians) * Math.cos(tiltDeg * radians) +
  Math.cos(sun.elevationDeg * radians) *
    Math.sin(tiltDeg * radians) *
    Math.cos((sun.azimuthDeg - towardsDeg) * radians);

test("the sun falls on a panel as steeply whether both are told by the compass or over a sloping surface", () => {
  fc.assert(
    fc.property(
      surface,
      deg(0, 359),
      deg(1, 89),
      deg(0, 80),
      deg(0, 359),
      (on, azimuthDeg, elevationDeg, tiltDeg, looksToDeg) => {
        const frame = frameOf(on, 0);
        const sun = { azimuthDeg, elevationDeg };
        const over = planeOver({ tiltDeg, azimuthDeg: looksToDeg }, frame);
        expect(incidence(sunOver(sun, frame), over.tiltDeg, over.tiltTowardsDeg)).toBeCloseTo(
          incidence(sun, tiltDeg, looksToDeg),
          6,
        );
      },
    ),
  );
});

test("a panel as steep as its surface, looking where that falls, lies on it", () => {
  fc.assert(
    fc.property(surface, (on) => {
      const frame = frameOf(on, 0);
      const { tiltDeg } = planeOver({ tiltDeg: on.slopeDeg, azimuthDeg: on.headingDeg + on.fallsToDeg }, frame);
      expect(tiltDeg).toBeCloseTo(0, 4);
    }),
  );
});

test("a surface without a heading of its own turns with the vehicle", () => {
  const own = { slopeDeg: 0, fallsToDeg: 0 };
  const sun = { azimuthDeg: 100, elevationDeg: 30 };
  expect(sunOver(sun, frameOf({ ...own, headingDeg: null }, 240)).azimuthDeg).toBeCloseTo(-140);
  expect(sunOver(sun, frameOf({ ...own, headingDeg: 90 }, 240)).azimuthDeg).toBeCloseTo(10);
});
