import { type PanelModel } from "../panel";

/** An array as it was meant, its panels numbered. Its strings are the branches of the outermost parallel. */
export type ProveTree =
  | { readonly type: "panel"; readonly id: number; readonly model: PanelModel }
  | { readonly type: "series" | "parallel"; readonly members: readonly ProveTree[] };

export function stringsOf(tree: ProveTree): readonly ProveTree[] {
  return tree.type === "parallel" ? tree.members : [tree];
}

export function leavesOf(tree: ProveTree): Extract<ProveTree, { type: "panel" }>[] {
  return tree.type === "panel" ? [tree] : tree.members.flatMap(leavesOf);
}

/** What falls on all panels, and how warm their cells then are. */
export type ProveSky = { readonly irradianceWm2: number; readonly airTempC: number; readonly rossK: number };

export function cellTempOf({ irradianceWm2, airTempC, rossK }: ProveSky): number {
  return airTempC + rossK * irradianceWm2;
}
