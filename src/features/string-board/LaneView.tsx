"use client";

import { memo } from "react";
import { type PortSheet } from "@/core/plan";
import { type LaneView as Judged, type TileStates } from "@/core/assessment";
import { type TileState } from "@/core/plan-model";
import {
  keyOf,
  type PortArray,
  laneKey,
  type LaneRef,
  type Pose,
  type Stand,
  standOf,
  type PanelRef,
  tilesOfRows,
} from "@/core/engine/array";
import { type SkyName } from "@/core/engine/sky";
import { LevelMark, type MarkLevel } from "@/ui";
import { acceptWords, amount } from "@/messages/en";
import style from "./board.module.css";
import { RowsView } from "./RowsView";
import { stateKey } from "./TileView";
import { Zone } from "./Zone";
import { laneViewTexts } from "@/messages/en/string-board/view";

export type TileDrawing = {
  readonly draw: (tile: PanelRef, where: string, state: TileState | null, stand: Stand) => React.ReactNode;
  readonly drawOnShelf: (tile: PanelRef) => React.ReactNode;
};

type Props = {
  readonly name: string;
  readonly laneRef: LaneRef;
  readonly lane: PortArray | null;
  readonly port: PortSheet | null;
  readonly judged: Judged | null;
  readonly level: MarkLevel | null;
  readonly sky: SkyName;
  readonly chosen: boolean;
  readonly states: TileStates | null;
  /** How the panels stand; a new object whenever one of them is turned. */
  readonly pose: Pose;
  readonly onChoose: (id: string) => void;
  /** How panels are drawn; a new object whenever a selection or a light on them changes. */
  readonly tiles: TileDrawing;
};

/**
 * One port and the rows that feed it. Verdicts bring new objects every time; a lane is drawn again only when its panels or what is shown of them have changed.
 */
export const LaneView = memo(
  Drawn,
  (a, b) =>
    a.lane === b.lane &&
    a.port === b.port &&
    a.name === b.name &&
    a.level === b.level &&
    a.chosen === b.chosen &&
    a.tiles === b.tiles &&
    a.onChoose === b.onChoose &&
    shownOf(a) === shownOf(b),
);

function Drawn({ name, laneRef, lane, port, judged, level, sky, chosen, states, pose, onChoose, tiles }: Props) {
  const rows = lane?.rows ?? [];
  const operating = judged?.skies[sky].operating ?? null;
  const id = laneKey(laneRef);
  return (
    <section aria-label={laneViewTexts.pvInputName(name)} data-lane={id} data-chosen={chosen} className={style["lane"]}>
      <div className={style["laneHead"]}>
        {level !== null && <LevelMark level={level} size={18} />}
        <button type="button" aria-pressed={chosen} onClick={() => onChoose(id)} className={style["laneName"]}>
          {name}
        </button>
        <div className={`num ${style["accepts"]}`}>{port === null ? "" : acceptWords(port)}</div>
      </div>
      <div className={style["scroll"]}>
        {rows.length > 0 && (
          <RowsView
            rows={rows}
            lane={laneRef}
            path={[]}
            states={states}
            drawTile={(tile, where) => tiles.draw(tile, where, states?.[keyOf(tile)] ?? null, standOf(pose, tile))}
          />
        )}
      </div>
      <div className={style["foot"]}>
        <Zone id={`new:${id}`} shape="strip" target={{ type: "newRow", lane: laneRef, path: [], at: rows.length }}>
          <div className={style["footWords"]}>
            <span>
              {rows.length === 0 ? laneViewTexts.emptyPutPanelsHere : laneViewTexts.aPanelPutHereStartsANewString}
            </span>
            {operating !== null && operating.p > 0 && (
              <strong className="num">
                {rows.length > 1 ? laneViewTexts.ampsAdd : ""}
                {amount(operating.v, "V")} · {amount(operating.i, "A")} · {amount(operating.p, "W")}
              </strong>
            )}
          </div>
        </Zone>
      </div>
    </section>
  );
}

/** All that a verdict can change on a lane, as text. */
function shownOf({ lane, judged, sky, states, pose }: Props): string {
  const operating = judged?.skies[sky].operating;
  const running =
    operating === null || operating === undefined
      ? ""
      : `${amount(operating.v, "V")}${amount(operating.i, "A")}${amount(operating.p, "W")}`;
  const ofTile = (tile: PanelRef) => {
    const stand = pose.get(keyOf(tile));
    return `${stateKey(states?.[keyOf(tile)] ?? null)}${stand === undefined ? "" : JSON.stringify(stand)}`;
  };
  return [running, ...tilesOfRows(lane?.rows ?? []).map(ofTile)].join(" ");
}
