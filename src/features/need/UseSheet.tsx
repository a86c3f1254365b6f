"use client";

import Box from "@mui/material/Box";
import { NotesField } from "@/features/notes";
import { Region } from "@/ui";
import { Batteries } from "./Batteries";
import { LoadList } from "./LoadList";
import { Margin } from "./Margin";
import { OneLine } from "./OneLine";
import { Sources } from "./Sources";
import { Stock } from "./Stock";
import { useSheetTexts } from "@/messages/en/need/view";

/** What is used, what stores it, what else charges; the margin adds it up. Narrow, the list comes before the stock it is filled from. */
export function UseSheet() {
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "230px minmax(0, 1fr) 360px" },
        gridTemplateAreas: { xs: '"list" "stock" "margin" "rest"', md: '"stock list margin" "stock rest margin"' },
        gridTemplateRows: { md: "auto 1fr" },
        alignItems: "start",
      }}
    >
      <Box sx={{ gridArea: "list", minWidth: 0 }}>
        <LoadList />
      </Box>
      <Box sx={{ gridArea: "stock", minWidth: 0 }}>
        <Stock />
      </Box>
      <Box sx={{ gridArea: "margin", display: "grid", gap: 2, minWidth: 0, gridTemplateColumns: "minmax(0, 1fr)" }}>
        <Margin />
      </Box>
      <Box sx={{ gridArea: "rest", display: "grid", gap: 2, minWidth: 0, gridTemplateColumns: "minmax(0, 1fr)" }}>
        <OneLine />
        <Batteries />
        <Sources />
        <Region title={useSheetTexts.notes}>
          <label htmlFor="need-notes" className="visually-hidden">
            {useSheetTexts.notes}
          </label>
          <NotesField step="need" id="need-notes" />
        </Region>
      </Box>
    </Box>
  );
}
