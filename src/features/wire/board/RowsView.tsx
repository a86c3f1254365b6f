"use client";

import { Fragment } from "react";
import { type TileStates } from "@/core/rules";
import { keyOf, laneKey, type LaneRef, type Row, type RowsPath, type Tile, tilesOfRows } from "@/core/wiring";
import { amount } from "@/ui";
import style from "./board.module.css";
import { Zone } from "./Zone";

type Props = {
  readonly rows: readonly Row[];
  readonly lane: LaneRef;
  readonly path: RowsPath;
  readonly states: TileStates | null;
  readonly drawTile: (tile: Tile, where: string) => React.ReactNode;
};

/** Rows in parallel, each drawn from + to −, with what they add up to where they meet. Groups nest. */
export function RowsView({ rows, lane, path, states, drawTile }: Props) {
  const laneId = laneKey(lane);
  const place = path.length === 0 ? laneId : `${laneId}#${path.join(".")}`;
  return (
    <ul aria-label={path.length === 0 ? "Rows in parallel: amps add" : "Group of rows in parallel: amps add"} className={style["rows"]} data-several={rows.length > 1}>
      {rows.map((row, r) => {
        const total = flowOfRow(row, states);
        return (
          <li key={rowKey(row)} data-row={`${place}:${r}`} className={style["row"]}>
            <span aria-hidden className={style["pole"]}>+</span>
            {row.items.map((item, at) => (
              <Fragment key={item.type === "panel" ? keyOf(item) : `group-${at}`}>
                <Zone id={`row:${place}:${r}:${at}`} shape="gap" target={{ type: "row", lane, path, row: r, at }} />
                {item.type === "panel" ? (
                  drawTile(item, `row ${r + 1}, ${at + 1} of ${row.items.length} in series`)
                ) : (
                  <div className={style["group"]}>
                    <RowsView rows={item.rows} lane={lane} path={[...path, r, at]} states={states} drawTile={drawTile} />
                  </div>
                )}
              </Fragment>
            ))}
            <Zone id={`row:${place}:${r}:end`} shape="gap" target={{ type: "row", lane, path, row: r, at: row.items.length }} />
            {row.blockingDiode && <span title="Blocking diode: lets amps out and none in" aria-label="Blocking diode" role="img" className={style["pole"]}>▷|</span>}
            <span aria-hidden className={style["pole"]}>−</span>
            {total !== null && (
              <div className={`num ${style["total"]}`}>
                <div>{row.items.length > 1 ? "volts add " : ""}<strong>{amount(total.v, "V")}</strong></div>
                <div>{amount(total.i, "A")}</div>
              </div>
            )}
          </li>
        );
      })}
    </ul>
  );
}

/** A row is known by its first panel, which is nowhere else; when others come and go it stays the same row. */
function rowKey(row: Row): string {
  const [first] = tilesOfRows([row]);
  return first === undefined ? "" : keyOf(first);
}

/** Volts along a row and amps through it, from what its panels do: volts add, amps are shared. */
export function flowOfRow(row: Row, states: TileStates | null): { readonly v: number; readonly i: number } | null {
  if (states === null) return null;
  let v = 0;
  let i: number | null = null;
  for (const item of row.items) {
    if (item.type === "panel") {
      if (item.stance === "off") continue;
      const state = states[keyOf(item)];
      if (state === undefined) return null;
      v += state.v;
      i ??= state.i;
      continue;
    }
    const flows = item.rows.map((inner) => flowOfRow(inner, states)).filter((flow) => flow !== null);
    const [first] = flows;
    if (first === undefined) continue;
    v += first.v;
    i ??= flows.reduce((sum, flow) => sum + flow.i, 0);
  }
  return i === null ? null : { v, i };
}
