import { brightSkyFactor, fuseSizeA } from "./sizes";

/** A net as its fuses are judged: of each panel its label's Isc and its max series fuse rating, stated or assumed, A. */
export type FuseNet<P extends FusePanel = FusePanel> =
  | { readonly type: "panel"; readonly panel: P }
  | { readonly type: "series" | "parallel"; readonly members: readonly FuseNet<P>[] };
export type FusePanel = { readonly iscA: number; readonly ratingA: number };

/** One member of a parallel set, at any depth, and what its fuse has to do. */
export type Branch<P extends FusePanel = FusePanel> = {
  /** Indexes from the net's root through its members. */ readonly path: readonly number[];
  /** How many members its set has. */ readonly setSize: number;
  readonly iscA: number;
  /** The panels in it that stand in no deeper set: their least rating is the branch's. */ readonly panels: readonly P[];
  /** Max series fuse rating, A; null where all its panels stand in deeper sets. */ readonly ratingA: number | null;
  /** What the others of its set, and of every set that encloses it, can push into it, A. */ readonly backfeedA: number;
  /** Usual rule: 1.25 × backfeed is over the rating (NEC 690.9(A)). Strict: backfeed and its own Isc together are. */
  readonly neededByBackfeed: boolean;
  readonly neededByStrict: boolean;
  /** Smallest standard fuse ≥ 1.56 × Isc and ≤ the rating, A; null: none. */ readonly sizeA: number | null;
  /** Whether the backfeed is more than that fuse's rating; a gPV fuse needs about 1.45 times its rating to blow. */
  readonly couldBlow: boolean;
};

/** Short-circuit current of a part: a panel's label, the largest of a series, the sum of a parallel set, A. */
export function iscOf(net: FuseNet): number {
  if (net.type === "panel") return net.panel.iscA;
  const each = net.members.map(iscOf);
  return net.type === "series" ? Math.max(0, ...each) : each.reduce((sum, amps) => sum + amps, 0);
}

/** Every member of every parallel set of a net, a branch before those inside it, left to right. Sets of one have no branches. */
export function branchesOf<P extends FusePanel>(net: FuseNet<P>): Branch<P>[] {
  return walk(net, [], 0);
}

function walk<P extends FusePanel>(net: FuseNet<P>, path: readonly number[], outerA: number): Branch<P>[] {
  if (net.type === "panel") return [];
  if (net.type === "series") return net.members.flatMap((member, k) => walk(member, [...path, k], outerA));
  const setA = iscOf(net);
  return net.members.flatMap((member, k) => {
    const backfeedA = outerA + net.members.reduce((sum, other, n) => (n === k ? sum : sum + iscOf(other)), 0);
    const own = { path: [...path, k], setSize: net.members.length };
    return [{ ...own, ...branchOf(member, backfeedA) }, ...walk(member, own.path, outerA + setA - iscOf(member))];
  });
}

function branchOf<P extends FusePanel>(member: FuseNet<P>, backfeedA: number): Omit<Branch<P>, "path" | "setSize"> {
  const iscA = iscOf(member);
  const panels = ownPanels(member);
  const ratingA = panels.length === 0 ? null : Math.min(...panels.map((panel) => panel.ratingA));
  const sizeA = fuseSizeA(iscA, ratingA ?? Infinity);
  return {
    iscA,
    panels,
    ratingA,
    backfeedA,
    neededByBackfeed: ratingA !== null && isOver(brightSkyFactor * backfeedA, ratingA),
    neededByStrict: ratingA !== null && isOver(backfeedA + iscA, ratingA),
    sizeA,
    couldBlow: sizeA !== null && isOver(backfeedA, sizeA),
  };
}

/** Sums of amps may part from each other in the last digits. */
function isOver(amps: number, limitA: number): boolean {
  return amps > limitA * (1 + 1e-9);
}

/** Panels through which a branch's whole current flows: those in no deeper set. */
function ownPanels<P extends FusePanel>(net: FuseNet<P>): P[] {
  if (net.type === "panel") return [net.panel];
  return net.type === "parallel" ? [] : net.members.flatMap(ownPanels);
}
