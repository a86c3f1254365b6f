"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useDesk, useDeskState, wiringOf } from "@/features/plan-session";
import { wiringTabsTexts } from "@/messages/en/wiring/view";
import { useNamed } from "./useNamed";
import { showWiring } from "./wirings";

/** The named wirings of the same panels; one is on the board. */
export function WiringTabs() {
  const desk = useDesk();
  const wirings = useNamed((plan) => plan.wirings);
  const shownId = useDeskState((state) => wiringOf(state).id);
  return (
    <Box
      role="group"
      aria-label={wiringTabsTexts.wiringsOfThesePanels}
      sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}
    >
      {wirings.map(({ id, name }) => (
        <Button
          key={id}
          size="small"
          variant={id === shownId ? "contained" : "outlined"}
          aria-pressed={id === shownId}
          onClick={() => showWiring(desk, id)}
        >
          {name}
        </Button>
      ))}
    </Box>
  );
}
