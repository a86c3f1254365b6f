import { type PanelModel } from "../engine/panel";

/**
 * A panel: how much of the light falls on it where panels look elsewhere (1: all), and how warm it gets; null: as the sky says. Its label's
 * Voc coefficient, %/°C; null: the usual one.
 */
export type ProveLeaf = {
  readonly type: "panel";
  readonly id: number;
  readonly model: PanelModel;
  readonly light: number;
  readonly rossK: number | null;
  readonly vocPctPerC: number | null;
};

/** An array as it was meant, its panels numbered. Its strings are the branches of the outermost parallel. */
export type ProveTree = ProveLeaf | { readonly type: "series" | "parallel"; readonly members: readonly ProveTree[] };

export function stringsOf(tree: ProveTree): readonly ProveTree[] {
  return tree.type === "parallel" ? tree.members : [tree];
}

export function leavesOf(tree: ProveTree): Extract<ProveTree, { type: "panel" }>[] {
  return tree.type === "panel" ? [tree] : tree.members.flatMap(leavesOf);
}

/** What falls on all panels, and how warm their cells then are. */
export type ProveSky = { readonly irradianceWm2: number; readonly airTempC: number; readonly rossK: number };

/** What falls on a panel, W/m², and how warm its cells then are, °C. */
export function lightOf({ light, rossK: own }: ProveLeaf, { irradianceWm2, airTempC, rossK }: ProveSky) {
  const wm2 = irradianceWm2 * light;
  return { irradianceWm2: wm2, cellTempC: airTempC + (own ?? rossK) * wm2 };
}
