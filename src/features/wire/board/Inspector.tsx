"use client";

import { memo, useCallback } from "react";
import { keyOf, lightAt, locate, standOf, type TileKey } from "@/core/wiring";
import { ChoiceField, TextKey } from "@/ui";
import style from "./board.module.css";
import {
  besideBefore,
  type Board,
  copy,
  diode,
  merge,
  type Move,
  movesOf,
  moveTo,
  nudge,
  setStands,
  split,
  tilesByKey,
  tileWords,
  tiltBy,
  toggleShade,
  toggleStowed,
  toggleTakenOut,
} from "./commands";
import { type Act } from "./useBoard";

type Props = {
  readonly board: Board;
  readonly keys: readonly TileKey[];
  readonly substringsOf: (panelId: string) => number;
  readonly act: Act;
  readonly onClear: () => void;
  /** whether a press adds to what is selected, for hands without a Ctrl key */ readonly adding: boolean;
  readonly onAdding: () => void;
  readonly onRow: () => void;
};

/** Everything that can be done with the selected panels, for those who do not drag. */
export function Inspector({ board, keys, substringsOf, act, onClear, adding, onAdding, onRow }: Props) {
  const onMove = useCallback((id: string) => void act((now) => moveTo(now, keys, id)), [act, keys]);
  const tiles = tilesByKey(board, keys);
  const [first] = tiles;
  if (first === undefined) return null;
  const key = keyOf(first);
  const wired = locate(board.wiring.lanes, key) !== null;
  const parts = substringsOf(first.panelId);
  const stand = standOf(board.pose, first);
  return (
    <div role="group" aria-label="Selected panels" className={style["selected"]}>
      <div className={style["headLine"]}>
        {tiles.length > 1 && <strong>{tileWords(board, tiles)}</strong>}
        <span className={style["toEnd"]}>
          {wired && (
            <TextKey look="plain" onClick={onRow}>
              Select its row
            </TextKey>
          )}
          <TextKey look="plain" aria-pressed={adding} onClick={onAdding}>
            Select more
          </TextKey>
          <TextKey look="plain" onClick={onClear}>
            Deselect
          </TextKey>
        </span>
      </div>
      <div className={style["tools"]}>
        <div className={style["moveTo"]}>
          <MoveTo moves={movesOf(board, keys)} onMove={onMove} />
        </div>
        {wired && (
          <>
            <TextKey aria-label="Move left in series" onClick={() => act((now) => nudge(now, key, "left"))}>
              ←
            </TextKey>
            <TextKey aria-label="Move right in series" onClick={() => act((now) => nudge(now, key, "right"))}>
              →
            </TextKey>
            <TextKey aria-label="Move to the row above" onClick={() => act((now) => nudge(now, key, "up"))}>
              ↑
            </TextKey>
            <TextKey aria-label="Move to the row below" onClick={() => act((now) => nudge(now, key, "down"))}>
              ↓
            </TextKey>
            <TextKey onClick={() => act((now) => besideBefore(now, key))}>Beside its left neighbour</TextKey>
            <TextKey onClick={() => act((now) => split(now, key))}>Split row here</TextKey>
            <TextKey onClick={() => act((now) => merge(now, key))}>Join row above</TextKey>
            <TextKey onClick={() => act((now) => copy(now, key))}>Copy row</TextKey>
            <TextKey onClick={() => act((now) => diode(now, key))}>Blocking diode</TextKey>
            <TextKey aria-pressed={stand.stance === "stowed"} onClick={() => act((now) => toggleStowed(now, keys))}>
              Stowed
            </TextKey>
            <TextKey aria-pressed={first.joinedPast} onClick={() => act((now) => toggleTakenOut(now, keys))}>
              Taken out
            </TextKey>
            <TextKey onClick={() => act((now) => tiltBy(now, keys, -15))}>Tilt −15°</TextKey>
            <TextKey onClick={() => act((now) => tiltBy(now, keys, 15))}>Tilt +15°</TextKey>
            <div role="group" aria-label="Shade by substring" className={style["shade"]}>
              Shade
              {tiles.length === 1 &&
                Array.from({ length: Math.min(parts, 24) }, (_, k) => {
                  const shaded = lightAt(stand.light, k, parts) < 1;
                  return (
                    <TextKey
                      key={k}
                      aria-pressed={shaded}
                      aria-label={`Shade substring ${k + 1}`}
                      onClick={() => act((now) => toggleShade(now, key, k, parts))}
                    >
                      {k + 1}
                    </TextKey>
                  );
                })}
              <TextKey onClick={() => act((now) => setStands(now, keys, { light: [0.15] }, "shaded"))}>All</TextKey>
              <TextKey
                onClick={() =>
                  act((now) =>
                    setStands(
                      now,
                      keys,
                      { light: [1], tiltDeg: 0, azimuthDeg: null, stance: "out" },
                      "flat, out and in full light",
                    ),
                  )
                }
              >
                Clear
              </TextKey>
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
        label="Move to"
        labelHidden
        value=""
        placeholder="Move to…"
        options={moves.map(({ id, words }) => ({ value: id, text: words }))}
        onChoice={onMove}
      />
    );
  },
  (a, b) =>
    a.onMove === b.onMove && a.moves.map(({ words }) => words).join() === b.moves.map(({ words }) => words).join(),
);
