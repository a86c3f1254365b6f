"use client";

import { useDraggable, useDroppable } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import { memo } from "react";
import { type PlanPanel } from "@/core/plan";
import { type TileState } from "@/core/rules";
import { keyOf, type Tile, type TileKey } from "@/core/wiring";
import { amount } from "@/ui";
import { type Target } from "./targets";
import { TilePicture } from "./TilePicture";

type Props = {
  readonly tile: Tile;
  readonly panel: PlanPanel;
  readonly substrings: number;
  readonly state: TileState | null;
  readonly selected: boolean;
  readonly lit: boolean;
  readonly where: string;
  readonly onSelect: (key: TileKey, more: boolean) => void;
  readonly onSubstring: ((key: TileKey, substring: number) => void) | null;
};

/** A panel on the board: press to select, drag to move, press a stripe to shade it. */
export const TileView = memo(function TileView({ tile, panel, substrings, state, selected, lit, where, onSelect, onSubstring }: Props) {
  const key = keyOf(tile);
  const drag = useDraggable({ id: key });
  const target: Target = { type: "beside", key };
  const drop = useDroppable({ id: `beside:${key}`, data: target, disabled: onSubstring === null });
  const words = stateWords(tile, state);
  return (
    <Box
      ref={(node: HTMLElement | null) => {
        drag.setNodeRef(node);
        drop.setNodeRef(node);
      }}
      component="button"
      type="button"
      data-tile={key}
      aria-pressed={selected}
      {...drag.listeners}
      onClick={(event: React.MouseEvent) => onSelect(key, event.ctrlKey || event.metaKey || event.shiftKey)}
      title={state === null ? undefined : `${amount(state.v, "V")} · ${amount(state.i, "A")} · ${amount(state.p, "W")}`}
      sx={{
        position: "relative", display: "flex", flexDirection: "column", alignItems: "center", justifyContent: "space-between", gap: "3px", width: 92, minHeight: 74, p: "4px", font: "inherit", color: "inherit", cursor: "grab", touchAction: "manipulation",
        bgcolor: lit ? "var(--window-wash)" : "var(--sheet)", border: selected ? "3px solid var(--ink)" : "1px solid var(--line-strong)", m: selected ? 0 : "2px", borderRadius: "2px", opacity: drag.isDragging ? 0.35 : 1, flex: "none",
        outline: drop.isOver && !drag.isDragging ? "3px dashed var(--amber-deep)" : undefined,
      }}
    >
      <Box component="span" sx={{ minHeight: 40, display: "grid", placeItems: "center" }}>
        <TilePicture label={panel.label} tile={tile} substrings={substrings} bypassed={state?.substrings.map((part) => part.bypassed) ?? []} {...(onSubstring === null ? {} : { onSubstring: (k: number) => onSubstring(key, k) })} />
      </Box>
      <Box component="span" className="num" sx={{ fontSize: "0.8125rem", lineHeight: 1.15, textAlign: "center", maxWidth: 90 }}>
        <Box component="span" sx={{ display: "block", fontWeight: 700, whiteSpace: "nowrap", overflow: "hidden", textOverflow: "ellipsis" }}>{shortName(panel.label.name)} · {tile.piece}</Box>
        <span className="visually-hidden">{`, ${panel.label.name}, ${where}${words === "" ? "" : `, ${words}`}. `}</span>
        <Box component="span" sx={{ display: "block", whiteSpace: "nowrap" }}>{tile.stance !== "out" ? stanceWords[tile.stance] : state === null ? "" : amount(state.p, "W")}{tile.tiltDeg === 0 ? "" : ` ∠${tile.tiltDeg}°`}</Box>
      </Box>
    </Box>
  );
});

const stanceWords = { stowed: "stowed", off: "taken out", out: "" } as const;

function stateWords(tile: Tile, state: TileState | null): string {
  const shaded = tile.light.filter((share) => share < 1).length;
  const bypassed = state?.substrings.filter((part) => part.bypassed).length ?? 0;
  return [
    tile.stance === "out" ? null : stanceWords[tile.stance],
    tile.tiltDeg === 0 ? null : `tilted ${tile.tiltDeg}°`,
    shaded > 0 ? `${shaded} substrings shaded` : null,
    state === null ? null : `${amount(state.v, "V")}, ${amount(state.i, "A")}, ${amount(state.p, "W")}`,
    bypassed > 0 ? `${bypassed} bypassed` : null,
  ].filter((part) => part !== null).join(", ");
}

/** The model's own short mark, out of "Mossgate MG-195, half-cut". */
export function shortName(name: string): string {
  const head = name.split(",")[0] ?? name;
  const words = head.trim().split(/\s+/);
  return words.length > 1 ? (words[words.length - 1] as string) : head;
}
