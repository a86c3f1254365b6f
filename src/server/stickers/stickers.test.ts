import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import sharp from "sharp";
import { type PhotoReading } from "@/core/panels/label-import/photo";
import { runs, madeSticker } from "@/testing";
import { buildStickers, stickersFile } from "../../../scripts/serving/bundle-server.mjs";
import { createStickers, type StickerOutcome, type Stickers } from "./worker-pool";

jest.setTimeout(600_000 * Math.max(1, runs(1)));

let stickers: Stickers;
beforeAll(async () => {
  await buildStickers();
  stickers = createStickers({ file: stickersFile, maxMs: 60_000, idleMs: 60_000 });
});
afterAll(() => stickers.end());

type Fields = Readonly<Record<string, number | string>>;
const electrical = /W$|V$|A$|PerC$/;
/** Half a step of the last digit that labels print. */
const isSame = (made: unknown, due: number) => Math.abs(Number(made) - due) <= 0.0015 * Math.abs(due) + 1e-9;

function tallyOf({ panels }: PhotoReading, due: Fields) {
  const [panel] = panels;
  const doubted = new Set(panel?.doubts.map(({ field }) => field));
  const tally = { all: 0, right: 0, rightDoubted: 0, byOffer: 0, unmarked: [] as string[] };
  for (const [field, value] of Object.entries(due)) {
    if (typeof value !== "number") continue;
    const made = panel?.fields[field as "vocV"];
    if (made !== undefined && !isSame(made, value) && !doubted.has(field))
      tally.unmarked.push(`${field} ${made}, not ${value}`);
    if (!electrical.test(field)) continue;
    tally.all++;
    if (made !== undefined && isSame(made, value)) {
      tally.right++;
      if (doubted.has(field)) tally.rightDoubted++;
    } else if (made !== undefined && isSame(panel?.offers[0]?.fields[field as "vocV"], value)) tally.byOffer++;
  }
  return tally;
}

async function readingOf(file: Uint8Array): Promise<PhotoReading> {
  const outcome = await stickers.read(file);
  if (outcome.type !== "read") throw new Error(JSON.stringify(outcome));
  return outcome.reading;
}

const folder = path.join(__dirname, "../../core/fixtures/sticker");
/** A photo takes seconds to read: a few here, all of them in the soak. */
const isSoak = runs(1) > 1;
const photos = readdirSync(folder).filter((name) => name.endsWith(".jpg"));

test.each(photos.filter((_, k) => isSoak || k % 3 === 0))(
  "%s: every value is right, none is doubted without need",
  async (name) => {
    const { answer } = JSON.parse(readFileSync(path.join(folder, name.replace("jpg", "json")), "utf8")) as {
      answer: { panels: [{ fields: Fields }] };
    };
    const tally = tallyOf(await readingOf(readFileSync(path.join(folder, name))), answer.panels[0].fields);
    expect(tally).toMatchObject({ unmarked: [], right: tally.all });
    expect(tally.rightDoubted).toBeLessThanOrEqual(0.15 * tally.all);
  },
);

test("made-up stickers, turned, blurred, noisy, pale: nearly all is right, and nothing wrong goes unmarked", async () => {
  const count = Math.min(200, runs(2));
  const sum = { all: 0, right: 0, rightDoubted: 0, byOffer: 0 };
  const unmarked: string[] = [];
  for (let seed = 1000; seed < 1000 + count; seed++) {
    const { jpeg, fields } = await madeSticker(seed);
    const tally = tallyOf(await readingOf(jpeg), fields);
    unmarked.push(...tally.unmarked.map((each) => `${seed}: ${each}`));
    for (const key of ["all", "right", "rightDoubted", "byOffer"] as const) sum[key] += tally[key];
  }
  expect(unmarked).toEqual([]);
  expect((sum.right + sum.byOffer) / sum.all).toBeGreaterThanOrEqual(0.95);
  expect(sum.rightDoubted / sum.right).toBeLessThanOrEqual(0.15);
});

test("a photo held sideways, on its head, or noted so by the camera is the same photo", async () => {
  const photo = readFileSync(path.join(folder, "sticker-01.jpg"));
  const upright = (await readingOf(photo)).panels[0]?.fields;
  const noted = await sharp(photo)
    .rotate(270)
    .withExif({ IFD0: { Copyright: "someone" } })
    .withMetadata({ orientation: 6 })
    .toBuffer();
  const turned = isSoak ? [await sharp(photo).rotate(90).toBuffer()] : [];
  for (const file of [await sharp(photo).rotate(180).toBuffer(), noted, ...turned]) {
    const outcome = await stickers.read(file);
    if (outcome.type !== "read") throw new Error(JSON.stringify(outcome));
    expect(outcome.reading.panels[0]?.fields).toEqual(upright);
    // nothing that the camera noted comes along
    expect(await sharp(outcome.shown.jpeg).metadata()).not.toHaveProperty("exif");
  }
});

test("what cannot be read is refused by its reason, and the next photo is read all the same", async () => {
  const heic = Buffer.concat([Buffer.from([0, 0, 0, 24]), Buffer.from("ftypheic0000mif1heic")]);
  const photo = readFileSync(path.join(folder, "sticker-04.jpg"));
  const bomb = await sharp({ create: { width: 11_000, height: 10_000, channels: 3, background: "#fff" } })
    .png()
    .toBuffer();
  const cases: readonly (readonly [Uint8Array, StickerOutcome["type"], string?])[] = [
    [new Uint8Array(), "fault", "empty"],
    [heic, "fault", "heic"],
    [Buffer.from("<svg xmlns='http://www.w3.org/2000/svg'/>"), "fault", "notAPicture"],
    [photo.subarray(0, 20_000), "fault", "broken"],
    [bomb, "fault", "tooManyPixels"],
    [new Uint8Array(40_000_001), "fault", "tooManyBytes"],
  ];
  for (const [file, type, fault] of cases) expect(await stickers.read(file)).toMatchObject({ type, fault });
  const blank = await sharp({ create: { width: 900, height: 700, channels: 3, background: "#bbb" } })
    .jpeg()
    .toBuffer();
  expect((await readingOf(blank)).panels).toEqual([]);
  // called off while it is read: the thread ends, and another begins
  const off = new AbortController();
  const called = stickers.read(photo, (share) => share > 0.1 && off.abort(), off.signal);
  expect(await called).toEqual({ type: "cancelled" });
  expect((await readingOf(photo)).panels).toHaveLength(1);
});
