import { type Locker, panelKindFacts, type PanelSheet, type Plan } from "../../plan";
import { keyOf } from "../../engine/array";

/** A folded panel: its size as it is put away, its watts and its weight; what its label does not say is null. */
export type Folded = {
  readonly panelId: string;
  readonly name: string;
  readonly pieces: readonly number[];
  readonly sizeMm: Size | null;
  readonly watts: number | null;
  readonly kg: number | null;
  readonly wPerLitre: number | null;
  readonly wPerKg: number | null;
};
type Size = readonly [number, number, number];

/** Whether a panel folds or rolls up, by its kind or by a size that its sheet says for it. */
export function folds({ kind, stowedLengthMm }: Pick<PanelSheet, "kind" | "stowedLengthMm">): boolean {
  return panelKindFacts[kind].folds || stowedLengthMm !== null;
}

/** The kinds of a plan that fold or roll up, and what they give for the room and the weight they take. */
export function foldedIn({ panels }: Pick<Plan, "panels">): readonly Folded[] {
  return panels
    .filter(({ label }) => folds(label))
    .map(({ id, label, pieces }): Folded => {
      const { stowedLengthMm, stowedWidthMm, stowedDepthMm, pmaxW: watts, weightKg: kg } = label;
      const isSized = stowedLengthMm !== null && stowedWidthMm !== null && stowedDepthMm !== null;
      const sizeMm: Size | null = isSized ? [stowedLengthMm, stowedWidthMm, stowedDepthMm] : null;
      const litres = sizeMm === null ? null : (sizeMm[0] * sizeMm[1] * sizeMm[2]) / 1e6;
      return {
        panelId: id,
        name: label.name,
        pieces: pieces.map(({ number }) => number),
        sizeMm,
        watts,
        kg,
        wPerLitre: watts === null || litres === null ? null : watts / litres,
        wPerKg: watts === null || kg === null ? null : watts / kg,
      };
    });
}

/** What goes where, by keys; and what goes nowhere. */
export type Stowing = {
  readonly lockers: readonly { readonly lockerId: string; readonly keys: readonly string[]; readonly kg: number }[];
  readonly left: readonly string[];
};

/** Boxes that are put away one by one, largest first. */
type Piece = { readonly key: string; readonly sizeMm: Size; readonly kg: number };
/** What is still free of a locker. */
type Room = { readonly sizeMm: Size };

/**
 * Puts the folded panels of a plan into its lockers, as many as go. Each is laid in a corner of a free box, in any of its six ways,
 * which leaves three free boxes; the tightest fit is taken, largest panels first, into the smallest locker that takes them. Slabs in
 * a few lockers come out as tightly as they go; a hand may still find a better way for odd ones. Panels without a stowed size are left.
 */
export function stow(plan: Pick<Plan, "panels" | "space">): Stowing {
  const folded = foldedIn(plan);
  const pieces = folded
    .flatMap(({ panelId, pieces: numbers, sizeMm, kg }) =>
      numbers.map((piece) => ({ key: keyOf({ panelId, piece }), sizeMm, kg: kg ?? 0 })),
    )
    .sort((a, b) => volumeOf(b.sizeMm) - volumeOf(a.sizeMm));
  const lockers = plan.space.lockers
    .map((locker) => ({ locker, rooms: [roomOf(locker)], keys: [] as string[], kg: 0 }))
    .sort((a, b) => volumeOf(a.rooms[0]?.sizeMm ?? null) - volumeOf(b.rooms[0]?.sizeMm ?? null));
  const left: string[] = [];
  for (const { key, sizeMm, kg } of pieces) {
    const into =
      sizeMm === null
        ? undefined
        : lockers.find((each) => {
            if (each.locker.maxKg !== null && each.kg + kg > each.locker.maxKg) return false;
            const rooms = put({ key, sizeMm, kg }, each.rooms);
            if (rooms === null) return false;
            each.rooms = [...rooms];
            return true;
          });
    if (into === undefined) left.push(key);
    else {
      into.keys.push(key);
      into.kg += kg;
    }
  }
  return { lockers: lockers.map(({ locker, keys, kg }) => ({ lockerId: locker.id, keys, kg })), left };
}

function roomOf({ lengthMm, widthMm, heightMm }: Locker): Room {
  return { sizeMm: [lengthMm, widthMm, heightMm] };
}

function volumeOf(size: Size | null): number {
  return size === null ? 0 : size[0] * size[1] * size[2];
}

const ways: readonly Size[] = [
  [0, 1, 2],
  [0, 2, 1],
  [1, 0, 2],
  [1, 2, 0],
  [2, 0, 1],
  [2, 1, 0],
];

/** The rooms that are left when a box is laid where it fits most tightly; null where it does not fit. */
function put({ sizeMm }: Piece, rooms: readonly Room[]): readonly Room[] | null {
  const fits = rooms.flatMap((room, k) =>
    ways.flatMap(([a, b, c]) => {
      const laid: Size = [sizeMm[a] ?? 0, sizeMm[b] ?? 0, sizeMm[c] ?? 0];
      const spare: Size = [room.sizeMm[0] - laid[0], room.sizeMm[1] - laid[1], room.sizeMm[2] - laid[2]];
      return spare.some((each) => each < 0) ? [] : [{ k, room, laid, spare, tight: Math.min(...spare) }];
    }),
  );
  const best = fits.reduce<(typeof fits)[number] | null>(
    (tightest, each) => (tightest === null || each.tight < tightest.tight ? each : tightest),
    null,
  );
  if (best === null) return null;
  const { k, room, laid, spare } = best;
  // the side with most left over is cut off whole, then the next
  const order = [0, 1, 2].sort((a, b) => (spare[a] ?? 0) - (spare[b] ?? 0));
  const cut: Room[] = [];
  const size: [number, number, number] = [...room.sizeMm];
  for (const axis of order.toReversed()) {
    const free: [number, number, number] = [...size];
    free[axis] = spare[axis] ?? 0;
    cut.push({ sizeMm: free });
    size[axis] = laid[axis] ?? 0;
  }
  return [...rooms.slice(0, k), ...rooms.slice(k + 1), ...cut.filter(({ sizeMm: of }) => Math.min(...of) > 0)];
}
