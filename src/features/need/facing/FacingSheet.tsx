"use client";

import Box from "@mui/material/Box";
import { Losses } from "./Losses";
import { Mounts } from "./Mounts";
import { PositionHours } from "./PositionHours";
import { Skyline } from "./Skyline";

/** How panels face, what stands before the sun, and what else is taken off. */
export function FacingSheet() {
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1.5fr) minmax(0, 1fr)" },
        alignItems: "start",
      }}
    >
      <Box sx={{ display: "grid", gap: 2, minWidth: 0, gridTemplateColumns: "minmax(0, 1fr)" }}>
        <Mounts />
        <Skyline />
      </Box>
      <Box sx={{ display: "grid", gap: 2, minWidth: 0, gridTemplateColumns: "minmax(0, 1fr)" }}>
        <PositionHours />
        <Losses />
      </Box>
    </Box>
  );
}
