import { type DBSchema, openDB } from "idb";
import { type MeasuredRecord } from "@/core/measurements";
import { opened } from "./opened";

/** A reading on its way to the server, or with null one that is taken out; kept on this device until it is acknowledged. */
export type QueuedWrite = {
  readonly key: string;
  readonly planId: string;
  readonly readingId: string;
  readonly reading: MeasuredRecord | null;
  readonly atMs: number;
};

/** Where letters wait. `put` resolves once it is on the device, whatever becomes of the page. */
export type OutboxShelf = {
  readonly put: (letter: QueuedWrite) => Promise<void>;
  readonly drop: (letter: QueuedWrite) => Promise<void>;
  readonly of: (planId: string) => Promise<QueuedWrite[]>;
};

interface Schema extends DBSchema {
  letters: { key: string; value: QueuedWrite; indexes: { planId: string } };
}

/** The outbox of this browser, in a database of its own, written through to the disk. */
export function openOutbox(): OutboxShelf {
  const opening = opened(() =>
    openDB<Schema>("golden-array-outbox", 1, {
      upgrade: (db) => db.createObjectStore("letters", { keyPath: "key" }).createIndex("planId", "planId"),
    }),
  );
  const write = async (work: "put" | "drop", letter: QueuedWrite) => {
    const db = await opening;
    // strict: a browser that is killed in the next moment has it all the same
    const trx = db.transaction("letters", "readwrite", { durability: "strict" });
    if (work === "put") await trx.store.put(letter);
    else {
      const now = await trx.store.get(letter.key);
      // another page may have put something newer under the key meanwhile
      if (now !== undefined && now.atMs === letter.atMs) await trx.store.delete(letter.key);
    }
    await trx.done;
  };
  return {
    put: (letter) => write("put", letter),
    drop: (letter) => write("drop", letter),
    of: async (planId) => (await opening).getAllFromIndex("letters", "planId", planId),
  };
}
