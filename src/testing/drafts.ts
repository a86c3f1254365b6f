type Kept = {
  readonly key: string;
  readonly kind: "plan" | "panel" | "input";
  readonly documentId: string;
  readonly page: string;
  readonly revision: number;
  readonly document: unknown;
  readonly atMs: number;
};
type Given = Pick<Kept, "kind" | "documentId" | "revision" | "document">;

/** A shelf of drafts in memory, as one page sees it: its own draft is "own", those of pages that are gone "left 0", "left 1"… */
export function fakeDraftStore(...left: readonly Given[]) {
  const kept = new Map<string, Kept>();
  const put = (key: string, given: Given) => void kept.set(key, { ...given, key, page: key, atMs: 0 });
  for (const [k, given] of left.entries()) put(`left ${k}`, given);
  const shelf = {
    keep: (given: Given) => put("own", given),
    drop: () => void kept.delete("own"),
    left: () => Promise.resolve([...kept.values()].filter(({ key }) => key !== "own")),
    remove: (key: string) => void kept.delete(key),
    ownKey: () => "own",
  };
  return { kept, shelf };
}
