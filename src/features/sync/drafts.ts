import { type DBSchema, type IDBPDatabase, openDB } from "idb";
import { createStore } from "zustand/vanilla";
import { newId } from "@/ui";
import { opened } from "./opened";

/** What may be kept unsaved: a plan, or a sheet of one of the library's shelves. */
export type DraftKind = "plan" | "panel" | "input";

/** A document as it stands in some page of this browser, not yet acknowledged by the server. */
export type Draft = {
  readonly key: string;
  readonly kind: DraftKind;
  readonly documentId: string;
  /** The page it was typed in; a page is gone once it is closed or loaded again. */
  readonly page: string;
  /** The revision of the document it was made from. */
  readonly revision: number;
  readonly document: unknown;
  readonly atMs: number;
};

/** Where drafts are kept. Nothing leaves it but by `drop` and `remove`. */
export type DraftShelf = {
  /** Keeps this page's draft of a document, in place of an earlier one. */
  readonly keep: (draft: Pick<Draft, "kind" | "documentId" | "revision" | "document">) => void;
  /** Drops this page's draft of a document: it is on disk, or was refused by hand. */
  readonly drop: (kind: DraftKind, documentId: string) => void;
  /** Drafts that pages which are gone left behind, newest first; of one document, or of all. */
  readonly left: (kind: DraftKind, documentId: string | null) => Promise<Draft[]>;
  readonly remove: (key: string) => void;
  /** The key of this page's own draft of a document. */
  readonly ownKey: (kind: DraftKind, documentId: string) => string;
};

interface Schema extends DBSchema {
  drafts: { key: string; value: Draft; indexes: { kind: DraftKind } };
}

const lockName = (page: string) => `golden-array-page:${page}`;

/**
 * The drafts of this browser, in its own database. Each page holds a lock under its name for as long as it lives, so that any
 * later page can tell whose drafts were left behind. Writes go one after another; of several waiting for one draft the last.
 */
export function openDraftShelf(): DraftShelf {
  const page = newId();
  const alive = holdLock(page);
  const opening = opened(() =>
    openDB<Schema>("golden-array", 1, {
      upgrade: (db) => db.createObjectStore("drafts", { keyPath: "key" }).createIndex("kind", "kind"),
    }),
  );
  const inJournal = new Set<string>();
  const waiting = new Map<string, Draft | null>();
  let working: Promise<void> | null = null;

  async function write(): Promise<void> {
    for (let next = firstOf(waiting); next !== null; next = firstOf(waiting)) {
      const [key, draft] = next;
      waiting.delete(key);
      try {
        const db = await opening;
        if (draft === null) await db.delete("drafts", key);
        else await db.put("drafts", draft);
        if (!waiting.has(key)) unnote(key);
        inJournal.delete(key);
        keeping.setState({ isKept: true });
      } catch {
        // no room, or a browser that keeps nothing: said, unless the small storage has it
        if (draft !== null && !waiting.has(key)) keeping.setState({ isKept: inJournal.has(key) });
      }
    }
    working = null;
  }
  const put = (key: string, draft: Draft | null) => {
    waiting.set(key, draft);
    working ??= write();
  };
  for (const old of oldDrafts()) put(old.key, old);
  const keyOf = (kind: DraftKind, documentId: string) => `${kind}:${documentId}:${page}`;

  return {
    keep: ({ kind, documentId, revision, document }) => {
      const key = keyOf(kind, documentId);
      const draft = { key, kind, documentId, page, revision, document, atMs: Date.now() };
      if (note(draft)) inJournal.add(key);
      else inJournal.delete(key);
      put(key, draft);
    },
    drop: (kind, documentId) => put(keyOf(kind, documentId), null),
    left: async (kind, documentId) => {
      await alive;
      await working;
      const living = await livingPages();
      for (const draft of noted()) if (!living.has(draft.page)) put(draft.key, draft);
      await working;
      const all = await readAll(opening, kind);
      return all
        .filter((draft) => documentId === null || draft.documentId === documentId)
        .filter((draft) => draft.page === page || !living.has(draft.page))
        .sort((a, b) => b.atMs - a.atMs);
    },
    remove: (key) => put(key, null),
    ownKey: keyOf,
  };
}

/** Whether what was last typed in this page is kept in this browser: it may have no room, or keep nothing at all. */
export const keeping = createStore<{ readonly isKept: boolean }>(() => ({ isKept: true }));

let shelf: DraftShelf | null = null;

/** The one shelf of this page. */
export function draftShelf(): DraftShelf {
  return (shelf ??= openDraftShelf());
}

const journalPrefix = "golden-array-journal:";
/** A draft this large is not noted: that would take time from the typing. */
const maxNoted = 300_000;

/**
 * The browser's database takes a moment, and a page may end within it: until a draft is there it is noted in the small storage,
 * which holds at once.
 */
function note(draft: Draft): boolean {
  try {
    const text = JSON.stringify(draft);
    if (text.length > maxNoted) return false;
    window.localStorage.setItem(`${journalPrefix}${draft.key}`, text);
    return true;
  } catch {
    // full or forbidden: the database will have to do
    return false;
  }
}

function unnote(key: string): void {
  try {
    window.localStorage.removeItem(`${journalPrefix}${key}`);
  } catch {
    // forbidden: then nothing was noted
  }
}

function noted(): Draft[] {
  try {
    const keys = Object.keys(window.localStorage).filter((key) => key.startsWith(journalPrefix));
    return keys.map((key) => JSON.parse(window.localStorage.getItem(key) ?? "") as Draft);
  } catch {
    return [];
  }
}

const oldPrefix = "golden-array-draft:";

/** Drafts of plans as versions before this one kept them, in the browser's small storage; taken over once. */
function oldDrafts(): Draft[] {
  try {
    const keys = Object.keys(window.localStorage).filter((key) => key.startsWith(oldPrefix));
    return keys.flatMap((key): Draft[] => {
      const text = window.localStorage.getItem(key) ?? "";
      window.localStorage.removeItem(key);
      const documentId = key.slice(oldPrefix.length);
      const { revision, plan } = JSON.parse(text) as { revision: number; plan: string };
      const document: unknown = JSON.parse(plan);
      return [
        {
          key: `plan:${documentId}:before`,
          kind: "plan",
          documentId,
          page: "before",
          revision,
          document,
          atMs: Date.now(),
        },
      ];
    });
  } catch {
    // nothing kept, or nothing that reads
    return [];
  }
}

async function readAll(opening: Promise<IDBPDatabase<Schema>>, kind: DraftKind): Promise<Draft[]> {
  try {
    return await (await opening).getAllFromIndex("drafts", "kind", kind);
  } catch {
    return [];
  }
}

function firstOf<K, V>(map: ReadonlyMap<K, V>): [K, V] | null {
  for (const entry of map) return entry;
  return null;
}

/** Resolves once the lock is held; it is let go when the page ends. */
function holdLock(page: string): Promise<void> {
  // without a secure connection a browser has no locks: all other pages then count as gone
  if (!("locks" in navigator)) return Promise.resolve();
  return new Promise((held) => {
    navigator.locks
      .request(lockName(page), () => {
        held();
        return new Promise(() => undefined);
      })
      // shut off with all else a site may keep
      .catch(() => held());
  });
}

async function livingPages(): Promise<ReadonlySet<string>> {
  if (!("locks" in navigator)) return new Set();
  const { held = [] } = await navigator.locks.query().catch((): LockManagerSnapshot => ({}));
  const start = lockName("");
  return new Set(held.flatMap(({ name }) => (name?.startsWith(start) === true ? [name.slice(start.length)] : [])));
}
