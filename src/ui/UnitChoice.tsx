"use client";

import Box from "@mui/material/Box";
import { createContext, type ReactNode, useContext, useMemo, useState } from "react";
import { type UnitSystem, unitSystems } from "@/core/engine/units";
import { unitsCookie } from "./light-tokens";
import { unitChoiceTexts } from "@/messages/en/ui/view";

type UnitState = { readonly system: UnitSystem; readonly setSystem: (system: UnitSystem) => void };

const UnitContext = createContext<UnitState>({ system: "metric", setSystem: () => undefined });

/** Hands metric or US down to every field and figure; V, A and W are the same in both. */
export function Units({ initial, children }: { initial: UnitSystem; children: ReactNode }) {
  const [system, setSystem] = useState(initial);
  const state = useMemo(
    () => ({
      system,
      setSystem: (next: UnitSystem) => {
        // a cookie, so that the server writes the first view in the right units already
        document.cookie = `${unitsCookie}=${next}; path=/; max-age=31536000; samesite=strict`;
        setSystem(next);
      },
    }),
    [system],
  );
  return <UnitContext value={state}>{children}</UnitContext>;
}

export function useUnits(): UnitSystem {
  return useContext(UnitContext).system;
}

const names: Readonly<Record<UnitSystem, { readonly short: string; readonly long: string }>> = {
  metric: { short: "mm", long: unitChoiceTexts.metricMmKgC },
  us: { short: "in", long: unitChoiceTexts.usInLbF },
};

/** Switches between metric and US. */
export function UnitSwitch() {
  const { system, setSystem } = useContext(UnitContext);
  return (
    <Box
      role="group"
      aria-label={unitChoiceTexts.units}
      sx={{ display: "inline-flex", border: "1px solid var(--line-strong)" }}
    >
      {unitSystems.map((choice) => (
        <Box
          key={choice}
          component="button"
          type="button"
          aria-pressed={choice === system}
          title={names[choice].long}
          onClick={() => setSystem(choice)}
          sx={{
            minWidth: 34,
            height: 34,
            border: 0,
            px: 0.75,
            cursor: "pointer",
            font: "inherit",
            fontSize: "0.8125rem",
            fontWeight: 700,
            bgcolor: choice === system ? "var(--ink)" : "transparent",
            color: choice === system ? "var(--sheet)" : "var(--ink)",
            "@media (pointer: coarse)": { minWidth: 44, height: 44 },
          }}
        >
          {names[choice].short}
          <span className="visually-hidden">: {names[choice].long}</span>
        </Box>
      ))}
    </Box>
  );
}
