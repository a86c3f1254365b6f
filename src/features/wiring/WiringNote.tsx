"use client";

import Box from "@mui/material/Box";
import { useDeskState, wiringOf } from "@/features/plan-session";
import { wiringTabsTexts } from "@/messages/en/wiring/view";

/** What somebody wrote of the wiring on the board. */
export function WiringNote() {
  const note = useDeskState((state) => wiringOf(state).note);
  return note === "" ? null : (
    <Box
      component="p"
      aria-label={wiringTabsTexts.noteOnThisWiring}
      sx={{ m: 0, fontSize: "0.875rem", fontStyle: "italic" }}
    >
      {note}
    </Box>
  );
}
