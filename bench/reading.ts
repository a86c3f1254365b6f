import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { pathToFileURL } from "node:url";
import { readText } from "../src/core/panels/label-import";
import { createStickers } from "../src/server/stickers/worker-pool";
import { print, timed } from "./figures";

/** Labels from texts and from photos: how long a page takes, and a photo, the first with the readers of letters still to be opened. */
const texts = readdirSync("src/core/fixtures/label").map(
  (name) =>
    (JSON.parse(readFileSync(path.join("src/core/fixtures/label", name), "utf8")) as { case: { text: string } }).case
      .text,
);
for (const text of [
  texts.reduce((long, each) => (each.length > long.length ? each : long)),
  texts.join("\n\n"),
  texts.join("\n\n").repeat(20),
])
  print(
    `a pasted text of ${text.length} characters`,
    timed(20, () => void readText(text)),
  );

const kit = (await import(pathToFileURL(path.resolve("scripts/serving/bundle-server.mjs")).href)) as {
  buildStickers: () => Promise<unknown>;
  stickersFile: string;
};
await kit.buildStickers();
const stickers = createStickers({ file: kit.stickersFile, maxMs: 60_000, idleMs: 60_000 });
const folder = "src/core/fixtures/sticker";
for (const name of readdirSync(folder).filter((each) => each.endsWith(".jpg"))) {
  const from = performance.now();
  await stickers.read(readFileSync(path.join(folder, name)));
  process.stdout.write(`${name}: ${Math.round(performance.now() - from)} ms\n`);
}
await stickers.end();
