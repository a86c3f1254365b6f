import { keyOf, maxPieces, type Stock, type PanelKey } from "../engine/array";
import { type Plan } from "./plan";
import { type DanglingReference } from "./section";
import { type Piece, type Pieces } from "./schemas/piece";

export type PieceRef = { readonly panelId: string; readonly piece: number };

function newPiece(number: number): Piece {
  return { number, tag: "", own: [], substringsRun: null };
}

/** So many new pieces of a kind, beginning after those that were given before. */
export function newPieces(count: number, given = 0): Pieces {
  return { pieces: Array.from({ length: count }, (_, k) => newPiece(given + 1 + k)), given: given + count };
}

/** A kind with so many pieces more; itself where that is none. */
export function withMorePieces<P extends Pieces>(panel: P, more: number): P {
  if (more <= 0) return panel;
  const { pieces, given } = newPieces(more, panel.given);
  return { ...panel, pieces: [...panel.pieces, ...pieces], given };
}

/** A kind as a wiring takes its panels from it; one that the plan does not have has none. */
export function stockOf({ panels }: Pick<Plan, "panels">, panelId: string): Stock {
  return panels.find(({ id: known }) => known === panelId) ?? { id: panelId, pieces: [], given: 0 };
}

/** All panels a plan has, wired or not. */
export function piecesIn({ panels }: Pick<Plan, "panels">): number {
  return panels.reduce((sum, { pieces }) => sum + pieces.length, 0);
}

/** The panels a plan has, by name. */
export function keysIn({ panels }: Pick<Plan, "panels">): Set<PanelKey> {
  return new Set(
    panels.flatMap(({ id: panelId, pieces }) => pieces.map(({ number }) => keyOf({ panelId, piece: number }))),
  );
}

/** A panel as it is called: its tag, or its kind and number; by its key. */
export function pieceName({ panels }: Pick<Plan, "panels">, key: PanelKey | string): string {
  for (const { id: panelId, label, pieces } of panels)
    for (const { number, tag } of pieces)
      if (keyOf({ panelId, piece: number }) === key) return tag === "" ? `${label.name} ${number}` : tag;
  return key;
}

/** Whatever is said of how panels stand, lie and are fixed, but for panels that do not stay. */
export function keepOnly(plan: Plan, stays: (ref: PieceRef) => boolean): Plan {
  const { mounts, fixings, positions, space } = plan;
  return {
    ...plan,
    mounts: mounts.map((mount) => ({ ...mount, pieces: mount.pieces.filter(stays) })),
    fixings: {
      ...fixings,
      list: fixings.list.map((fixing) => ({ ...fixing, pieces: fixing.pieces.filter(stays) })),
    },
    positions: positions.map((position) => ({ ...position, stands: position.stands.filter(stays) })),
    space: {
      ...space,
      places: space.places.filter(stays),
      ways: space.ways.map((way) => (way.from === null || stays(way.from) ? way : { ...way, from: null })),
    },
  };
}

/** A list that speaks of panels which the plan has not, or of one of them twice. */
export function danglingPieces(plan: Plan, path: string, refs: readonly PieceRef[]): DanglingReference | null {
  if (refs.length > maxPieces) return { path, problem: `${refs.length} panels; allowed: up to ${maxPieces}` };
  const known = keysIn(plan);
  const seen = new Set<PanelKey>();
  for (const ref of refs) {
    const key = keyOf(ref);
    const kind = plan.panels.find((panel) => panel.id === ref.panelId);
    if (kind === undefined) return { path, problem: `no panel "${ref.panelId}" in this plan` };
    const which = `number ${ref.piece} of "${kind.label.name}"`;
    if (!known.has(key)) return { path, problem: `no ${which} in this plan` };
    if (seen.has(key)) return { path, problem: `${which} is there twice` };
    seen.add(key);
  }
  return null;
}
