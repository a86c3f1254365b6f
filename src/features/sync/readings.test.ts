import { type ApiResult } from "@/api";
import { type MeasuredRecord, unsaidSky } from "@/core/measurements";
import { type QueuedWrite, type OutboxShelf } from "./outbox";
import { startReadings } from "./readings";

function reading(id: string, value = 21.4): MeasuredRecord {
  return {
    id,
    kind: "prove",
    atUtc: `2026-05-01T10:00:0${id.length % 10}Z`,
    wiringId: "w",
    inputId: "i",
    portId: "p",
    place: { type: "panel", panelId: "roof", piece: 1 },
    quantity: "openV",
    value,
    sky: unsaidSky,
    due: null,
    lightWm2: null,
    by: "",
    source: "typed",
  };
}

/** A device whose outbox outlives the page, and a server that may be gone. */
function world() {
  const kept = new Map<string, QueuedWrite>();
  const stored = new Map<string, MeasuredRecord>();
  const way = { isOpen: true, answers: true, refuses: false, calls: 0 };
  const outbox: OutboxShelf = {
    put: async (letter) => void kept.set(letter.key, letter),
    drop: async ({ key }) => void kept.delete(key),
    of: async () => [...kept.values()],
  };
  const gone = {
    type: "fault",
    fault: { type: "unreachable", message: "no answer", path: null, current: null, changed: null, whole: null },
  } as const;
  const refused = { type: "fault", fault: { ...gone.fault, type: "invalid", message: "not so" } } as const;
  const via = async <T>(work: () => T): Promise<ApiResult<T>> => {
    way.calls += 1;
    if (!way.isOpen) return gone;
    if (way.refuses) return refused;
    const value = work();
    return way.answers ? { type: "ok", value } : gone;
  };
  const client = {
    list: () => via(() => ({ records: [...stored.values()], spoiled: 0 })),
    put: (_: string, each: MeasuredRecord) => via(() => (stored.set(each.id, each), null)),
    putMany: (_: string, all: readonly MeasuredRecord[]) =>
      via(() => (all.forEach((each) => stored.set(each.id, each)), null)),
    remove: (_: string, id: string) => via(() => (stored.delete(id), null)),
  };
  let time = 0;
  const waits: (() => void)[] = [];
  const open = () =>
    startReadings({
      planId: "plan",
      client,
      outbox,
      now: () => ++time,
      wait: () => new Promise((resolve) => waits.push(resolve)),
    });
  const passTime = async () => {
    for (const each of waits.splice(0)) each();
    await new Promise((resolve) => setTimeout(resolve, 0));
  };
  return { kept, stored, way, open, passTime };
}
const ids = (records: readonly MeasuredRecord[] | null) => records?.map(({ id }) => id) ?? null;
const settle = () => new Promise((resolve) => setTimeout(resolve, 0));

test("a reading is on the device before it is sent, and leaves it when it is acknowledged", async () => {
  const { kept, stored, open } = world();
  const page = open();
  const adding = page.add(reading("a"));
  await adding;
  expect(kept.size).toBe(1);
  await page.settled();
  expect([...stored.keys()]).toEqual(["a"]);
  expect(kept.size).toBe(0);
  expect(page.store.getState().waiting.size).toBe(0);
});

test("with the server gone readings wait, outlive the page, and are sent by the next", async () => {
  const { kept, stored, way, open, passTime } = world();
  const page = open();
  await page.settled();
  way.isOpen = false;
  await page.add(reading("a"));
  await page.add(reading("bb"));
  await settle();
  expect(ids(page.store.getState().records)).toEqual(["a", "bb"]);
  expect(page.store.getState()).toMatchObject({ isKept: true, fault: "no answer" });
  // the browser is killed
  page.stop();
  expect(kept.size).toBe(2);
  const next = open();
  await settle();
  expect(ids(next.store.getState().records)).toEqual(["a", "bb"]);
  way.isOpen = true;
  await passTime();
  await next.settled();
  expect([...stored.keys()]).toEqual(["a", "bb"]);
  expect(kept.size).toBe(0);
});

test("an answer that is lost doubles nothing", async () => {
  const { stored, way, open, passTime } = world();
  const page = open();
  await page.settled();
  way.answers = false;
  await page.add(reading("a"));
  await settle();
  expect(stored.size).toBe(1);
  way.answers = true;
  await passTime();
  await page.settled();
  expect(ids(page.store.getState().records)).toEqual(["a"]);
});

test("what the server refuses stays on the device and is told; taken out, it is gone everywhere", async () => {
  const { kept, stored, way, open } = world();
  const page = open();
  await page.settled();
  way.refuses = true;
  await page.add(reading("a"));
  await page.settled();
  expect(page.store.getState().fault).toBe("not so");
  expect(kept.size).toBe(1);
  way.refuses = false;
  await page.remove("a");
  await page.settled();
  expect(ids(page.store.getState().records)).toEqual([]);
  expect([kept.size, stored.size]).toEqual([0, 0]);
});

test("many out of a file come all at once, or none with why", async () => {
  const { stored, way, open } = world();
  const page = open();
  await page.settled();
  way.refuses = true;
  expect(await page.addMany([reading("a"), reading("bb")])).toBe("not so");
  expect(ids(page.store.getState().records)).toEqual([]);
  way.refuses = false;
  for (let k = 0; k < 2; k++) expect(await page.addMany([reading("a"), reading("bb")])).toBeNull();
  expect(ids(page.store.getState().records)).toEqual(["a", "bb"]);
  expect(stored.size).toBe(2);
});
