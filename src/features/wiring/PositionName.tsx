"use client";

import Box from "@mui/material/Box";
import { positionIdOf, useDesk, useDeskState } from "@/features/plan-session";
import { positionTabsTexts } from "@/messages/en/wiring/view";
import { TextLine } from "@/ui";

/** The name of the position on the board, to be written. */
export function PositionName({ onDone }: { readonly onDone: () => void }) {
  const desk = useDesk();
  const id = useDeskState(positionIdOf);
  const name = useDeskState((state) => state.history.present.positions.find((each) => each.id === id)?.name ?? "");
  return (
    <Box onKeyDown={({ key }) => (key === "Enter" || key === "Escape") && onDone()} sx={{ maxWidth: 220, mb: 1.5 }}>
      <TextLine
        key={id}
        label={positionTabsTexts.nameOfThisPosition}
        value={name}
        most={80}
        onValue={(next) => desk.change({ type: "renamePosition", positionId: id, name: next }, `position:${id}:name`)}
        onDone={desk.endGesture}
      />
    </Box>
  );
}
