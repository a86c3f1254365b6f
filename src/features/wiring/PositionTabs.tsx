"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { positionTabsTexts } from "@/messages/en/wiring/view";
import { positionIdOf, useDesk, useDeskState } from "@/features/plan-session";
import { showPosition } from "./positions";
import { useWiringPositions } from "./useNamed";

/** The positions the wiring on the board is used in: how the panels stand in each is looked at, changed and judged. */
export function PositionTabs() {
  const desk = useDesk();
  const { used } = useWiringPositions();
  const shownId = useDeskState(positionIdOf);
  return (
    <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center", fontSize: "0.875rem" }}>
      <Box component="span" id="position-tabs" sx={{ display: { xs: "none", sm: "inline" } }}>
        {positionTabsTexts.position}
      </Box>
      <Box role="group" aria-labelledby="position-tabs" sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
        {used.map(({ id, name }) => (
          <Button
            key={id}
            size="small"
            variant="text"
            aria-pressed={id === shownId}
            onClick={() => showPosition(desk, id)}
            sx={{
              textTransform: "none",
              color: "text.primary",
              borderRadius: 0,
              borderBottom: id === shownId ? "3px solid var(--amber)" : "3px solid transparent",
              fontWeight: id === shownId ? 700 : 400,
            }}
          >
            {name}
          </Button>
        ))}
      </Box>
    </Box>
  );
}
