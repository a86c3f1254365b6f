import { type ApiFault, type ApiResult, isRetryable, maxOutliving } from "@/api";
import { differences } from "@/core/plan";
import { type Draft, type DraftKind, type DraftShelf } from "./drafts";
import { type LeftDraft, type Standing, type Version } from "./standing";
import { autosaveTexts } from "@/messages/en/sync/view";

/** A document on screen. */
export type OnScreen<Doc> = {
  readonly read: () => Standing<Doc> & { readonly present: Doc };
  readonly set: (patch: Partial<Standing<Doc>>) => void;
  /** Takes in a whole document from elsewhere, as one step of undo. */
  readonly adopt: (document: Doc) => void;
  /** Told after every change of the present document. */
  readonly subscribe: (changed: () => void) => () => void;
};

/** The same document on the server. */
export type OnServer<Doc> = {
  /** Writes over the revision given; `outlive` in a way that may outlive the page, which small documents only can. */
  readonly replace: (
    revision: number,
    document: Doc,
    outlive: boolean,
  ) => Promise<ApiResult<{ readonly revision: number }>>;
  /** What lies there now; asked after a stale write, with what was said of it. */
  readonly theirs: (fault: ApiFault | null) => Promise<ApiResult<Version<Doc>>>;
  /** Keeps a version as a document of its own; tells its id. */
  readonly create: (document: Doc) => Promise<ApiResult<{ readonly id: string }>>;
};

type Parts<Doc> = {
  readonly kind: DraftKind;
  readonly documentId: string;
  /** what the person calls it: "plan" */ readonly noun: string;
  readonly screen: OnScreen<Doc>;
  readonly server: OnServer<Doc>;
  readonly drafts: DraftShelf;
  /** A draft's document, or null for one that no longer reads, which stays where it is. */
  readonly readDraft: (document: unknown) => Doc | null;
  /** Told of every revision the server has taken. */
  readonly tell: (revision: number) => void;
  readonly wait: (ms: number) => Promise<void>;
};

export type Autosave<Doc> = {
  readonly stop: () => void;
  /** Saves at once: `outlive` in a way that may outlive the page, which small documents only can. */
  readonly flush: (outlive: boolean) => void;
  /** Ends when nothing is left to save, or when saving has to wait for the person. */
  readonly settled: () => Promise<void>;
  /** Another tab saved a revision of it. */
  readonly heard: (revision: number) => Promise<void>;
  /** After a stale write: show the other version instead (ours stays one undo away). */
  readonly takeTheirs: () => void;
  /** After a stale write: save ours as the next revision, knowingly. */
  readonly keepMine: () => void;
  /** After a stale write: save a document put together from both, as the revision after theirs. */
  readonly merge: (document: Doc) => void;
  /** Brings back what a page that is gone left unsaved; where the document has moved on since, as a conflict. */
  readonly bringBack: (key: string) => void;
  /** Lets go of what a page that is gone left unsaved. */
  readonly discard: (key: string) => void;
  /** Keeps a version as a document of its own: what a page left, or what is on screen. Its id, or null where that failed. */
  readonly saveAsNew: (key: string | null) => Promise<string | null>;
};

const pauseMs = 350;
const retryMs = 2000;

/**
 * Saves a document by itself: shortly after the last change, one request at a time, never over a revision this page has not
 * seen. Until the server has acknowledged, the document is also kept as a draft in the browser under this page's name, with
 * the revision it was made from, so that closing the page or losing the server loses nothing.
 */
