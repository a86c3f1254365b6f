import Box from "@mui/material/Box";
import { type ReactNode } from "react";
import { HomeLink } from "./HomeLink";

/** The head of a page beside the plans: the way back to them, and what is set for all pages. */
export function PageHead({ children }: { children?: ReactNode }) {
  return (
    <Box
      component="header"
      sx={{
        display: "flex",
        alignItems: "center",
        gap: 1.5,
        px: { xs: 1, md: 2 },
        minHeight: 52,
        borderBottom: "1px solid var(--line)",
        flexWrap: "wrap",
      }}
    >
      <HomeLink />
      <Box sx={{ ml: "auto", display: "flex", gap: 0.5, alignItems: "center" }}>{children}</Box>
    </Box>
  );
}
