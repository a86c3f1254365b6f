import Box from "@mui/material/Box";
import Link from "next/link";
import { NamePlate } from "./NamePlate";
import { homeLinkTexts } from "@/messages/en/ui/view";

/** The mark in the head of a page, which leads to all plans; with `short` it stands alone where there is little room. */
export function HomeLink({ short = false }: { short?: boolean }) {
  return (
    <Box
      component={Link}
      href="/"
      aria-label={homeLinkTexts.goldenArrayAllPlans}
      sx={{ textDecoration: "none", minHeight: 44, minWidth: 44, display: "inline-flex", alignItems: "center" }}
    >
      <NamePlate short={short} />
    </Box>
  );
}
