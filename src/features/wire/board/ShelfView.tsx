"use client";

import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import { Minus, Plus } from "lucide-react";
import { type PlanPanel } from "@/core/plan";
import { type Tile } from "@/core/wiring";
import { useDesk } from "@/features/desk";
import { Zone } from "./Zone";

type Props = { readonly groups: readonly { readonly panel: PlanPanel; readonly tiles: readonly Tile[] }[]; readonly drawTile: (tile: Tile) => React.ReactNode };

/** Most panels of one kind drawn on the shelf; the rest are counted. */
const mostDrawn = 8;

/** The panels of the plan that are not wired, by kind, and how many of each the plan has. */
export function ShelfView({ groups, drawTile }: Props) {
  const desk = useDesk();
  return (
    <Box component="section" aria-label="Shelf: panels not wired" data-lane="shelf" sx={{ bgcolor: "var(--paper)", px: 1, pb: 1 }}>
      <Zone id="shelf" shape="area" target={{ type: "shelf" }}>
        <Box sx={{ width: "100%" }}>
          <Box sx={{ fontWeight: 700, py: 0.5 }}>Shelf</Box>
          {groups.map(({ panel, tiles }) => (
            <Box key={panel.id} sx={{ display: "flex", alignItems: "center", gap: 1, flexWrap: "wrap", py: 0.25 }}>
              <Box sx={{ display: "flex", alignItems: "center", minWidth: 250, flex: "0 1 auto", fontSize: "0.8125rem" }}>
                <IconButton aria-label={`One fewer ${panel.label.name}`} disabled={panel.count <= 1} onClick={() => desk.change({ type: "setCount", panelId: panel.id, count: panel.count - 1 })}><Minus size={14} /></IconButton>
                <Box component="span" className="num" sx={{ minWidth: 20, textAlign: "center", fontWeight: 700 }}>{panel.count}</Box>
                <IconButton aria-label={`One more ${panel.label.name}`} onClick={() => desk.change({ type: "setCount", panelId: panel.id, count: panel.count + 1 })}><Plus size={14} /></IconButton>
                <Box component="span" sx={{ minWidth: 0 }}>{panel.label.name}</Box>
              </Box>
              <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center" }}>
                {tiles.slice(0, mostDrawn).map(drawTile)}
                <Box component="span" sx={{ fontSize: "0.8125rem", color: "text.secondary" }}>{tiles.length === 0 ? "all wired" : tiles.length > mostDrawn ? `and ${tiles.length - mostDrawn} more` : ""}</Box>
              </Box>
            </Box>
          ))}
          {groups.length === 0 && <Box sx={{ fontSize: "0.875rem" }}>No panel in this plan yet: choose one at Panels.</Box>}
        </Box>
      </Zone>
    </Box>
  );
}
