import Box from "@mui/material/Box";
import Link from "next/link";
import { NamePlate } from "./NamePlate";

/** The mark in the head of a page, which leads to all plans; with `short` it stands alone where there is little room. */
export function HomeLink({ short = false }: { short?: boolean }) {
  return (
    <Box
      component={Link}
      href="/"
      aria-label="Golden Array: all plans"
      sx={{ textDecoration: "none", minHeight: 44, minWidth: 44, display: "inline-flex", alignItems: "center" }}
    >
      <NamePlate short={short} />
    </Box>
  );
}
