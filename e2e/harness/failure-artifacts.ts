import { mkdirSync, writeFileSync } from "node:fs";
import path from "node:path";
import { type WatchedPage } from "./browser";
import { root } from "./root";

const folder = path.join(root, "test-failures");

/** Leaves why a test failed and what each of its pages showed, as text and as a picture, in a folder that git ignores. */
export async function saveFailureArtifacts(name: string, pages: readonly WatchedPage[], why: unknown): Promise<void> {
  mkdirSync(folder, { recursive: true });
  const stem = path.join(folder, name.replace(/[^\p{L}\p{N}]+/gu, "-").slice(0, 100));
  writeFileSync(`${stem}-why.txt`, why instanceof Error ? (why.stack ?? why.message) : String(why));
  for (const [k, { page, complaints }] of pages.entries()) {
    if (page.isClosed()) continue;
    const file = pages.length === 1 ? stem : `${stem}-page-${k + 1}`;
    const shown = await page.evaluate(() => document.body.innerText).catch(String);
    writeFileSync(`${file}.txt`, [page.url(), ...complaints.map((each) => `complaint: ${each}`), "", shown].join("\n"));
    // a page behind others is not drawn, and its picture is waited for in vain
    await page.bringToFront().catch(() => undefined);
    await page.screenshot({ path: `${file}.png` }).catch(() => undefined);
  }
}
