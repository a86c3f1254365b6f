"use client";

import { type RefObject, useEffect, useState } from "react";
import { type ShadeCost, type TileStates } from "@/core/assessment";
import { keyOf, locate, standOf, type PanelKey } from "@/core/engine/array";
import { amount } from "@/messages/en";
import style from "./board.module.css";
import { type Board, tilesByKey, tileWords } from "./commands";
import { stateWords } from "./TileView";
import { readoutTexts } from "@/messages/en/string-board/view";

type Props = {
  readonly holder: RefObject<HTMLElement | null>;
  readonly board: Board;
  readonly states: TileStates | null;
  readonly selected: readonly PanelKey[];
  readonly skyName: string;
  readonly shade: ShadeCost | null;
};

/** What the panel pointed at, in focus or selected is doing at the running point: the board's own meter. */
export function Readout({ holder, board, states, selected, skyName, shade }: Props) {
  const pointed = usePointedTile(holder);
  const key = pointed ?? (selected.length === 1 ? selected[0] : undefined);
  const cost =
    shade === null
      ? ""
      : readoutTexts.shadeCosts(amount(shade.withoutW - shade.withW, "W"), amount(shade.withoutW, "W"), skyName);
  const [tile] = key === undefined ? [] : tilesByKey(board, [key]);
  if (tile === undefined)
    return (
      <div data-testid="board-reading" className={style["reading"]}>
        {readoutTexts.pointAtAPanelToSeeItsValuesPress}
        {cost}
      </div>
    );
  const wired = locate(board.wiring.portArrays, keyOf(tile)) !== null;
  const state = states?.[keyOf(tile)] ?? null;
  return (
    <div data-testid="board-reading" className={`num ${style["reading"]}`}>
      <strong>{tileWords(board, [tile])}</strong>
      {wired
        ? ` · ${skyName}: ${stateWords(tile, standOf(board.position, tile), state)}`
        : readoutTexts.onTheShelfNotWired}
      {cost}
    </div>
  );
}

/** The panel under the pointer, else the one in focus. Asked of the page, so that panels are not drawn again for it. */
function usePointedTile(holder: RefObject<HTMLElement | null>): PanelKey | null {
  const [key, setKey] = useState<PanelKey | null>(null);
  useEffect(() => {
    const board = holder.current;
    if (board === null) return;
    const keyAt = (target: EventTarget | null) =>
      target instanceof Element ? (target.closest<HTMLElement>("[data-tile]")?.dataset["tile"] ?? null) : null;
    // nothing is read while something is dragged over the board
    const over = (event: PointerEvent) => event.buttons === 0 && setKey(keyAt(event.target));
    const out = () => setKey(keyAt(document.activeElement));
    const focus = (event: FocusEvent) => setKey(keyAt(event.target));
    board.addEventListener("pointerover", over);
    board.addEventListener("pointerleave", out);
    board.addEventListener("focusin", focus);
    return () => {
      board.removeEventListener("pointerover", over);
      board.removeEventListener("pointerleave", out);
      board.removeEventListener("focusin", focus);
    };
  }, [holder]);
  return key;
}
