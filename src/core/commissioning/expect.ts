import { seenFrom, solveNet, type NetSolution } from "../engine/net";
import { inParallel, inSeries, type Curve } from "../engine/iv";
import { lightOf, leavesOf, type ProveSky, type ProveTree, stringsOf } from "./tree";

export type Expected = { readonly vocV: number; readonly iscA: number; readonly vmpV: number; readonly impA: number };
export type ExpectedAll = {
  readonly array: Pick<NetSolution, "vocV" | "iscA" | "mpp">;
  readonly panels: readonly (Expected & { readonly id: number })[];
  readonly strings: readonly Expected[];
};

/** What a meter should show of each panel alone, each string and the whole under a sky. */
export function expected(tree: ProveTree, sky: ProveSky): ExpectedAll {
  const curves = new Map<number, Curve>();
  for (const leaf of leavesOf(tree)) {
    const { irradianceWm2, cellTempC } = lightOf(leaf, sky);
    curves.set(
      leaf.id,
      solveNet({ type: "panel", model: leaf.model, cellTempC, irradianceWm2: [irradianceWm2] }).curve,
    );
  }
  const curveOf = (part: ProveTree): Curve => {
    if (part.type === "panel") return curves.get(part.id) as Curve;
    const members = part.members.map(curveOf);
    return members.length === 1
      ? (members[0] as Curve)
      : part.type === "series"
        ? inSeries(members)
        : inParallel(members);
  };
  const told = (part: ProveTree): Expected => {
    const { vocV, iscA, mpp } = seenFrom(curveOf(part));
    return { vocV, iscA, vmpV: mpp.v, impA: mpp.i };
  };
  const { vocV, iscA, mpp } = seenFrom(curveOf(tree));
  return {
    array: { vocV, iscA, mpp },
    panels: leavesOf(tree).map((leaf) => ({ id: leaf.id, ...told(leaf) })),
    strings: stringsOf(tree).map(told),
  };
}
