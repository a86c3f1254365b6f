import Box from "@mui/material/Box";
import { type ReactNode } from "react";

/** What a field is called, over it. */
export function FieldLabel({ htmlFor, children }: { readonly htmlFor: string; readonly children: ReactNode }) {
  return (
    <Box
      component="label"
      htmlFor={htmlFor}
      sx={{ display: "block", fontSize: "0.8125rem", fontWeight: 600, mb: "2px" }}
    >
      {children}
    </Box>
  );
}
