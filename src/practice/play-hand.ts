import { type HandCase, type Shown, type Verdict } from "./case";

export type HandTold =
  | { readonly type: "done"; readonly shows: Shown | null; readonly verdict: Verdict | null }
  /** Not possible yet; nothing is lost. */
  | { readonly type: "notYet"; readonly missing: string };
export type HandPlay = {
  readonly act: (id: string) => HandTold;
  readonly done: () => readonly string[];
};

/** Work by hand: each thing is done once; what is done too early and cannot be undone ends it. */
export function playHand({ deeds, goal }: HandCase): HandPlay {
  const done: string[] = [];
  return {
    done: () => done,
    act: (id) => {
      const deed = deeds.find((each) => each.id === id);
      if (deed === undefined) throw new Error(`no deed "${id}" in this drill`);
      const failed = (by: Extract<Verdict, { type: "failed" }>["by"]): HandTold => ({
        type: "done",
        shows: deed.shows,
        verdict: { type: "failed", by },
      });
      if (deed.isWrong) return failed({ type: "wrongDeed", deed: id });
      const missing = deed.needs.find((need) => !done.includes(need));
      if (missing !== undefined)
        return deed.early === "fails" ? failed({ type: "early", deed: id, missing }) : { type: "notYet", missing };
      if (!done.includes(id)) done.push(id);
      const isMade = goal.every((each) => done.includes(each));
      return { type: "done", shows: deed.shows, verdict: isMade ? { type: "solved", by: { type: "made" } } : null };
    },
  };
}
