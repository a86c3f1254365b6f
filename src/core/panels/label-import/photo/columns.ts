import { everyday, standard } from "../fields";
import { boxAround } from "./gray-image";
import { type Row } from "./row";

/** A cell of a row: its characters and where it begins and ends across the picture. */
type Cell = { readonly at: number; readonly end: number; readonly x0: number; readonly x1: number };

/** What stands for a cell that a row does not have. */
const nothing = "-\t";

/**
 * Rows under a head of two conditions, with a mark in place of a value that is not there: what stands in the second column
 * alone is no value of the first.
 */
export function inColumns(rows: readonly Row[]): Row[] {
  let head: readonly Cell[] | null = null;
  return rows.map((row) => {
    const cells = cellsOf(row);
    if (everyday.test(row.text) && cells.length >= 2 && !/\d[.,]\d|\d ?[VAW]\b/.test(row.text)) {
      // where no word stands over the names, they have no column in the head
      const isBare = standard.test(partOf(row, cells[0])) || everyday.test(partOf(row, cells[0]));
      head = isBare ? [{ at: 0, end: 0, x0: -1, x1: -1 }, ...cells] : cells;
      return isBare ? withGap(row, 0, 1) : row;
    }
    if (head === null || cells.length < 2) return row;
    let out = row;
    let shift = 0;
    for (const [k, cell] of cells.entries()) {
      if (k === 0) continue;
      const column = nearest(head, cell);
      const missing = column - (k + shift / nothing.length);
      if (missing <= 0) continue;
      out = withGap(out, cell.at + shift, missing);
      shift += missing * nothing.length;
    }
    return out;
  });
}

function nearest(head: readonly Cell[], { x0, x1 }: Cell): number {
  const off = (cell: Cell) => Math.min(Math.abs(cell.x0 - x0), Math.abs(cell.x1 - x1));
  const columns = head.map((cell, k) => ({ k, off: off(cell) })).slice(1);
  return columns.reduce((best, each) => (each.off < best.off ? each : best), columns[0] ?? { k: 1, off: 0 }).k;
}

function cellsOf({ text, signs }: Row): Cell[] {
  const cells: Cell[] = [];
  let at = 0;
  for (const part of text.split("\t")) {
    const end = at + part.length;
    const boxes = signs.slice(at, end).flatMap((sign) => (sign === null ? [] : [sign.box]));
    if (boxes.length > 0) {
      const { x0, x1 } = boxAround(boxes);
      cells.push({ at, end, x0, x1 });
    }
    at = end + 1;
  }
  return cells;
}

function partOf({ text }: Row, cell: Cell | undefined): string {
  return cell === undefined ? "" : text.slice(cell.at, cell.end);
}

function withGap(row: Row, at: number, times: number): Row {
  const gap = nothing.repeat(times);
  return {
    ...row,
    text: row.text.slice(0, at) + gap + row.text.slice(at),
    signs: [...row.signs.slice(0, at), ...Array.from(gap, () => null), ...row.signs.slice(at)],
  };
}
