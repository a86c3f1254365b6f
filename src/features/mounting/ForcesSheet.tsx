"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { pieceName } from "@/core/plan";
import { keyOf } from "@/core/engine/array";
import { useDesk, usePlan } from "@/features/plan-session";
import { StepFindings } from "@/features/checks";
import { Columns, Region, TextButton } from "@/ui";
import { LoadResults } from "./LoadResults";
import { useReport } from "./facts";
import style from "./mount.module.css";
import { MountingForm } from "./MountingForm";
import { forcesSheetTexts } from "@/messages/en/mounting/view";

/** What is said of a fixing, and what wind, weight and heat do to it. */
export function ForcesSheet() {
  const report = useReport();
  return (
    <Columns beside="minmax(0, 1fr)">
      <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
        <MountingForm />
        <Pieces />
      </Box>
      <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
        <Region title={forcesSheetTexts.windWeightAndHeat}>
          {report.held === null ? (
            <p style={{ margin: 0 }}>{forcesSheetTexts.noPanelWithAKnownSizeIsInThis}</p>
          ) : (
            <LoadResults held={report.held} />
          )}
        </Region>
        <Region title={forcesSheetTexts.checks}>
          <StepFindings step="mounting" nothing="Nothing yet." />
        </Region>
      </Box>
    </Columns>
  );
}

/** Which panels it holds: pressed ones. One that something else held leaves it. */
function Pieces() {
  const desk = useDesk();
  const plan = usePlan();
  const { fixing } = useReport();
  const held = new Set(fixing.pieces.map(keyOf));
  const all = plan.panels.flatMap(({ id, pieces }) => pieces.map(({ number }) => ({ panelId: id, piece: number })));
  const [announced, announce] = useState("");
  return (
    <Region title={forcesSheetTexts.panelsInThisMounting}>
      <div className={style["pieces"]}>
        {all.map((ref) => {
          const key = keyOf(ref);
          const isHeld = held.has(key);
          return (
            <TextButton
              key={key}
              aria-pressed={isHeld}
              onClick={() => {
                const pieces = isHeld ? fixing.pieces.filter((each) => keyOf(each) !== key) : [...fixing.pieces, ref];
                desk.change({ type: "setFixing", fixing: { ...fixing, pieces } });
                announce(`${pieceName(plan, key)} ${isHeld ? "remove from this mounting" : "held"}`);
              }}
            >
              {pieceName(plan, key)}
            </TextButton>
          );
        })}
      </div>
      <span className="visually-hidden" role="status">
        {announced}
      </span>
    </Region>
  );
}
