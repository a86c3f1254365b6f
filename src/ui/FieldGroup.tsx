import Box from "@mui/material/Box";
import { type ReactNode } from "react";

/** Fields that belong together under one ruled legend. */
export function FieldGroup({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box
      component="fieldset"
      sx={{ border: 0, borderTop: "1px solid var(--line-strong)", m: 0, p: 0, pt: 0.5, minWidth: 0 }}
    >
      <Box component="legend" sx={{ fontFamily: "var(--font-display)", fontSize: "0.875rem", pr: 1, px: 0 }}>
        {title}
      </Box>
      {children}
    </Box>
  );
}
