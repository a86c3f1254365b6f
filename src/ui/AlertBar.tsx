import Box from "@mui/material/Box";
import { type ReactNode } from "react";
import { LevelMark } from "./LevelMark";

/** Something that waits for the person: its level, what is the matter, and the ways out of it. */
export function AlertBar({ level, children, keys }: { level: "stop" | "care"; children: ReactNode; keys?: ReactNode }) {
  return (
    <Box
      role="alert"
      sx={{
        display: "flex",
        alignItems: "center",
        gap: 1.5,
        flexWrap: "wrap",
        px: 2,
        py: 1,
        bgcolor: "background.paper",
        borderBottom: `3px double var(--${level})`,
      }}
    >
      <LevelMark level={level} />
      {/* beside the mark, not under it */}
      <Box sx={{ maxWidth: "calc(100% - 48px)" }}>{children}</Box>
      {keys !== undefined && <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>{keys}</Box>}
    </Box>
  );
}
