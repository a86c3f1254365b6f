"use client";

import { memo } from "react";
import { type PortSheet } from "@/core/plan";
import { type PortArrayView as Judged, type TileStates } from "@/core/assessment";
import { type TileState } from "@/core/plan-model";
import {
  keyOf,
  type PortArray,
  portArrayKey,
  type PortArrayRef,
  type Position,
  type Stand,
  standOf,
  type PanelRef,
  tilesOfStrings,
} from "@/core/engine/array";
import { type SkyName } from "@/core/engine/sky";
import { LevelMark, type MarkLevel } from "@/ui";
import { acceptWords, amount } from "@/messages/en";
import style from "./board.module.css";
import { StringsView } from "./StringsView";
import { stateKey } from "./TileView";
import { Zone } from "./Zone";
import { portArrayViewTexts } from "@/messages/en/string-board/view";

export type TileDrawing = {
  readonly draw: (tile: PanelRef, where: string, state: TileState | null, stand: Stand) => React.ReactNode;
  readonly drawOnShelf: (tile: PanelRef) => React.ReactNode;
};

type Props = {
  readonly name: string;
  readonly portArrayRef: PortArrayRef;
  readonly portArray: PortArray | null;
  readonly port: PortSheet | null;
  readonly judged: Judged | null;
  readonly level: MarkLevel | null;
  readonly sky: SkyName;
  readonly chosen: boolean;
  readonly states: TileStates | null;
  /** How the panels stand; a new object whenever one of them is turned. */
  readonly position: Position;
  readonly onChoose: (id: string) => void;
  /** How panels are drawn; a new object whenever a selection or a light on them changes. */
  readonly tiles: TileDrawing;
};

/**
 * One port and the strings that feed it. Verdicts bring new objects every time; a port array is drawn again only when its panels or what is shown of them have changed.
 */
export const PortArrayView = memo(
  Drawn,
  (a, b) =>
    a.portArray === b.portArray &&
    a.port === b.port &&
    a.name === b.name &&
    a.level === b.level &&
    a.chosen === b.chosen &&
    a.tiles === b.tiles &&
    a.onChoose === b.onChoose &&
    shownOf(a) === shownOf(b),
);

function Drawn({
  name,
  portArrayRef,
  portArray,
  port,
  judged,
  level,
  sky,
  chosen,
  states,
  position,
  onChoose,
  tiles,
}: Props) {
  const strings = portArray?.strings ?? [];
  const operating = judged?.skies[sky].operating ?? null;
  const id = portArrayKey(portArrayRef);
  return (
    <section
      aria-label={portArrayViewTexts.pvInputName(name)}
      data-port-array={id}
      data-chosen={chosen}
      className={style["portArray"]}
    >
      <div className={style["portArrayHead"]}>
        {level !== null && <LevelMark level={level} size={18} />}
        <button type="button" aria-pressed={chosen} onClick={() => onChoose(id)} className={style["portArrayName"]}>
          {name}
        </button>
        <div className={`num ${style["accepts"]}`}>{port === null ? "" : acceptWords(port)}</div>
      </div>
      <div className={style["scroll"]}>
        {strings.length > 0 && (
          <StringsView
            strings={strings}
            portArray={portArrayRef}
            path={[]}
            states={states}
            drawTile={(tile, where) => tiles.draw(tile, where, states?.[keyOf(tile)] ?? null, standOf(position, tile))}
          />
        )}
      </div>
      <div className={style["foot"]}>
        <Zone
          id={`new:${id}`}
          shape="strip"
          target={{ type: "newString", portArray: portArrayRef, path: [], at: strings.length }}
        >
          <div className={style["footWords"]}>
            <span>
              {strings.length === 0
                ? portArrayViewTexts.emptyPutPanelsHere
                : portArrayViewTexts.aPanelPutHereStartsANewString}
            </span>
            {operating !== null && operating.p > 0 && (
              <strong className="num">
                {strings.length > 1 ? portArrayViewTexts.ampsAdd : ""}
                {amount(operating.v, "V")} · {amount(operating.i, "A")} · {amount(operating.p, "W")}
              </strong>
            )}
          </div>
        </Zone>
      </div>
    </section>
  );
}

/** All that a verdict can change on a port array, as text. */
function shownOf({ portArray, judged, sky, states, position }: Props): string {
  const operating = judged?.skies[sky].operating;
  const running =
    operating === null || operating === undefined
      ? ""
      : `${amount(operating.v, "V")}${amount(operating.i, "A")}${amount(operating.p, "W")}`;
  const ofTile = (tile: PanelRef) => {
    const stand = position.get(keyOf(tile));
    return `${stateKey(states?.[keyOf(tile)] ?? null)}${stand === undefined ? "" : JSON.stringify(stand)}`;
  };
  return [running, ...tilesOfStrings(portArray?.strings ?? []).map(ofTile)].join(" ");
}
