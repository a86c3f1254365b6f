"use client";

import Box from "@mui/material/Box";
import { ArrowDown, ArrowLeft, ArrowRight, ArrowUp } from "lucide-react";
import { useState } from "react";
import { useDesk } from "@/features/plan-session";
import { TextButton } from "@/ui";
import { anchorOf, type Chosen, moveChange } from "./chosen";
import { arrowOf, type View } from "./view";
import { nudgeTexts } from "@/messages/en/layout/view";

const arrows = [
  ["ArrowLeft", "Left", ArrowLeft],
  ["ArrowUp", "Up", ArrowUp],
  ["ArrowDown", "Down", ArrowDown],
  ["ArrowRight", "Right", ArrowRight],
] as const;

/** Arrows for a thumb: what is chosen is moved by small steps, as it is seen. */
export function Nudge({
  chosen,
  positionId,
  view,
}: {
  readonly chosen: Chosen;
  readonly positionId: string;
  readonly view: View;
}) {
  const desk = useDesk();
  const [step, setStep] = useState(10);
  if (chosen.type === "way") return null;
  const push = (key: string) => {
    const [dx, dy] = arrowOf(key, view) ?? [0, 0];
    const [x, y] = anchorOf(desk.now().history.present, chosen, positionId);
    const change = moveChange(desk.now().history.present, chosen, positionId, [x + step * dx, y + step * dy]);
    if (change !== null) desk.change(change, `space:${chosen.id}:nudge`);
  };
  return (
    <Box
      sx={{ display: "flex", gap: 0.5, flexWrap: "wrap", alignItems: "center" }}
      role="group"
      aria-label={nudgeTexts.moveBySteps}
    >
      {arrows.map(([key, name, Icon]) => (
        <TextButton
          key={key}
          aria-label={nudgeTexts.moveNameByStepMm(name, step)}
          style={{ minWidth: 48 }}
          onClick={() => push(key)}
        >
          <Icon size={18} aria-hidden />
        </TextButton>
      ))}
      {[1, 10, 100].map((each) => (
        <TextButton key={each} look="plain" aria-pressed={each === step} onClick={() => setStep(each)}>
          {nudgeTexts.eachMm(each)}
        </TextButton>
      ))}
    </Box>
  );
}
