import { type Branch, branchesOf, type FuseNet, type FusePanel } from "../../engine/fuse";
import { type Item, type PvString, type PanelRef } from "../../engine/array";
import { isUsed } from "./used";

/** A panel as fuses are judged. */
export type RatedPanel = FusePanel & {
  readonly name: string;
  /** Its label states no max series fuse rating: a usual one is assumed. */ readonly isAssumed: boolean;
};

/** Where a branch stands on its port: a string, or a branch of a parallel group inside one; all counted from 1. */
export type BranchPlace = {
  readonly string: number;
  /** How many strings its port has. */ readonly strings: number;
  readonly inGroup: { readonly group: number; readonly groups: number; readonly branch: number } | null;
};

/** A branch of a wiring, with the string that it is. */
export type WiredBranch = Branch<RatedPanel> & { readonly string: PvString; readonly place: BranchPlace };

/**
 * All branches of a port's strings, groups inside strings included; empty where nothing stands in parallel. Panels taken out are not there,
 * and a group with one branch left is none. Null while a label lacks its Isc.
 */
export function branchesOfStrings(
  strings: readonly PvString[],
  panelOf: (tile: PanelRef) => RatedPanel | null,
): readonly WiredBranch[] | null {
  const used = strings.filter(isUsed);
  const placed: { readonly string: PvString; readonly place: BranchPlace }[] = [];
  const groups = used.map((string) => groupsIn(string.items));
  let isKnown = true;
  const net: FuseNet<RatedPanel> = {
    type: used.length > 1 ? "parallel" : "series",
    members: used.map((string, k) => {
      const place: BranchPlace = { string: k + 1, strings: used.length, inGroup: null };
      if (used.length > 1) placed.push({ string, place });
      const counted = { group: 0 };
      return stringNet(string, place, groups[k] ?? 0, counted);
    }),
  };
  if (!isKnown) return null;
  return branchesOf(net).map((branch, k) => {
    const at = placed[k];
    if (at === undefined) throw new Error("each branch is a row");
    return { ...branch, ...at };
  });

  function stringNet(
    string: PvString,
    place: BranchPlace,
    inAll: number,
    counted: { group: number },
  ): FuseNet<RatedPanel> {
    return { type: "series", members: string.items.flatMap((item) => itemNet(item, place, inAll, counted) ?? []) };
  }

  function itemNet(
    item: Item,
    place: BranchPlace,
    inAll: number,
    counted: { group: number },
  ): FuseNet<RatedPanel> | null {
    if (item.type === "panel") {
      if (item.bypassed) return null;
      const panel = panelOf(item);
      if (panel === null) isKnown = false;
      return { type: "panel", panel: panel ?? { iscA: 0, ratingA: 0, name: "", isAssumed: false } };
    }
    const inner = item.strings.filter(isUsed);
    const [only] = inner;
    if (only === undefined) return null;
    if (inner.length === 1) return stringNet(only, place, inAll, counted);
    const group = ++counted.group;
    return {
      type: "parallel",
      members: inner.map((string, k) => {
        const inGroup = { group, groups: inAll, branch: k + 1 };
        placed.push({ string, place: { ...place, inGroup } });
        return stringNet(string, place, inAll, counted);
      }),
    };
  }
}

/** Parallel groups in a string, groups inside groups counted. */
function groupsIn(items: readonly Item[]): number {
  return items.reduce((sum, item) => {
    if (item.type === "panel") return sum;
    const inner = item.strings.filter(isUsed);
    return sum + (inner.length > 1 ? 1 : 0) + inner.reduce((all, string) => all + groupsIn(string.items), 0);
  }, 0);
}

/** Whether a branch has to have a fuse, by the usual rule or by the strict one. */
export function needsFuse({ neededByBackfeed, neededByStrict }: Branch, isStrict: boolean): boolean {
  return neededByBackfeed || (isStrict && neededByStrict);
}

/** The panel that decides a branch's rating; null where all stand in deeper groups. */
export function minRated({ panels }: Pick<WiredBranch, "panels">): RatedPanel | null {
  return panels.reduce<RatedPanel | null>(
    (least, panel) => (least === null || panel.ratingA < least.ratingA ? panel : least),
    null,
  );
}

/** The branch that is a string; null: it stands in parallel with nothing. */
export function branchOfString(branches: readonly WiredBranch[], stringId: string | null): WiredBranch | null {
  return branches.find(({ string }) => string.id === stringId) ?? null;
}
