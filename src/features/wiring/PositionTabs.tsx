"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { CopyPlus, PencilLine, X } from "lucide-react";
import { useState } from "react";
import { positionIdOf, useDesk, useDeskState, wiringOf } from "@/features/plan-session";
import { ChoiceField, newId, TextLine } from "@/ui";
import { addPosition, maxPositions, setPositionUsed, showPosition } from "./positions";
import { positionTabsTexts } from "@/messages/en/wiring/view";

/** The positions the wiring on the board is used in: how the panels stand in each is looked at, changed and judged. */
export function PositionTabs() {
  const desk = useDesk();
  // names only: the tabs are not drawn again when a panel is tilted
  const named = useDeskState((state) => {
    const { positionIds } = wiringOf(state);
    const { positions } = state.history.present;
    return JSON.stringify(positions.map(({ id, name }) => ({ id, name, used: positionIds.includes(id) })));
  });
  const all = JSON.parse(named) as { id: string; name: string; used: boolean }[];
  const shownId = useDeskState(positionIdOf);
  const order = useDeskState((state) => wiringOf(state).positionIds.join());
  const used = order.split(",").flatMap((id) => all.find((position) => position.id === id) ?? []);
  const others = all.filter((position) => !position.used);
  const shown = used.find(({ id }) => id === shownId);
  const [writing, setWriting] = useState(false);
  return (
    <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center", fontSize: "0.875rem" }}>
      <span id="position-tabs">{positionTabsTexts.position}</span>
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
      <Box sx={{ display: "flex", alignItems: "center" }}>
        <IconButton
          aria-label={positionTabsTexts.renameThisPosition}
          title={positionTabsTexts.renameThisPosition}
          aria-expanded={writing}
          onClick={() => setWriting(!writing)}
        >
          <PencilLine size={16} />
        </IconButton>
        <IconButton
          aria-label={positionTabsTexts.copyThisPosition}
          title={positionTabsTexts.copyThisPositionPanelsCanBe}
          disabled={all.length >= maxPositions}
          onClick={() => addPosition(desk, newId())}
        >
          <CopyPlus size={16} />
        </IconButton>
        {used.length > 1 && (
          <IconButton
            aria-label={positionTabsTexts.notUsedInThisPosition}
            title={positionTabsTexts.removeThisWiringFromThisPosition}
            onClick={() => setPositionUsed(desk, shownId, false)}
          >
            <X size={16} />
          </IconButton>
        )}
      </Box>
      {others.length > 0 && (
        <ChoiceField
          label={positionTabsTexts.alsoUsedInAnotherPosition}
          labelHidden
          value=""
          placeholder={positionTabsTexts.alsoUsedIn}
          options={others.map(({ id, name }) => ({ value: id, text: name }))}
          onChoice={(id) => setPositionUsed(desk, id, true)}
        />
      )}
      {writing && shown !== undefined && (
        <Box
          onKeyDown={({ key }) => (key === "Enter" || key === "Escape") && setWriting(false)}
          sx={{ flex: "0 1 220px" }}
        >
          <TextLine
            key={shown.id}
            label={positionTabsTexts.nameOfThisPosition}
            value={shown.name}
            most={80}
            onValue={(name) =>
              desk.change({ type: "renamePosition", positionId: shown.id, name }, `pose:${shown.id}:name`)
            }
            onDone={desk.endGesture}
          />
        </Box>
      )}
    </Box>
  );
}
