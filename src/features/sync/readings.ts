import { createStore, type StoreApi } from "zustand/vanilla";
import { type ApiClient, isRetryable } from "@/api";
import { type MeasuredRecord } from "@/core/measurements";
import { type QueuedWrite, type OutboxShelf } from "./outbox";

/** What is known of a plan's readings: those the server has, and those on their way. */
export type ReadingsState = {
  /** Oldest first; null until the server has answered once. */ readonly records: readonly MeasuredRecord[] | null;
  /** Ids of those not acknowledged yet. */ readonly waiting: ReadonlySet<string>;
  /** Whether what waits is on this device: a browser may keep nothing. */ readonly isKept: boolean;
  /** Why something waits, in a sentence. */ readonly fault: string | null;
  /** How many are spoiled on the server's disk, and not among them. */ readonly spoiled: number;
};

export type Readings = {
  readonly store: StoreApi<ReadingsState>;
  /** Keeps a reading on the device, then sends it; shown at once. */
  readonly add: (reading: MeasuredRecord) => Promise<void>;
  /** Many out of a file, all or none: why they were not taken, or null. They do not wait on the device, as their file does. */
  readonly addMany: (records: readonly MeasuredRecord[]) => Promise<string | null>;
  readonly remove: (id: string) => Promise<void>;
  /** Sends what waits now, as when the way to the server is open again. */
  readonly retry: () => void;
  readonly stop: () => void;
  /** Ends when nothing waits, or nothing more can be done without the person. */ readonly settled: () => Promise<void>;
};

type Parts = {
  readonly planId: string;
  readonly client: ApiClient["readings"];
  readonly outbox: OutboxShelf;
  readonly now: () => number;
  readonly wait: (ms: number) => Promise<void>;
};

const pausesMs = [1000, 2000, 5000, 10_000];

/** The readings of a plan in this page. Nothing that was added is lost: it waits on the device until the server has it. */
export function startReadings({ planId, client, outbox, now, wait }: Parts): Readings {
  const store = createStore<ReadingsState>(() => ({
    records: null,
    waiting: new Set(),
    isKept: true,
    fault: null,
    spoiled: 0,
  }));
  const letters = new Map<string, QueuedWrite>();
  let onServer: readonly MeasuredRecord[] = [];
  let isLoaded = false;
  let isStopped = false;
  let sending: Promise<void> | null = null;
  let awake: (() => void) | null = null;

  const show = (patch: Partial<ReadingsState> = {}) => {
    const coming = [...letters.values()];
    const replaced = new Set(coming.map(({ readingId }) => readingId));
    const all = [...onServer.filter(({ id }) => !replaced.has(id)), ...coming.flatMap(({ reading }) => reading ?? [])];
    store.setState({
      records:
        isLoaded || all.length > 0 ? all.sort((a, b) => (a.atUtc < b.atUtc ? -1 : a.atUtc > b.atUtc ? 1 : 0)) : null,
      waiting: replaced,
      ...patch,
    });
  };

  async function load(): Promise<void> {
    // asked at once: what waits on the device is looked up meanwhile
    let asked = client.list(planId);
    const left = await outbox.of(planId).catch(() => []);
    for (const letter of left) if (!letters.has(letter.key)) letters.set(letter.key, letter);
    show();
    for (let k = 0; !isStopped; k++) {
      const result = await asked;
      if (result.type === "ok") {
        onServer = result.value.records;
        isLoaded = true;
        return show({ spoiled: result.value.spoiled });
      }
      show({ fault: result.fault.message });
      if (!isRetryable(result.fault)) return;
      await pause(k);
      asked = client.list(planId);
    }
  }

  function pause(k: number): Promise<void> {
    const woken = new Promise<void>((resolve) => (awake = resolve));
    return Promise.race([wait(pausesMs[Math.min(k, pausesMs.length - 1)] ?? 0), woken]);
  }

  async function send(): Promise<void> {
    await loading;
    for (let k = 0; !isStopped && letters.size > 0;) {
      const [letter] = [...letters.values()].sort((a, b) => a.atMs - b.atMs);
      if (letter === undefined) return;
      const { reading, readingId } = letter;
      const result = reading === null ? await client.remove(planId, readingId) : await client.put(planId, reading);
      if (result.type === "ok") {
        k = 0;
        // what was acknowledged is the server's, whatever the outbox then does
        onServer = [...onServer.filter(({ id }) => id !== readingId), ...(reading === null ? [] : [reading])];
        if (letters.get(letter.key)?.atMs === letter.atMs) letters.delete(letter.key);
        await outbox.drop(letter).catch(() => undefined);
        show({ fault: null });
        continue;
      }
      show({ fault: result.fault.message });
      if (!isRetryable(result.fault)) return;
      await pause(k++);
    }
  }

  async function post(readingId: string, reading: MeasuredRecord | null): Promise<void> {
    const letter: QueuedWrite = { key: `${planId}/${readingId}`, planId, readingId, reading, atMs: now() };
    letters.set(letter.key, letter);
    const isKept = await outbox.put(letter).then(
      () => true,
      () => false,
    );
    show({ isKept });
    start();
  }

  function start(): void {
    sending ??= send().finally(() => {
      sending = null;
    });
  }

  const loading = load();
  void loading.then(() => {
    if (letters.size > 0) start();
  });
  return {
    store,
    add: (reading) => post(reading.id, reading),
    addMany: async (records) => {
      const result = await client.putMany(planId, records);
      if (result.type === "fault") return result.fault.message;
      const ids = new Set(records.map(({ id }) => id));
      onServer = [...onServer.filter(({ id }) => !ids.has(id)), ...records];
      show();
      return null;
    },
    remove: (id) => post(id, null),
    retry: () => {
      awake?.();
      if (letters.size > 0) start();
    },
    stop: () => {
      isStopped = true;
      awake?.();
    },
    settled: async () => {
      await loading;
      await sending;
    },
  };
}
