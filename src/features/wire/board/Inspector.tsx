"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { type TileStates } from "@/core/rules";
import { keyOf, lightAt, locate, type TileKey } from "@/core/wiring";
import { amount, ChoiceField, counted } from "@/ui";
import {
  besideBefore, type Board, copy, diode, laneName, laneRefs, merge, nudge, type Outcome, put, setTiles, split, tilesByKey, tileWords, tiltBy, toggleShade, toggleStance,
} from "./commands";

type Props = { readonly board: Board; readonly keys: readonly TileKey[]; readonly states: TileStates | null; readonly substringsOf: (panelId: string) => number; readonly act: (outcome: Outcome) => void; readonly onClear: () => void };

/** What the selected panels do, and everything that can be done with them, for those who do not drag. */
export function Inspector({ board, keys, states, substringsOf, act, onClear }: Props) {
  const tiles = tilesByKey(board, keys);
  const [first] = tiles;
  if (first === undefined) {
    return <Box sx={{ p: 1, fontSize: "0.875rem", minHeight: 60 }}>Press a panel to see what it does and to move, shade, tilt or stow it. Drag it, or use the arrow keys with Alt; press ? for all keys.</Box>;
  }
  const key = keyOf(first);
  const wired = locate(board.wiring.lanes, key) !== null;
  const state = tiles.length === 1 ? states?.[key] : undefined;
  const refs = laneRefs(board);
  const parts = substringsOf(first.panelId);
  const stance = (words: string, wanted: "stowed" | "off") => (
    <Button size="small" variant={first.stance === wanted ? "contained" : "outlined"} aria-pressed={first.stance === wanted} onClick={() => act(toggleStance(board, keys, wanted))}>{words}</Button>
  );
  return (
    <Box role="group" aria-label="Selected panels" sx={{ p: 1, display: "grid", gap: 0.75 }}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1, flexWrap: "wrap" }}>
        <strong>{tileWords(board, tiles)}</strong>
        {state !== undefined && <span className="num">{amount(state.v, "V")} · {amount(state.i, "A")} · {amount(state.p, "W")}{state.substrings.some((part) => part.bypassed) ? ` · ${counted(state.substrings.filter((part) => part.bypassed).length, "substring")} bypassed` : ""}</span>}
        <Button size="small" onClick={onClear} sx={{ ml: "auto" }}>Deselect</Button>
      </Box>
      <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap", alignItems: "flex-end" }}>
        <Box sx={{ minWidth: 170 }}>
          <ChoiceField label="Move to" value="" placeholder="a new row on…" options={[...refs.map((ref, k) => ({ value: String(k), text: `${laneName(board, ref)}, new row` })), { value: "shelf", text: "the shelf" }]} onChoice={(value) => {
            const ref = refs[Number(value)];
            if (value === "shelf") act(put(board, keys, { type: "shelf" }));
            else if (ref !== undefined) act(put(board, keys, { type: "newRow", lane: ref, path: [], at: board.wiring.lanes.find((lane) => lane.inputId === ref.inputId && lane.portId === ref.portId)?.rows.length ?? 0 }));
          }} />
        </Box>
        {wired && (
          <>
            <Button size="small" variant="outlined" aria-label="Move left in series" onClick={() => act(nudge(board, key, "left"))}>←</Button>
            <Button size="small" variant="outlined" aria-label="Move right in series" onClick={() => act(nudge(board, key, "right"))}>→</Button>
            <Button size="small" variant="outlined" aria-label="Move to the row above" onClick={() => act(nudge(board, key, "up"))}>↑</Button>
            <Button size="small" variant="outlined" aria-label="Move to the row below" onClick={() => act(nudge(board, key, "down"))}>↓</Button>
            <Button size="small" variant="outlined" onClick={() => act(besideBefore(board, key))}>Beside the one before</Button>
          </>
        )}
      </Box>
      {wired && (
        <>
          <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
            {stance("Stowed", "stowed")}
            {stance("Taken out", "off")}
            <Button size="small" variant="outlined" onClick={() => act(tiltBy(board, keys, -15))}>Tilt −15°</Button>
            <Button size="small" variant="outlined" onClick={() => act(tiltBy(board, keys, 15))}>Tilt +15°</Button>
            <Button size="small" variant="outlined" onClick={() => act(split(board, key))}>Split row here</Button>
            <Button size="small" variant="outlined" onClick={() => act(merge(board, key))}>Join row above</Button>
            <Button size="small" variant="outlined" onClick={() => act(copy(board, key))}>Copy row</Button>
            <Button size="small" variant="outlined" onClick={() => act(diode(board, key))}>Blocking diode</Button>
          </Box>
          <Box role="group" aria-label="Shade by substring" sx={{ display: "flex", gap: 0.5, flexWrap: "wrap", alignItems: "center", fontSize: "0.8125rem" }}>
            Shade:
            {tiles.length === 1 && Array.from({ length: Math.min(parts, 24) }, (_, k) => {
              const shaded = lightAt(first.light, k, parts) < 1;
              return <Button key={k} size="small" variant={shaded ? "contained" : "outlined"} aria-pressed={shaded} aria-label={`Shade substring ${k + 1}`} onClick={() => act(toggleShade(board, key, k, parts))} sx={{ minWidth: 36 }}>{k + 1}</Button>;
            })}
            <Button size="small" variant="outlined" onClick={() => act(setTiles(board, keys, { light: [0.15] }, "shaded"))}>All</Button>
            <Button size="small" variant="outlined" onClick={() => act(setTiles(board, keys, { light: [1], tiltDeg: 0, stance: "out" }, "flat, out and in full light"))}>Clear</Button>
          </Box>
        </>
      )}
    </Box>
  );
}
