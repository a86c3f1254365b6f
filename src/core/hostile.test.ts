import { readFileSync } from "node:fs";
import path from "node:path";
import { createRandom, type Random, runs, mutatedText } from "@/testing";
import { readBundle } from "./bundle";
import { readLibraryText } from "./library";
import { readGpx } from "./site/place";
import { readPlanText } from "./plan";
import { readText } from "./panels/label-import";
import { readHome } from "./phone-sheet";
import { readEpw } from "./engine/weather";

/** Files as a stranger, a broken disk and a hurried hand make them: each is read or refused in words, and none gets out of hand. */
const frozen = (name: string) => readFileSync(path.join(__dirname, "fixtures/frozen", name));
const documentOf = (name: string): unknown => JSON.parse(frozen(name).toString("utf8"));
const [plan, library, sheet] = ["plan-4.json", "library-2.json", "phone-sheet-1.json"].map(documentOf);
const bundles = ["bundle-1.zip", "bundle-2.zip"].map((name) => Uint8Array.from(frozen(name)));
const gpx =
  '<?xml version="1.0"?><gpx><wpt lat="57.1" lon="-3.2"><name>Lock</name><time>2026-05-01T18:00:00Z</time></wpt></gpx>';
const epw = "LOCATION,Firth,-,GBR,SRC,1,57.0,-4.0,0.0,10.0\n".repeat(3);

/** A text with some of its letters exchanged, left out or doubled. */
function garbled(text: string, roll: Random): string {
  let left = text;
  for (let k = roll.whole(1, 6); k > 0; k--) {
    const at = roll.whole(0, left.length);
    const put = roll.pick([
      "",
      "<",
      ">",
      "&",
      "\u0000",
      "\u202e",
      "9".repeat(400),
      "__proto__",
      left.slice(at, at + 40),
      "\ud800",
    ]);
    left = left.slice(0, at) + put + left.slice(at + roll.whole(0, 9));
  }
  return left;
}

const kinds: readonly [string, (roll: Random) => unknown][] = [
  ["plan", (roll) => readPlanText(mutatedText(plan, roll))],
  ["library", (roll) => readLibraryText(mutatedText(library, roll))],
  ["phone sheet", (roll) => readHome(mutatedText(sheet, roll))],
  ["GPX", (roll) => readGpx(garbled(gpx, roll))],
  ["EPW", (roll) => readEpw(garbled(epw, roll))],
  ["pasted text", (roll) => readText(garbled("Amberley AB-195\nPmax 195 W\nVoc 27.2 V | Isc 9 A", roll))],
  [
    "bundle",
    (roll) => {
      const bytes = Uint8Array.from(roll.pick(bundles as [Uint8Array, Uint8Array]));
      for (let k = roll.whole(1, 8); k > 0; k--) bytes[roll.whole(0, bytes.length - 1)] = roll.whole(0, 255);
      return readBundle(bytes.subarray(0, roll.chance(0.2) ? roll.whole(0, bytes.length) : bytes.length));
    },
  ],
];

test.each(kinds)("a hostile %s is read or refused, and nothing of it runs or spreads", async (name, read) => {
  const first = Number(process.env["GOLDEN_ARRAY_SEED"] ?? 1);
  for (let seed = first; seed < first + runs(60); seed++) {
    const told = await read(createRandom(9000 + seed));
    expect([name, seed, typeof told]).toEqual([name, seed, "object"]);
  }
  expect(({} as { polluted?: unknown }).polluted).toBeUndefined();
});
