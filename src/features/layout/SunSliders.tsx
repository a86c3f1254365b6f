"use client";

import Box from "@mui/material/Box";
import { monthName } from "@/messages/en";
import { type SunTime } from "./layout";
import { sunSlidersTexts } from "@/messages/en/layout/view";

type Props = { readonly time: SunTime; readonly onTime: (time: SunTime) => void; readonly elevationDeg: number };

/** The season and the hour, by the sun's clock. */
export function SunSliders({ time, onTime, elevationDeg }: Props) {
  const hours = `${Math.floor(time.hour)}:${String(Math.round((time.hour % 1) * 60)).padStart(2, "0")}`;
  return (
    <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: "1fr 2fr" } }}>
      <label style={{ display: "grid", fontWeight: 600, fontSize: "0.875rem" }}>
        {sunSlidersTexts.monthMonth(monthName(time.month))}
        <input
          type="range"
          min={1}
          max={12}
          step={1}
          value={time.month}
          aria-label={sunSlidersTexts.month}
          aria-valuetext={monthName(time.month)}
          style={{ minHeight: 44, accentColor: "var(--amber-deep)" }}
          onChange={(event) => onTime({ ...time, month: Number(event.target.value) })}
        />
      </label>
      <label style={{ display: "grid", fontWeight: 600, fontSize: "0.875rem" }}>
        {sunSlidersTexts.sunAt(hours, elevationDeg)}
        <input
          type="range"
          min={3}
          max={21}
          step={0.25}
          value={time.hour}
          aria-label={sunSlidersTexts.hour}
          aria-valuetext={hours}
          style={{ minHeight: 44, accentColor: "var(--amber-deep)" }}
          onChange={(event) => onTime({ ...time, hour: Number(event.target.value) })}
        />
      </label>
    </Box>
  );
}
