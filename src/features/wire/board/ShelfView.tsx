"use client";

import { Minus, Plus } from "lucide-react";
import { memo } from "react";
import { useDesk } from "@/features/desk";
import { IconKey } from "@/ui";
import style from "./board.module.css";
import { type Board, shelfOf } from "./commands";
import { type TileDrawing } from "./LaneView";
import { Zone } from "./Zone";

type Props = { readonly board: Board; readonly tiles: TileDrawing };

/** Most panels of one kind drawn on the shelf; the rest are counted. */
const mostDrawn = 8;

/** The panels of the plan that are not wired, by kind, and how many of each the plan has. */
export const ShelfView = memo(function ShelfView({ board, tiles: drawing }: Props) {
  const groups = shelfOf(board);
  const desk = useDesk();
  return (
    <section aria-label="Shelf: panels not wired" data-lane="shelf" className={style["shelf"]}>
      <Zone id="shelf" shape="area" target={{ type: "shelf" }}>
        <div style={{ width: "100%" }}>
          <strong>Shelf</strong>
          {groups.map(({ panel, tiles }) => (
            <div key={panel.id} className={style["shelfKind"]}>
              <div className={style["shelfName"]}>
                <IconKey aria-label={`One fewer ${panel.label.name}`} disabled={panel.count <= 1} onClick={() => desk.change({ type: "setCount", panelId: panel.id, count: panel.count - 1 })}><Minus size={14} /></IconKey>
                <strong className="num">{panel.count}</strong>
                <IconKey aria-label={`One more ${panel.label.name}`} onClick={() => desk.change({ type: "setCount", panelId: panel.id, count: panel.count + 1 })}><Plus size={14} /></IconKey>
                <span>{panel.label.name}</span>
              </div>
              <div className={style["shelfTiles"]}>
                {tiles.slice(0, mostDrawn).map(drawing.drawOnShelf)}
                <span className={style["quiet"]}>{tiles.length === 0 ? "all wired" : tiles.length > mostDrawn ? `and ${tiles.length - mostDrawn} more` : ""}</span>
              </div>
            </div>
          ))}
          {groups.length === 0 && <p>No panel in this plan yet: choose one at Panels.</p>}
        </div>
      </Zone>
    </section>
  );
});
