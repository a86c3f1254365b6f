"use client";

import { Fragment } from "react";
import { type TileStates } from "@/core/assessment";
import { keyOf, laneKey, type LaneRef, type Row, type RowsPath, type PanelRef } from "@/core/engine/array";
import { amount } from "@/messages/en";
import style from "./board.module.css";
import { type Flow, flowOfRows, runningFlow } from "./flow";
import { Zone } from "./Zone";
import { rowsViewTexts } from "@/messages/en/string-board/view";

type Props = {
  readonly rows: readonly Row[];
  readonly lane: LaneRef;
  readonly path: RowsPath;
  readonly states: TileStates | null;
  readonly drawTile: (tile: PanelRef, where: string) => React.ReactNode;
};

/** Rows in parallel, each drawn from + to −, with what they add up to where they meet. Groups nest. */
export function RowsView({ rows, lane, path, states, drawTile }: Props) {
  const laneId = laneKey(lane);
  const place = path.length === 0 ? laneId : `${laneId}#${path.join(".")}`;
  return (
    <ul
      aria-label={
        path.length === 0 ? rowsViewTexts.stringsInParallelAmpsAdd : rowsViewTexts.groupOfStringsInParallelAmpsAdd
      }
      className={style["rows"]}
      data-several={rows.length > 1}
    >
      {rows.map((row, r) => {
        const sums = runningFlow(row, states);
        const total = sums?.at(-1) ?? null;
        return (
          <li key={row.id ?? r} data-row={`${place}:${r}`} className={style["row"]} data-summed={row.items.length > 1}>
            <span aria-hidden className={style["pole"]}>
              +
            </span>
            {row.items.map((item, at) => (
              <Fragment key={item.type === "panel" ? keyOf(item) : `group-${at}`}>
                <Zone id={`row:${place}:${r}:${at}`} shape="gap" target={{ type: "row", lane, path, row: r, at }}>
                  {at > 0 && <Junction sum={sums?.[at - 1] ?? null} />}
                </Zone>
                {item.type === "panel" ? (
                  drawTile(item, rowsViewTexts.stringRAtOfItemCountInSeries(r + 1, at + 1, row.items.length))
                ) : (
                  <div className={style["group"]}>
                    <RowsView
                      rows={item.rows}
                      lane={lane}
                      path={[...path, r, at]}
                      states={states}
                      drawTile={drawTile}
                    />
                    <GroupTotal rows={item.rows} states={states} />
                  </div>
                )}
              </Fragment>
            ))}
            <Zone
              id={`row:${place}:${r}:end`}
              shape="gap"
              target={{ type: "row", lane, path, row: r, at: row.items.length }}
            />
            {row.blockingDiode && (
              <span
                title={rowsViewTexts.blockingDiodeLetsCurrentOutAnd}
                aria-label={rowsViewTexts.blockingDiode}
                role="img"
                className={style["pole"]}
              >
                ▷|
              </span>
            )}
            <span aria-hidden className={style["pole"]}>
              −
            </span>
            {total !== null && (
              <div className={`num ${style["total"]}`}>
                <div>
                  {row.items.length > 1 ? rowsViewTexts.voltsAdd : ""}
                  <strong>{amount(total.v, "V")}</strong>
                </div>
                <div>{amount(total.i, "A")}</div>
              </div>
            )}
          </li>
        );
      })}
    </ul>
  );
}

/** What a row has added up to at a plug between two panels. */
function Junction({ sum }: { sum: Flow | null }) {
  return <span className={`num ${style["sum"]}`}>{sum === null ? "" : amount(sum.v, "V")}</span>;
}

/** What comes out where the rows of a group join. */
function GroupTotal({ rows, states }: { rows: readonly Row[]; states: TileStates | null }) {
  const flow = states === null ? null : flowOfRows(rows, states);
  return (
    <div className={`num ${style["groupTotal"]}`}>
      {flow === null ? (
        ""
      ) : (
        <>
          {rowsViewTexts.ampsAdd} <strong>{amount(flow.i, "A")}</strong> · {amount(flow.v, "V")}
        </>
      )}
    </div>
  );
}
