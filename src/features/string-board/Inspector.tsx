"use client";

import { besideBefore, type Move, movesOf, moveTo, nudge } from "./move-commands";
import { setStands, tiltBy, toggleShade, toggleStowed, toggleTakenOut } from "./stand-commands";
import { memo, useCallback } from "react";
import { keyOf, lightAt, locate, standOf, type PanelKey } from "@/core/engine/array";
import { ChoiceField, TextButton } from "@/ui";
import style from "./board.module.css";
import { type Board, copy, diode, merge, split, tilesByKey, tileWords } from "./commands";
import { type Act } from "./useBoard";
import { inspectorTexts } from "@/messages/en/string-board/view";

type Props = {
  readonly board: Board;
  readonly keys: readonly PanelKey[];
  readonly substringsOf: (panelId: string) => number;
  readonly act: Act;
  readonly onClear: () => void;
  /** whether a press adds to what is selected, for hands without a Ctrl key */ readonly adding: boolean;
  readonly onAdding: () => void;
  readonly onString: () => void;
};

/** Everything that can be done with the selected panels, for those who do not drag. */
export function Inspector({ board, keys, substringsOf, act, onClear, adding, onAdding, onString }: Props) {
  const onMove = useCallback((id: string) => void act((now) => moveTo(now, keys, id)), [act, keys]);
  const tiles = tilesByKey(board, keys);
  const [first] = tiles;
  if (first === undefined) return null;
  const key = keyOf(first);
  const wired = locate(board.wiring.portArrays, key) !== null;
  const parts = substringsOf(first.panelId);
  const stand = standOf(board.position, first);
  return (
    <div role="group" aria-label={inspectorTexts.selectedPanels} className={style["selected"]}>
      <div className={style["headLine"]}>
        {tiles.length > 1 && <strong>{tileWords(board, tiles)}</strong>}
        <span className={style["toEnd"]}>
          {wired && (
            <TextButton look="plain" onClick={onString}>
              {inspectorTexts.selectItsString}
            </TextButton>
          )}
          <TextButton look="plain" aria-pressed={adding} onClick={onAdding}>
            {inspectorTexts.selectMore}
          </TextButton>
          <TextButton look="plain" onClick={onClear}>
            {inspectorTexts.deselect}
          </TextButton>
        </span>
      </div>
      <div className={style["tools"]}>
        <div className={style["moveTo"]}>
          <MoveTo moves={movesOf(board, keys)} onMove={onMove} />
        </div>
        {wired && (
          <>
            <TextButton
              aria-label={inspectorTexts.moveLeftInSeries}
              onClick={() => act((now) => nudge(now, key, "left"))}
            >
              ←
            </TextButton>
            <TextButton
              aria-label={inspectorTexts.moveRightInSeries}
              onClick={() => act((now) => nudge(now, key, "right"))}
            >
              →
            </TextButton>
            <TextButton
              aria-label={inspectorTexts.moveToTheStringAbove}
              onClick={() => act((now) => nudge(now, key, "up"))}
            >
              ↑
            </TextButton>
            <TextButton
              aria-label={inspectorTexts.moveToTheStringBelow}
              onClick={() => act((now) => nudge(now, key, "down"))}
            >
              ↓
            </TextButton>
            <TextButton onClick={() => act((now) => besideBefore(now, key))}>
              {inspectorTexts.inParallelWithItsLeftNeighbor}
            </TextButton>
            <TextButton onClick={() => act((now) => split(now, key))}>{inspectorTexts.splitStringHere}</TextButton>
            <TextButton onClick={() => act((now) => merge(now, key))}>{inspectorTexts.joinToStringAbove}</TextButton>
            <TextButton onClick={() => act((now) => copy(now, key))}>{inspectorTexts.copyString}</TextButton>
            <TextButton onClick={() => act((now) => diode(now, key))}>{inspectorTexts.blockingDiode}</TextButton>
            <TextButton aria-pressed={stand.stance === "stowed"} onClick={() => act((now) => toggleStowed(now, keys))}>
              {inspectorTexts.stowed}
            </TextButton>
            <TextButton aria-pressed={first.bypassed} onClick={() => act((now) => toggleTakenOut(now, keys))}>
              {inspectorTexts.bypassed}
            </TextButton>
            <TextButton onClick={() => act((now) => tiltBy(now, keys, -15))}>{inspectorTexts.tilt15}</TextButton>
            <TextButton onClick={() => act((now) => tiltBy(now, keys, 15))}>{inspectorTexts.tilt152}</TextButton>
            <div role="group" aria-label={inspectorTexts.shadeByCellGroup} className={style["shade"]}>
              {inspectorTexts.shade}
              {tiles.length === 1 &&
                Array.from({ length: Math.min(parts, 24) }, (_, k) => {
                  const shaded = lightAt(stand.light, k, parts) < 1;
                  return (
                    <TextButton
                      key={k}
                      aria-pressed={shaded}
                      aria-label={inspectorTexts.shadeCellGroupK(k + 1)}
                      onClick={() => act((now) => toggleShade(now, key, k, parts))}
                    >
                      {k + 1}
                    </TextButton>
                  );
                })}
              <TextButton onClick={() => act((now) => setStands(now, keys, { light: [0.15] }, "shaded"))}>
                {inspectorTexts.all}
              </TextButton>
              <TextButton
                onClick={() =>
                  act((now) =>
                    setStands(
                      now,
                      keys,
                      { light: [1], tiltDeg: 0, azimuthDeg: null, stance: "out" },
                      inspectorTexts.flatInUseAndInFullSun,
                    ),
                  )
                }
              >
                {inspectorTexts.reset}
              </TextButton>
            </div>
          </>
        )}
      </div>
    </div>
  );
}

type MoveToProps = { readonly moves: readonly Move[]; readonly onMove: (id: string) => void };

/** Where else the panels may go; drawn again only when the places have other names. */
const MoveTo = memo(
  function MoveTo({ moves, onMove }: MoveToProps) {
    return (
      <ChoiceField
        label={inspectorTexts.moveTo}
        labelHidden
        value=""
        placeholder={inspectorTexts.moveTo2}
        options={moves.map(({ id, words }) => ({ value: id, text: words }))}
        onChoice={onMove}
      />
    );
  },
  (a, b) =>
    a.onMove === b.onMove && a.moves.map(({ words }) => words).join() === b.moves.map(({ words }) => words).join(),
);
