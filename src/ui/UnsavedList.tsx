import Box from "@mui/material/Box";
import { type ReactNode } from "react";
import { LevelMark } from "./LevelMark";
import { unsavedListTexts } from "@/messages/en/ui/view";

/** Lines of what was left unsaved, each with what may become of it. */
export function UnsavedList({ children }: { children: ReactNode }) {
  return (
    <Box
      role="region"
      aria-label={unsavedListTexts.unsavedChanges}
      sx={{
        display: "grid",
        gap: 1,
        px: 2,
        py: 1,
        bgcolor: "background.paper",
        borderBottom: "3px double var(--care)",
      }}
    >
      {children}
    </Box>
  );
}

export function LeftLine({ words, keys }: { words: ReactNode; keys: ReactNode }) {
  return (
    <Box sx={{ display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap" }}>
      <LevelMark level="care" />
      <Box sx={{ maxWidth: "calc(100% - 48px)" }}>{words}</Box>
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>{keys}</Box>
    </Box>
  );
}
