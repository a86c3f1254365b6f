"use client";

import { Minus, Plus } from "lucide-react";
import { memo } from "react";
import { type PlanPanel } from "@/core/plan";
import { keyOf, type PanelRef } from "@/core/engine/array";
import { ToolButton } from "@/ui";
import style from "./board.module.css";
import { type Board, countBy, shelfOf } from "./commands";
import { type TileDrawing } from "./PortArrayView";
import { type Act } from "./useBoard";
import { Zone } from "./Zone";
import { shelfViewTexts } from "@/messages/en/string-board/view";
import { commonTexts } from "@/messages/en/common/view";

type Props = {
  readonly board: Board;
  readonly act: Act;
  readonly tiles: TileDrawing;
  readonly mayGrow: boolean;
};

/** Most panels of one kind drawn on the shelf; the rest are counted. */
const maxDrawn = 8;

/** The panels of the plan that are not wired, by kind, and how many of each the plan has. */
export const ShelfView = memo(function ShelfView({ board, act, tiles: drawing, mayGrow }: Props) {
  const groups = shelfOf(board);
  return (
    <section aria-label={shelfViewTexts.shelfPanelsNotWired} data-port-array="shelf" className={style["shelf"]}>
      <Zone id="shelf" shape="area" target={{ type: "shelf" }}>
        <div style={{ width: "100%" }}>
          <strong>{shelfViewTexts.shelf}</strong>
          {groups.map(({ panel, tiles }) => (
            <ShelfKind key={panel.id} panel={panel} tiles={tiles} act={act} drawing={drawing} mayGrow={mayGrow} />
          ))}
          {groups.length === 0 && <p>{commonTexts.noPanels}</p>}
        </div>
      </Zone>
    </section>
  );
});

type KindProps = {
  readonly panel: PlanPanel;
  readonly tiles: readonly PanelRef[];
  readonly act: Act;
  readonly drawing: TileDrawing;
  readonly mayGrow: boolean;
};

/** One kind on the shelf; drawn again only when what lies there has changed. */
const ShelfKind = memo(
  function ShelfKind({ panel, tiles, act, drawing, mayGrow }: KindProps) {
    const { id, label } = panel;
    const count = panel.pieces.length;
    return (
      <div className={style["shelfKind"]}>
        <div className={style["shelfName"]}>
          <ToolButton
            aria-label={shelfViewTexts.oneFewerName(label.name)}
            disabled={!mayGrow || count <= 1}
            onClick={() => act((now) => countBy(now, id, -1))}
          >
            <Minus size={14} />
          </ToolButton>
          <strong className="num">{count}</strong>
          <ToolButton
            aria-label={shelfViewTexts.oneMoreName(label.name)}
            disabled={!mayGrow}
            onClick={() => act((now) => countBy(now, id, 1))}
          >
            <Plus size={14} />
          </ToolButton>
          <span>{label.name}</span>
        </div>
        <div className={style["shelfTiles"]}>
          {tiles.slice(0, maxDrawn).map(drawing.drawOnShelf)}
          <span className={style["quiet"]}>
            {tiles.length === 0
              ? shelfViewTexts.allWired
              : tiles.length > maxDrawn
                ? shelfViewTexts.andTileCountMore(tiles.length - maxDrawn)
                : ""}
          </span>
        </div>
      </div>
    );
  },
  (a, b) => a.panel === b.panel && a.drawing === b.drawing && a.tiles.map(keyOf).join() === b.tiles.map(keyOf).join(),
);
