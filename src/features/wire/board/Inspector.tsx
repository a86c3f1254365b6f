"use client";

import { memo } from "react";
import { keyOf, lightAt, locate, type TileKey } from "@/core/wiring";
import { ChoiceField, TextKey } from "@/ui";
import style from "./board.module.css";
import {
  besideBefore,
  type Board,
  copy,
  diode,
  laneName,
  laneRefs,
  merge,
  nudge,
  type Outcome,
  setTiles,
  split,
  tilesByKey,
  tileWords,
  tiltBy,
  toggleShade,
  toggleStance,
} from "./commands";

type Props = {
  readonly board: Board;
  readonly keys: readonly TileKey[];
  readonly substringsOf: (panelId: string) => number;
  readonly act: (outcome: Outcome) => void;
  readonly onMove: (to: number | "shelf") => void;
  readonly onClear: () => void;
  /** whether a press adds to what is selected, for hands without a Ctrl key */ readonly adding: boolean;
  readonly onAdding: () => void;
  readonly onRow: () => void;
};

/** Everything that can be done with the selected panels, for those who do not drag. */
export function Inspector({ board, keys, substringsOf, act, onMove, onClear, adding, onAdding, onRow }: Props) {
  const tiles = tilesByKey(board, keys);
  const [first] = tiles;
  if (first === undefined) return null;
  const key = keyOf(first);
  const wired = locate(board.wiring.lanes, key) !== null;
  const refs = laneRefs(board);
  const parts = substringsOf(first.panelId);
  const stance = (words: string, wanted: "stowed" | "off") => (
    <TextKey aria-pressed={first.stance === wanted} onClick={() => act(toggleStance(board, keys, wanted))}>
      {words}
    </TextKey>
  );
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
          <MoveTo lanes={refs.map((ref) => laneName(board, ref)).join("\n")} onMove={onMove} />
        </div>
        {wired && (
          <>
            <TextKey aria-label="Move left in series" onClick={() => act(nudge(board, key, "left"))}>
              ←
            </TextKey>
            <TextKey aria-label="Move right in series" onClick={() => act(nudge(board, key, "right"))}>
              →
            </TextKey>
            <TextKey aria-label="Move to the row above" onClick={() => act(nudge(board, key, "up"))}>
              ↑
            </TextKey>
            <TextKey aria-label="Move to the row below" onClick={() => act(nudge(board, key, "down"))}>
              ↓
            </TextKey>
            <TextKey onClick={() => act(besideBefore(board, key))}>Beside the one before</TextKey>
            <TextKey onClick={() => act(split(board, key))}>Split row here</TextKey>
            <TextKey onClick={() => act(merge(board, key))}>Join row above</TextKey>
            <TextKey onClick={() => act(copy(board, key))}>Copy row</TextKey>
            <TextKey onClick={() => act(diode(board, key))}>Blocking diode</TextKey>
            {stance("Stowed", "stowed")}
            {stance("Taken out", "off")}
            <TextKey onClick={() => act(tiltBy(board, keys, -15))}>Tilt −15°</TextKey>
            <TextKey onClick={() => act(tiltBy(board, keys, 15))}>Tilt +15°</TextKey>
            <div role="group" aria-label="Shade by substring" className={style["shade"]}>
              Shade
              {tiles.length === 1 &&
                Array.from({ length: Math.min(parts, 24) }, (_, k) => {
                  const shaded = lightAt(first.light, k, parts) < 1;
                  return (
                    <TextKey
                      key={k}
                      aria-pressed={shaded}
                      aria-label={`Shade substring ${k + 1}`}
                      onClick={() => act(toggleShade(board, key, k, parts))}
                    >
                      {k + 1}
                    </TextKey>
                  );
                })}
              <TextKey onClick={() => act(setTiles(board, keys, { light: [0.15] }, "shaded"))}>All</TextKey>
              <TextKey
                onClick={() =>
                  act(setTiles(board, keys, { light: [1], tiltDeg: 0, stance: "out" }, "flat, out and in full light"))
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

/** Where else the panels may go; drawn again only when the lanes have other names. */
const MoveTo = memo(function MoveTo({ lanes, onMove }: { lanes: string; onMove: (to: number | "shelf") => void }) {
  const options = [
    ...lanes.split("\n").map((name, k) => ({ value: String(k), text: `${name}, new row` })),
    { value: "shelf", text: "the shelf" },
  ];
  return (
    <ChoiceField
      label="Move to"
      labelHidden
      value=""
      placeholder="Move to…"
      options={options}
      onChoice={(value) => onMove(value === "shelf" ? value : Number(value))}
    />
  );
});
