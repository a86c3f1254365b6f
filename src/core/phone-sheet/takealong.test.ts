import { codesOf, joinCodes, maxCodeBytes } from "./qr-chunks";
import { recordSchema } from "../measurements";
import { demoPlan, createRandom, runs } from "@/testing";
import { type Home, hoursDue, readHome, readKey, recordsOfHome } from ".";
import { parseReadKey } from "./home";

const home: Home = {
  format: "golden-array-sheet",
  version: 1,
  sheet: "k3j9",
  plan: "p",
  wiring: "w",
  ticks: [
    ["mount:f1", "clean", "2026-05-01T10:00:00.000Z"],
    ["Connecting it", "Battery first: join it, minus and plus.", "2026-05-01T10:05:00.000Z"],
  ],
  measures: [["f1/roofHole/first", 1204, 333.5, "2026-05-01T09:00:00.000Z"]],
  reads: [
    ["station/p2/panel:roof.3/openV", 24.1, "2026-05-01T11:00:00.000Z"],
    ["station/p2/row:2./shortA", -8.1, "2026-05-01T11:01:00.000Z"],
  ],
  log: [[212, "clear", 61, "2026-05-01T12:00:00.000Z"]],
};

test("codes of any text come together again in any order, and none is larger than a camera reads", () => {
  const draw = createRandom(19);
  for (let k = 0; k < runs(60); k++) {
    const text = Array.from({ length: draw.whole(0, 9000) }, () => String.fromCharCode(draw.whole(32, 126))).join("");
    const codes = codesOf(text);
    expect(Math.max(...codes.map((code) => code.length))).toBeLessThanOrEqual(maxCodeBytes);
    expect(joinCodes([...codes].reverse())).toEqual({ type: "whole", text });
    if (codes.length > 1)
      expect(joinCodes(codes.slice(1))).toEqual({ type: "missing", numbers: [1], all: codes.length });
    expect(joinCodes([...codes, ...codesOf(`${text}x`)]).type).toBe("mixed");
  }
  expect(joinCodes(["https://example.org"])).toEqual({ type: "none" });
  // one letter read wrong is seen
  expect(joinCodes(codesOf("watts 212").map((code) => code.replace("212", "272"))).type).toBe("mixed");
});

test("what came home is records that may be kept, the same each time it is read", () => {
  const read = readHome(JSON.stringify(home));
  if (read.type !== "home") throw new Error(read.problem);
  const records = recordsOfHome(read.home);
  // ticks of a fixing belong to the plan
  expect(records.map(({ kind }) => kind)).toEqual(["tick", "prove", "prove", "log"]);
  expect(records.map((record) => recordSchema.parse(record))).toEqual(records);
  expect(recordsOfHome(read.home)).toEqual(records);
  expect(new Set(records.map(({ id }) => id)).size).toBe(records.length);
});

test("a place goes into a key and comes out of it; what is none is left out", () => {
  for (const place of [
    { type: "panel", panelId: "roof", piece: 3 },
    { type: "string", stringId: null, n: 2 },
    { type: "string", stringId: "row-9", n: 1 },
    { type: "array" },
    { type: "input" },
  ] as const) {
    const at = { inputId: "station", portId: "p2", place, quantity: "openV" } as const;
    expect(parseReadKey(readKey(at))).toEqual(at);
  }
  for (const key of ["", "a/b/panel:x/openV", "a/b/array/watts", "a/b/array/openV/more", "a b/c/array/openV"])
    expect(parseReadKey(key)).toBeNull();
});

test.each([
  ["no JSON", "{", ""],
  ["another format", JSON.stringify({ ...home, format: "x" }), "format"],
  ["a newer version", JSON.stringify({ ...home, version: 2 }), "version"],
  ["more than it may hold", JSON.stringify({ ...home, extra: 1 }), ""],
  [
    "a text for a number",
    JSON.stringify({ ...home, reads: [["a/b/array/openV", "12", home.log[0]?.[3]]] }),
    "reads.0.1",
  ],
])("%s is refused by its place", (_, text, path) => {
  expect(readHome(text)).toMatchObject({ type: "unreadable", path });
});

test("hours have light, more of it towards noon, and under cloud less in every one", () => {
  const steps = hoursDue(demoPlan("The Lantern"), "everyday", Date.UTC(2026, 5, 20, 22), 1, 0);
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  expect(step.value.length).toBe(2);
  for (const { hours } of step.value) {
    expect(hours.length).toBeGreaterThan(12);
    expect(hours.every(({ clearW, overcastW }) => overcastW < clearW)).toBe(true);
    const brightest = hours.reduce((best, hour) => (hour.lightWm2 > best.lightWm2 ? hour : best));
    expect(Math.abs(new Date(brightest.atMs).getUTCHours() - 12)).toBeLessThanOrEqual(1);
    expect(brightest.clearW).toBeGreaterThan(0.9 * Math.max(...hours.map(({ clearW }) => clearW)));
  }
});
