"use client";

import { Fragment } from "react";
import { type TileStates } from "@/core/assessment";
import {
  keyOf,
  portArrayKey,
  type PortArrayRef,
  type PvString,
  type StringsPath,
  type PanelRef,
} from "@/core/engine/array";
import { amount } from "@/messages/en";
import style from "./board.module.css";
import { type Flow, flowOfStrings, runningFlow } from "./flow";
import { Zone } from "./Zone";
import { stringsViewTexts } from "@/messages/en/string-board/view";

type Props = {
  readonly strings: readonly PvString[];
  readonly portArray: PortArrayRef;
  readonly path: StringsPath;
  readonly states: TileStates | null;
  readonly drawTile: (tile: PanelRef, where: string) => React.ReactNode;
};

/** Strings in parallel, each drawn from + to −, with what they add up to where they meet. Groups nest. */
export function StringsView({ strings, portArray, path, states, drawTile }: Props) {
  const portArrayId = portArrayKey(portArray);
  const place = path.length === 0 ? portArrayId : `${portArrayId}#${path.join(".")}`;
  return (
    <ul
      aria-label={
        path.length === 0 ? stringsViewTexts.stringsInParallelAmpsAdd : stringsViewTexts.groupOfStringsInParallelAmpsAdd
      }
      className={style["rows"]}
      data-several={strings.length > 1}
    >
      {strings.map((string, r) => {
        const sums = runningFlow(string, states);
        const total = sums?.at(-1) ?? null;
        return (
          <li
            key={string.id ?? r}
            data-string={`${place}:${r}`}
            className={style["row"]}
            data-summed={string.items.length > 1}
          >
            <span aria-hidden className={style["pole"]}>
              +
            </span>
            {string.items.map((item, at) => (
              <Fragment key={item.type === "panel" ? keyOf(item) : `group-${at}`}>
                <Zone
                  id={`string:${place}:${r}:${at}`}
                  shape="gap"
                  target={{ type: "string", portArray, path, string: r, at }}
                >
                  {at > 0 && <Junction sum={sums?.[at - 1] ?? null} />}
                </Zone>
                {item.type === "panel" ? (
                  drawTile(item, stringsViewTexts.stringRAtOfItemCountInSeries(r + 1, at + 1, string.items.length))
                ) : (
                  <div className={style["group"]}>
                    <StringsView
                      strings={item.strings}
                      portArray={portArray}
                      path={[...path, r, at]}
                      states={states}
                      drawTile={drawTile}
                    />
                    <GroupTotal strings={item.strings} states={states} />
                  </div>
                )}
              </Fragment>
            ))}
            <Zone
              id={`string:${place}:${r}:end`}
              shape="gap"
              target={{ type: "string", portArray, path, string: r, at: string.items.length }}
            />
            {string.blockingDiode && (
              <span
                title={stringsViewTexts.blockingDiodeLetsCurrentOutAnd}
                aria-label={stringsViewTexts.blockingDiode}
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
                  {string.items.length > 1 ? stringsViewTexts.voltsAdd : ""}
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

/** What a string has added up to at a plug between two panels. */
function Junction({ sum }: { sum: Flow | null }) {
  return <span className={`num ${style["sum"]}`}>{sum === null ? "" : amount(sum.v, "V")}</span>;
}

/** What comes out where the strings of a group join. */
function GroupTotal({ strings, states }: { strings: readonly PvString[]; states: TileStates | null }) {
  const flow = states === null ? null : flowOfStrings(strings, states);
  return (
    <div className={`num ${style["groupTotal"]}`}>
      {flow === null ? (
        ""
      ) : (
        <>
          {stringsViewTexts.ampsAdd} <strong>{amount(flow.i, "A")}</strong> · {amount(flow.v, "V")}
        </>
      )}
    </div>
  );
}
