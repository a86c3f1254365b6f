"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { useDeskState } from "@/features/plan-session";
import { finderTabsTexts } from "@/messages/en/best-wirings/view";
import { TextButton, useHash } from "@/ui";

/** What was put on the board from this tab, told where one looks, with the way there. */
export function DoneBar() {
  const said = useDeskState((state) => state.said);
  // what was said before this tab was open is no news here
  const [before] = useState(said);
  const [, setHash] = useHash();
  return (
    <Box role="status" sx={{ position: "sticky", bottom: "var(--thumb-bar, 0px)", zIndex: 2 }}>
      {said !== before && (
        <Box
          sx={{
            display: "flex",
            flexWrap: "wrap",
            alignItems: "center",
            gap: 1.5,
            px: 1.5,
            py: 0.5,
            fontSize: "0.875rem",
            bgcolor: "background.paper",
            borderTop: "2px solid var(--ink)",
          }}
        >
          <span>{said}</span>
          <TextButton onClick={() => setHash("board")}>{finderTabsTexts.showTheBoard}</TextButton>
        </Box>
      )}
    </Box>
  );
}
