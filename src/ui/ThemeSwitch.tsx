"use client";

import Box from "@mui/material/Box";
import { FlameKindling, NotebookPen, Sun } from "lucide-react";
import { type Light, lights } from "./light-tokens";
import { useLight } from "./LightsProvider";
import { themeSwitchTexts } from "@/messages/en/ui/view";

const names: Readonly<Record<Light, string>> = {
  paper: themeSwitchTexts.paper,
  sunlight: themeSwitchTexts.sunlight,
  lantern: themeSwitchTexts.lantern,
};
const icons = { paper: NotebookPen, sunlight: Sun, lantern: FlameKindling } as const;

/** Chooses the light to read by. */
export function ThemeSwitch() {
  const { light, setLight } = useLight();
  return (
    <Box
      role="group"
      aria-label={themeSwitchTexts.displayPaperSunlightLantern}
      sx={{ display: "inline-flex", border: "1px solid var(--line-strong)" }}
    >
      {lights.map((choice) => {
        const Icon = icons[choice];
        const chosen = choice === light;
        return (
          <Box
            key={choice}
            component="button"
            type="button"
            aria-pressed={chosen}
            aria-label={names[choice]}
            title={names[choice]}
            onClick={() => setLight(choice)}
            sx={{
              display: "grid",
              placeItems: "center",
              width: 34,
              height: 34,
              border: 0,
              p: 0,
              cursor: "pointer",
              bgcolor: chosen ? "var(--ink)" : "transparent",
              color: chosen ? "var(--sheet)" : "var(--ink)",
              "@media (pointer: coarse)": { width: 44, height: 44 },
            }}
          >
            <Icon size={18} aria-hidden />
          </Box>
        );
      })}
    </Box>
  );
}
