"use client";

import Box from "@mui/material/Box";
import { type LaneView as Judged, type TileStates } from "@/core/rules";
import { type Lane, type LaneRef, type Tile } from "@/core/wiring";
import { type SkyName } from "@/core/sky";
import { amount, given, LevelMark, limit, type MarkLevel } from "@/ui";
import { RowsView } from "./RowsView";
import { Zone } from "./Zone";

type Props = {
  readonly name: string;
  readonly laneRef: LaneRef;
  readonly lane: Lane | null;
  readonly judged: Judged | null;
  readonly level: MarkLevel | null;
  readonly sky: SkyName;
  readonly chosen: boolean;
  readonly states: TileStates | null;
  readonly onChoose: () => void;
  readonly drawTile: (tile: Tile, where: string) => React.ReactNode;
  readonly tools: React.ReactNode;
};

/** One port and the rows that feed it. */
export function LaneView({ name, laneRef, lane, judged, level, sky, chosen, states, onChoose, drawTile, tools }: Props) {
  const rows = lane?.rows ?? [];
  const operating = judged?.skies[sky].operating ?? null;
  const id = `${laneRef.inputId ?? ""}/${laneRef.portId ?? ""}`;
  return (
    <Box component="section" aria-label={`Lane: ${name}`} data-lane={id} sx={{ borderBottom: "1px solid var(--line-strong)", borderLeft: chosen ? "6px solid var(--amber)" : "6px solid transparent" }}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1, flexWrap: "wrap", px: 1, minHeight: 44, bgcolor: chosen ? "var(--paper)" : undefined }}>
        {level !== null && <LevelMark level={level} size={18} />}
        <Box component="button" type="button" aria-pressed={chosen} onClick={onChoose} sx={{ border: 0, bgcolor: "transparent", color: "inherit", font: "inherit", fontWeight: 700, textAlign: "left", cursor: "pointer", minHeight: 36, px: 0.5, "@media (pointer: coarse)": { minHeight: 44 } }}>
          {name}
        </Box>
        <Box className="num" sx={{ fontSize: "0.8125rem", color: "text.secondary" }}>{judged === null ? "" : acceptWords(judged)}</Box>
        <Box sx={{ ml: "auto", display: "flex", gap: 0.5, alignItems: "center", flexWrap: "wrap" }}>{tools}</Box>
      </Box>
      <Box sx={{ overflowX: "auto", px: 1 }}>
        {rows.length > 0 && <RowsView rows={rows} lane={laneRef} path={[]} states={states} drawTile={drawTile} />}
      </Box>
      <Box sx={{ px: 1, pb: 0.5 }}>
        <Zone id={`new:${id}`} shape="strip" target={{ type: "newRow", lane: laneRef, path: [], at: rows.length }}>
          <Box sx={{ display: "flex", justifyContent: "space-between", width: "100%", gap: 1, fontSize: "0.8125rem", color: "text.secondary", flexWrap: "wrap" }}>
            <span>{rows.length === 0 ? "Empty: put panels here." : "A panel put here is a new row: amps add."}</span>
            {operating !== null && operating.p > 0 && (
              <Box component="strong" className="num" sx={{ color: "text.primary" }}>{rows.length > 1 ? "amps add: " : ""}{amount(operating.v, "V")} · {amount(operating.i, "A")} · {amount(operating.p, "W")}</Box>
            )}
          </Box>
        </Zone>
      </Box>
    </Box>
  );
}

/** What the port takes, as its sheet says it. */
function acceptWords({ window }: Judged): string {
  if (window === null) return "";
  const amps = Math.max(0, ...window.currentLimits.map((tier) => tier.amps));
  return [`${limit(window.minV, "V")} to ${given(window.maxV, "V")}`, amps > 0 ? given(amps, "A") : null, window.maxW === null ? null : limit(window.maxW, "W")].filter((part) => part !== null).join(" · ");
}
