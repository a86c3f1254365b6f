import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { planFileText } from "@/core/plan";
import { demoPlan } from "@/testing";
// the build of the server's parts is a script, which has no door

import { bundle } from "../../../scripts/serving/bundle-server.mjs";
import { createReader, type Reader } from "./worker-pool";

let dir: string;
beforeAll(async () => {
  dir = mkdtempSync(path.join(os.tmpdir(), "golden-array-reader-"));
  await bundle("src/server/reader/reader.worker.ts", path.join(dir, "reader.mjs"));
  // modules that do what a file must not bring about
  writeFileSync(path.join(dir, "endless.mjs"), "export default () => { for (;;); };");
  writeFileSync(
    path.join(dir, "hungry.mjs"),
    "export default () => { const kept = []; for (;;) kept.push(new Array(1e5).fill({})); };",
  );
});
afterAll(() => rmSync(dir, { recursive: true, force: true }));

async function using<T>(module: string, work: (reader: Reader) => Promise<T>): Promise<T> {
  const reader = createReader({ file: path.join(dir, module), maxMs: 1500, maxMb: 32 });
  try {
    return await work(reader);
  } finally {
    await reader.end();
  }
}

test("a file is read in its thread as it is here, good or bad", async () => {
  const plan = demoPlan("The Lantern");
  await using("reader.mjs", async ({ read }) => {
    expect(await read(planFileText(plan))).toEqual({ type: "plan", plan, weather: null, photos: [], readings: [] });
    expect(await read("{")).toMatchObject({ type: "fault", fault: { type: "notJson" } });
    expect(await read("[".repeat(200_000))).toMatchObject({ type: "fault" });
    expect(
      await read(`{"format":"golden-array-plan","version":1,"a":${"[".repeat(20_000)}${"]".repeat(20_000)}}`),
    ).toMatchObject({
      fault: { type: "invalid", problem: "nested deeper than 200 lists and objects" },
    });
  });
});

test.each([
  ["takes too long", "endless.mjs", /longer than 1\.5 seconds/],
  ["takes too much memory", "hungry.mjs", /more than 32 MB|longer than/],
])("a file that %s is refused, while this thread goes on", async (_, module, detail) => {
  let turns = 0;
  const turning = setInterval(() => (turns += 1), 10);
  try {
    const found = await using(module, ({ read }) => read("{}"));
    expect(found).toMatchObject({
      type: "fault",
      fault: { type: "tooCostly", detail: expect.stringMatching(detail) as string },
    });
    expect(turns).toBeGreaterThan(3);
  } finally {
    clearInterval(turning);
  }
});
