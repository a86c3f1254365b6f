import Box from "@mui/material/Box";
import { type ReactNode } from "react";

/** A sheet's work beside what is told of it; under one another where it is narrow. */
export function Columns({
  beside,
  children,
}: {
  readonly beside: "390px" | "340px" | "minmax(0, 1fr)";
  readonly children: ReactNode;
}) {
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: `minmax(0, 1fr) ${beside}` },
        alignItems: "start",
      }}
    >
      {children}
    </Box>
  );
}
