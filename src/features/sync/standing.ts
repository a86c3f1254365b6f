/** A version of a document that the server has. */
export type Version<Doc> = { readonly revision: number; readonly document: Doc };

/** How the document on screen stands to the one on disk. */
export type SaveState<Doc> =
  | { readonly type: "saved" }
  | { readonly type: "unsaved" }
  | { readonly type: "saving" }
  | { readonly type: "unreachable"; readonly message: string }
  | { readonly type: "refused"; readonly message: string }
  /** Deleted elsewhere while it was open here. */
  | { readonly type: "gone"; readonly message: string }
  | { readonly type: "stale"; readonly theirs: Version<Doc>; readonly changed: readonly string[] | null };

/** What a page that is gone left unsaved of a document: when, and the revision it was made from. */
export type LeftDraft<Doc> = {
  readonly key: string;
  readonly revision: number;
  readonly atMs: number;
  readonly document: Doc;
};

/** What a page knows of a document that is saved by itself. */
export type Standing<Doc> = {
  /** The revision the document on screen was last known to follow. */
  readonly revision: number;
  /** The document as last acknowledged by the server. */
  readonly acknowledged: Doc;
  readonly save: SaveState<Doc>;
  /** Drafts that other pages left, until the person has chosen what becomes of each. */
  readonly left: readonly LeftDraft<Doc>[];
  /** Something the person should hear once, such as another tab's change having been taken in. */
  readonly notice: string | null;
};

export function standingOf<Doc>({ revision, document }: Version<Doc>): Standing<Doc> {
  return { revision, acknowledged: document, save: { type: "saved" }, left: [], notice: null };
}
