"use client";

import { LayoutGrid, ListChecks, Redo2, SquareActivity, Undo2 } from "lucide-react";
import { memo } from "react";
import { useDesk, useDeskState } from "@/features/plan-session";
import style from "./thumb-bar.module.css";
import { useHash } from "@/ui";
import { mobileToolbarTexts } from "@/messages/en/wiring/view";

/** On a phone: the parts of the step and the way back, where a thumb reaches them. */
export const MobileToolbar = memo(function ThumbBar() {
  const desk = useDesk();
  const canUndo = useDeskState((state) => state.history.past.length > 0);
  const [, setHash] = useHash();
  const goTo = (part: "board" | "window" | "ledger") => {
    setHash("board");
    // once the board is drawn, if another tab was open
    window.requestAnimationFrame(() => document.getElementById(`wire-${part}`)?.scrollIntoView({ block: "start" }));
  };
  const canRedo = useDeskState((state) => state.history.future.length > 0);
  return (
    <nav aria-label={mobileToolbarTexts.partsOfThisStep} className={style["bar"]}>
      <button type="button" onClick={() => goTo("board")}>
        <LayoutGrid size={18} aria-hidden />
        {mobileToolbarTexts.board}
      </button>
      <button type="button" onClick={() => goTo("window")}>
        <SquareActivity size={18} aria-hidden />
        {mobileToolbarTexts.window}
      </button>
      <button type="button" onClick={() => goTo("ledger")}>
        <ListChecks size={18} aria-hidden />
        {mobileToolbarTexts.checks}
      </button>
      <button type="button" disabled={!canUndo} onClick={desk.undo}>
        <Undo2 size={18} aria-hidden />
        {mobileToolbarTexts.undo}
      </button>
      <button type="button" disabled={!canRedo} onClick={desk.redo}>
        <Redo2 size={18} aria-hidden />
        {mobileToolbarTexts.redo}
      </button>
    </nav>
  );
});
