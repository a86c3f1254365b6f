import { mkdtempSync, readFileSync, statSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { codeMs, maxTries, Phones } from "./phones";
import { phonesFile } from "./file";

function started(dir = mkdtempSync(path.join(os.tmpdir(), "golden-array-phones-"))) {
  const clock = { nowMs: 1_000_000 };
  const phones = new Phones(phonesFile(dir), () => clock.nowMs);
  const wrongFor = (digits: string, k: number) => String((Number(digits) + 1 + k) % 1e8).padStart(8, "0");
  return { clock, phones, dir, wrongFor, file: path.join(dir, "phones.json") };
}

test("a code lets one phone in, typed with a space or without, and none after it", () => {
  const { phones } = started();
  const { digits } = phones.makeCode();
  const first = phones.pair(`${digits.slice(0, 4)} ${digits.slice(4)}`, "Phone");
  expect([first.type, phones.list().length, phones.codeUntilMs()]).toEqual(["paired", 1, null]);
  expect(phones.pair(digits, "Another")).toMatchObject({ type: "refused", why: "noCode" });
});

test("10 000 wrong codes get nowhere: the fifth voids the code, and the right one comes too late", () => {
  const { phones, wrongFor } = started();
  const { digits } = phones.makeCode();
  const said = Array.from({ length: 10_000 }, (_, k) => phones.pair(wrongFor(digits, k), "Guess"));
  expect(said.filter(({ type }) => type === "paired")).toEqual([]);
  expect(said.filter((each) => each.type === "refused" && each.why === "wrong").length).toBe(maxTries);
  expect(phones.pair(digits, "Late")).toMatchObject({ type: "refused", why: "noCode" });
  expect(phones.list()).toEqual([]);
});

test("a code is void after two minutes, and when another is made", () => {
  const { phones, clock } = started();
  const old = phones.makeCode();
  const fresh = phones.makeCode();
  if (old.digits !== fresh.digits) expect(phones.pair(old.digits, "Old")).toMatchObject({ why: "wrong" });
  clock.nowMs += codeMs - 1;
  expect(phones.codeUntilMs()).toBe(fresh.untilMs);
  clock.nowMs += 1;
  expect(phones.pair(fresh.digits, "Late")).toMatchObject({ type: "refused", why: "noCode" });
});

test("each phone has a key of its own, known after a start anew, until it is revoked; what lies on disk lets nobody in", () => {
  const { phones, dir, file } = started();
  const keys = ["First", "Second"].map((name) => {
    const result = phones.pair(phones.makeCode().digits, name);
    return result.type === "paired" ? result.key : "";
  });
  expect(new Set(keys).size).toBe(2);
  const text = readFileSync(file, "utf8");
  for (const key of keys) expect(text).not.toContain(key);
  expect(statSync(file).mode & 0o077).toBe(0);
  const again = started(dir).phones;
  expect(keys.map((key) => again.knows(key))).toEqual([true, true]);
  expect(again.revoke(again.list().find(({ name }) => name === "First")?.id ?? "")).toBe(true);
  expect(keys.map((key) => again.knows(key))).toEqual([false, true]);
  expect(keys.map((key) => started(dir).phones.knows(key))).toEqual([false, true]);
  expect(["", "x", text].map((key) => again.knows(key))).toEqual([false, false, false]);
});

test("a file of phones that does not read lets nobody in, is set aside, and keeps nothing from starting", () => {
  const { dir, file } = started();
  writeFileSync(file, '[{"id":"a"');
  const { phones } = started(dir);
  expect(phones.list()).toEqual([]);
  expect(readFileSync(`${file}.unreadable`, "utf8")).toContain('"a"');
});
