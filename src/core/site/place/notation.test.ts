import fc from "fast-check";
import { readPlace } from ".";

test.each<[string, number, number]>([
  ["57.2, -3.1", 57.2, -3.1],
  ["57.2 -3.1", 57.2, -3.1],
  ["57,2; -3,1", 57.2, -3.1],
  ["57,2 -3,1", 57.2, -3.1],
  ["geo:57.2,-3.1", 57.2, -3.1],
  ["57°12′30″N 3°6′W", 57 + 12.5 / 60, -3.1],
  ["57° 12' 30\" N, 3° 6' 0\" W", 57 + 12.5 / 60, -3.1],
  ["N57 12.5 W003 06.0", 57 + 12.5 / 60, -3.1],
  ["3.1 W 57.2 N", 57.2, -3.1],
  ["lat: 57.2 lon: -3.1", 57.2, -3.1],
  ["33.9 south, 18.4 east", -33.9, 18.4],
  ["-0°30', 12°", -0.5, 12],
  ["57 12 -3 6", 57.2, -3.1],
  ["57 12 30 3 6 0", 57 + 12.5 / 60, 3.1],
  ["57°12' -3°6'", 57.2, -3.1],
])("%s is a place", (text, latitudeDeg, longitudeDeg) => {
  const found = readPlace(text);
  if (found.type !== "place") throw new Error(JSON.stringify(found));
  expect(found.latitudeDeg).toBeCloseTo(latitudeDeg, 9);
  expect(found.longitudeDeg).toBeCloseTo(longitudeDeg, 9);
});

test("a latitude alone is one", () => {
  expect(readPlace("57.2")).toEqual({ type: "latitude", latitudeDeg: 57.2 });
  expect(readPlace("33° 30' S")).toEqual({ type: "latitude", latitudeDeg: -33.5 });
  expect(readPlace(" ")).toEqual({ type: "empty" });
});

test.each<[string, string]>([
  ["57,2", "ambiguousComma"],
  ["57.2 N, 3.1 N", "sameTwice"],
  ["-57.2 S 3 E", "signAndLetter"],
  ["57°75' N 3° E", "sixtieths"],
  ["57.5°30' N 3° E", "sixtieths"],
  ["97.2, 3", "tooFar"],
  ["57.2, 183", "tooFar"],
  ["somewhere", "unknown"],
  ["57 3 1", "latitudeOrNumbers"],
  ["1 2 3 4 5 6 7 8", "numbers"],
  ["3.1 W", "numbers"],
])("%s is not", (text, fault) => {
  const found = readPlace(text);
  // three bare numbers are degrees, minutes and seconds of a latitude
  if (fault === "latitudeOrNumbers") return expect(found.type).toBe("latitude");
  expect(found).toMatchObject({ type: "fault", fault: { type: fault } });
});

test("any place is read back from any notation, and no text whatever throws", () => {
  const place = fc.record({
    latitudeDeg: fc.double({ min: -89.99, max: 89.99, noNaN: true }),
    longitudeDeg: fc.double({ min: -179.99, max: 179.99, noNaN: true }),
  });
  const sixty = (value: number, letters: readonly [string, string]) => {
    const all = Math.round(Math.abs(value) * 36_000);
    const [degrees, minutes, seconds] = [Math.floor(all / 36_000), Math.floor((all % 36_000) / 600), (all % 600) / 10];
    return `${degrees}°${minutes}′${seconds.toFixed(1)}″${letters[value < 0 ? 1 : 0]}`;
  };
  fc.assert(
    fc.property(place, ({ latitudeDeg, longitudeDeg }) => {
      const texts = [
        `${latitudeDeg.toFixed(5)}, ${longitudeDeg.toFixed(5)}`,
        `${latitudeDeg.toFixed(5)} ${longitudeDeg.toFixed(5)}`.replaceAll(".", ","),
        `${sixty(latitudeDeg, ["N", "S"])} ${sixty(longitudeDeg, ["E", "W"])}`,
        `${sixty(longitudeDeg, ["E", "W"])}, ${sixty(latitudeDeg, ["N", "S"])}`,
      ];
      for (const text of texts) {
        const found = readPlace(text);
        if (found.type !== "place") throw new Error(`${text}: ${JSON.stringify(found)}`);
        expect(Math.abs(found.latitudeDeg - latitudeDeg)).toBeLessThan(2e-5);
        expect(Math.abs(found.longitudeDeg - longitudeDeg)).toBeLessThan(2e-5);
      }
    }),
  );
  // and of whatever is typed it says either a place on earth or why it is none
  fc.assert(
    fc.property(fc.string(), (text) => {
      const found = readPlace(text);
      if (found.type !== "place") return;
      expect(Math.abs(found.latitudeDeg)).toBeLessThanOrEqual(90);
      expect(Math.abs(found.longitudeDeg)).toBeLessThanOrEqual(180);
    }),
  );
});
