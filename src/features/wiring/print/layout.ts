import { type PvString, type PanelRef } from "@/core/engine/array";

/** Sizes of the drawing, in units of its own: a panel, and what is between panels and strings. */
export const cell = { width: 30, height: 17, gap: 7, stringGap: 6, rail: 8 } as const;

type Box = { readonly width: number; readonly height: number };
type Placed<T> = { readonly x: number; readonly y: number } & T;

export type StringsLayout = Box & {
  /** Where a panel stands, by its upper left corner. */ readonly tiles: readonly Placed<{ readonly tile: PanelRef }>[];
  /** Wires, each a line along or across. */
  readonly wires: readonly { readonly x1: number; readonly y1: number; readonly x2: number; readonly y2: number }[];
  /** Blocking diodes, by their middle. */ readonly diodes: readonly Placed<object>[];
};

/** Strings in parallel between two rails, + on the left; groups nest. Wires join at the height of the first string. */
export function layStrings(strings: readonly PvString[]): StringsLayout {
  const laid = strings.map(layString);
  const inner = Math.max(0, ...laid.map(({ width }) => width));
  const width = inner + 2 * cell.rail;
  const tops = laid.map((_, k) => laid.slice(0, k).reduce((sum, { height }) => sum + height + cell.stringGap, 0));
  const parts = laid.map((each, k) => moved(each, cell.rail, tops[k] ?? 0));
  const middles = tops.map((top) => top + cell.height / 2);
  const [first = 0, last = 0] = [middles[0], middles.at(-1)];
  const rails = last > first ? [0, width].map((x) => ({ x1: x, y1: first, x2: x, y2: last })) : [];
  const leads = laid.flatMap(({ width: reached }, k) => {
    const y = middles[k] ?? 0;
    return [
      { x1: 0, y1: y, x2: cell.rail, y2: y },
      { x1: cell.rail + reached, y1: y, x2: width, y2: y },
    ];
  });
  return {
    width,
    height: laid.reduce((sum, { height }) => sum + height, 0) + cell.stringGap * Math.max(0, laid.length - 1),
    tiles: parts.flatMap(({ tiles }) => tiles),
    wires: [...parts.flatMap(({ wires }) => wires), ...rails, ...leads],
    diodes: parts.flatMap(({ diodes }) => diodes),
  };
}

function layString({ items, blockingDiode }: PvString): StringsLayout {
  const parts: StringsLayout[] = [];
  const joints: StringsLayout["wires"][number][] = [];
  let x = 0;
  const y = cell.height / 2;
  for (const item of items) {
    if (x > 0) {
      joints.push({ x1: x, y1: y, x2: x + cell.gap, y2: y });
      x += cell.gap;
    }
    const part: StringsLayout =
      item.type === "panel"
        ? { width: cell.width, height: cell.height, tiles: [{ x: 0, y: 0, tile: item }], wires: [], diodes: [] }
        : layStrings(item.strings);
    parts.push(moved(part, x, 0));
    x += part.width;
  }
  const diodes = blockingDiode ? [{ x: x + cell.gap, y }] : [];
  if (blockingDiode) {
    joints.push({ x1: x, y1: y, x2: x + 2 * cell.gap, y2: y });
    x += 2 * cell.gap;
  }
  return {
    width: x,
    height: Math.max(cell.height, ...parts.map(({ height }) => height)),
    tiles: parts.flatMap(({ tiles }) => tiles),
    wires: [...parts.flatMap(({ wires }) => wires), ...joints],
    diodes: [...parts.flatMap((part) => part.diodes), ...diodes],
  };
}

function moved(part: StringsLayout, dx: number, dy: number): StringsLayout {
  const by = <P extends { readonly x: number; readonly y: number }>(each: P): P => ({
    ...each,
    x: each.x + dx,
    y: each.y + dy,
  });
  return {
    ...part,
    tiles: part.tiles.map(by),
    wires: part.wires.map(({ x1, y1, x2, y2 }) => ({ x1: x1 + dx, y1: y1 + dy, x2: x2 + dx, y2: y2 + dy })),
    diodes: part.diodes.map(by),
  };
}