export function startAutosave<Doc>(parts: Parts<Doc>): Autosave<Doc> {
  const { kind, documentId, noun, screen, server, drafts, readDraft, tell, wait } = parts;
  let working: Promise<void> | null = null;
  let stopped = false;

  const dirty = () => screen.read().present !== screen.read().acknowledged;
  const waitsForPerson = () => ["stale", "gone"].includes(screen.read().save.type);
  const due = () => !stopped && dirty() && !waitsForPerson();
  function work(): Promise<void> {
    if (working === null && due()) working = saveAll();
    return working ?? Promise.resolve();
  }

  function keepDraft(): void {
    const { revision, present } = screen.read();
    drafts.keep({ kind, documentId, revision, document: present });
  }
  const dropDraft = () => drafts.drop(kind, documentId);

  function acknowledge(revision: number, sent: Doc): void {
    const unchanged = screen.read().present === sent;
    screen.set({ revision, acknowledged: sent, save: { type: unchanged ? "saved" : "unsaved" } });
    if (unchanged) dropDraft();
    else keepDraft();
    tell(revision);
  }

  async function saveAll(): Promise<void> {
    while (due()) {
      const settled = screen.read().present;
      await wait(screen.read().save.type === "unreachable" ? retryMs : pauseMs);
      if (settled !== screen.read().present && screen.read().save.type !== "unreachable") continue;
      if (stopped || waitsForPerson()) break;
      const { revision, present: sent } = screen.read();
      // while the server is away its reason stays on screen
      if (screen.read().save.type !== "unreachable") screen.set({ save: { type: "saving" } });
      const result = await server.replace(revision, sent, false);
      if (result.type === "ok") acknowledge(result.value.revision, sent);
      else if (!(await worthAnotherTry(result.fault))) break;
    }
    working = null;
  }

  async function worthAnotherTry(fault: ApiFault): Promise<boolean> {
    const { message, changed } = fault;
    if (fault.type === "stale") {
      const theirs = await server.theirs(fault);
      if (theirs.type === "fault") return worthAnotherTry(theirs.fault);
      screen.set({ save: { type: "stale", theirs: theirs.value, changed } });
    } else if (fault.type === "notFound") screen.set({ save: { type: "gone", message } });
    else screen.set({ save: { type: isRetryable(fault) ? "unreachable" : "refused", message } });
    // what the server will not have is not sent again until it changes
    return screen.read().save.type !== "refused";
  }

  const unsubscribe = screen.subscribe(() => {
    const { save } = screen.read();
    if (!dirty()) {
      if (save.type !== "unsaved") return;
      dropDraft();
      screen.set({ save: { type: "saved" } });
      return;
    }
    keepDraft();
    if (save.type === "saved" || save.type === "refused") screen.set({ save: { type: "unsaved" } });
    void work();
  });

  void findLeft();

  /** Looks twice: a page that was closed a moment ago may still count as open. */
  async function findLeft(): Promise<void> {
    const seen = new Set<string>();
    for (let look = 1; look <= 2; look++) {
      await lookForLeft(seen);
      // from now on this page's own draft is what stands on screen
      seen.add(drafts.ownKey(kind, documentId));
      await wait(retryMs);
      if (stopped) return;
    }
  }

  /** Drafts left by pages that closed before they were answered. One that only adds to the document as it is comes back by itself. */
  async function lookForLeft(seen: Set<string>): Promise<void> {
    const found = (await drafts.left(kind, documentId))
      .filter(({ key }) => !seen.has(key))
      .flatMap((draft) => readLeft(draft, readDraft) ?? []);
    for (const { key } of found) seen.add(key);
    const { acknowledged, revision, left } = screen.read();
    const news = found.filter(({ key, document }) => {
      if (differences(acknowledged, document, 1).length > 0) return true;
      // it had been saved after all
      drafts.remove(key);
      return false;
    });
    const [only, ...more] = [...left, ...news];
    if (only === undefined || news.length === 0 || stopped) return;
    if (more.length === 0 && only.revision === revision && !dirty()) {
      screen.set({ notice: autosaveTexts.changesThatWereNotSavedWhenThe });
      takeOver(only);
      return;
    }
    screen.set({ left: [only, ...more] });
    if (more.length === 0 && !dirty()) bringBack(only.key);
  }

  /** A left draft becomes this page's own. */
  function takeOver({ key, document }: LeftDraft<Doc>): void {
    screen.adopt(document);
    keepDraft();
    forget(key);
  }

  function forget(key: string): void {
    if (key !== drafts.ownKey(kind, documentId) || !dirty()) drafts.remove(key);
    screen.set({ left: screen.read().left.filter((draft) => draft.key !== key) });
  }

  function bringBack(key: string): void {
    const draft = screen.read().left.find((each) => each.key === key);
    if (draft === undefined) return;
    const { revision, acknowledged } = screen.read();
    if (draft.revision !== revision)
      // its revision stays with it until the person has chosen
      screen.set({
        revision: draft.revision,
        save: { type: "stale", theirs: { revision, document: acknowledged }, changed: null },
      });
    takeOver(draft);
  }

  /** Saves a document over a version now seen; when it is that version, there is nothing to save. */
  function settleOn(document: Doc): void {
    const { save } = screen.read();
    if (save.type !== "stale") return;
    if (differences(save.theirs.document, document, 1).length === 0) return takeServerVersion();
    const { revision, document: acknowledged } = save.theirs;
    screen.set({ revision, acknowledged, save: { type: "unsaved" } });
    screen.adopt(document);
    keepDraft();
    void work();
  }

  function takeServerVersion(): void {
    const { save } = screen.read();
    if (save.type === "stale") takeIn(save.theirs, autosaveTexts.theOtherVersionIsLoadedUndo);
  }

  function takeIn({ revision, document }: Version<Doc>, notice: string): void {
    screen.set({ revision, acknowledged: document, save: { type: "saved" }, notice });
    dropDraft();
    screen.adopt(document);
  }

  return {
    stop: () => {
      stopped = true;
      unsubscribe();
    },
    flush: (outlive) => {
      const { revision, present: sent, save } = screen.read();
      if (save.type !== "unsaved" || (outlive && JSON.stringify(sent).length > maxOutliving)) return;
      // the answer may never be read; the draft stays, and is dropped on return when it matches
      void server.replace(revision, sent, outlive).then((result) => {
        if (result.type === "ok") acknowledge(result.value.revision, sent);
      });
    },
    settled: work,
    heard: async (revision) => {
      if (revision <= screen.read().revision || dirty()) return;
      const result = await server.theirs(null);
      if (result.type === "fault" || dirty() || result.value.revision <= screen.read().revision) return;
      takeIn(result.value, autosaveTexts.thisNounWasChangedInAnotherTab(noun));
    },
    takeTheirs: takeServerVersion,
    keepMine: () => settleOn(screen.read().present),
    merge: settleOn,
    bringBack,
    discard: forget,
    saveAsNew: async (key) => {
      const draft = screen.read().left.find((each) => each.key === key);
      if (key !== null && draft === undefined) return null;
      const result = await server.create(draft?.document ?? screen.read().present);
      if (result.type === "fault") {
        screen.set({ notice: result.fault.message });
        return null;
      }
      if (draft === undefined) dropDraft();
      else forget(draft.key);
      return result.value.id;
    },
  };
}

function readLeft<Doc>(draft: Draft, readDraft: (document: unknown) => Doc | null): LeftDraft<Doc> | null {
  const { key, revision, atMs } = draft;
  const document = readDraft(draft.document);
  return document === null ? null : { key, revision, atMs, document };
}
