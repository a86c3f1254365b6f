"use client";

import Box from "@mui/material/Box";
import { Snowflake, Sun, Thermometer } from "lucide-react";
import { type SkyView } from "@/core/rules";
import { type SkyName, skyNames } from "@/core/sky";
import { useDesk, useDeskState } from "@/features/desk";
import { skyWords } from "@/features/window-chart";
import { amount } from "@/ui";

const icons = { coldDawn: Snowflake, brightNoon: Sun, hotRoof: Thermometer } as const;

/** The skies side by side; a press moves the running point to that sky. */
export function SkyStrip({ skies }: { skies: Readonly<Record<SkyName, SkyView>> }) {
  const desk = useDesk();
  const chosen = useDeskState((state) => state.sky);
  return (
    <Box role="group" aria-label="Sky" sx={{ display: "grid", gridTemplateColumns: "repeat(3, 1fr)", borderBottom: "1px solid var(--line)" }}>
      {skyNames.map((name) => {
        const Icon = icons[name];
        const { sky, array, operating } = skies[name];
        const here = name === chosen;
        return (
          <Box
            key={name}
            component="button"
            type="button"
            aria-pressed={here}
            onClick={() => desk.set({ sky: name })}
            sx={{ display: "flex", gap: 1, alignItems: "center", textAlign: "left", border: 0, borderRight: "1px solid var(--line)", borderBottom: here ? "4px solid var(--amber)" : "4px solid transparent", bgcolor: here ? "var(--paper)" : "transparent", color: "inherit", font: "inherit", cursor: "pointer", px: { xs: 0.75, md: 1.5 }, py: 0.5, minHeight: 48, minWidth: 0 }}
          >
            <Box component="span" sx={{ display: { xs: "none", sm: "block" } }}><Icon size={20} aria-hidden /></Box>
            <Box component="span" sx={{ minWidth: 0 }}>
              <Box component="span" sx={{ display: "block", fontWeight: 700, fontSize: "0.875rem" }}>{skyWords[name]}</Box>
              <Box component="span" className="num" sx={{ display: "block", fontSize: "0.8125rem", color: "text.secondary" }}>
                cells {amount(sky.cellTempC, "°C")} · {name === "coldDawn" ? `${amount(array.vocV, "V")} open` : amount(operating?.p ?? array.mpp.p, "W")}
              </Box>
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
