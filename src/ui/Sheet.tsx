import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { type ReactNode, useId } from "react";

/** A sheet of the notebook: a titled region with a ruled heading. */
export function Sheet({ title, aside, children, flush = false }: { title: string; aside?: ReactNode; children: ReactNode; flush?: boolean }) {
  const id = useId();
  return (
    <Box component="section" aria-labelledby={id} sx={{ bgcolor: "background.paper", border: "1px solid var(--line)", borderTop: "2px solid var(--ink)", minWidth: 0 }}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1, px: 1.5, minHeight: 40, borderBottom: "1px solid var(--line)", flexWrap: "wrap" }}>
        <Typography id={id} variant="h2" component="h2" sx={{ flex: "1 1 auto" }}>
          {title}
        </Typography>
        {aside}
      </Box>
      <Box sx={{ p: flush ? 0 : 1.5 }}>{children}</Box>
    </Box>
  );
}
