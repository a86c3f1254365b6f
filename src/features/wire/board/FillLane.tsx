"use client";

import Box from "@mui/material/Box";
import { type Board } from "./commands";
import { asMatrix, type Lane, type LaneRef } from "@/core/wiring";
import { fieldSpecs } from "@/core/units";
import { useDesk } from "@/features/desk";
import { ChoiceField } from "@/ui";
import { Stepper } from "../Stepper";

/** A lane of panels all alike, set by number: kind, how many in series, how many rows. */
export function FillLane({ board, laneRef, lane }: { board: Board; laneRef: LaneRef; lane: Lane | null }) {
  const desk = useDesk();
  const { plan, wiring } = board;
  const matrix = lane === null ? null : asMatrix(lane.rows);
  const panelId = matrix?.panelId ?? plan.panels[0]?.id;
  if (panelId === undefined) return null;
  const fill = (change: { panelId?: string; series?: number; strings?: number }, gesture?: string) =>
    desk.change({ type: "fillLane", wiringId: wiring.id, ...laneRef, panelId, series: matrix?.series ?? 1, strings: matrix?.strings ?? 1, ...change }, gesture);
  return (
    <Box sx={{ display: "grid", gap: 1.25, gridTemplateColumns: { xs: "1fr 1fr", sm: "1.3fr 1fr 1fr" }, alignItems: "start" }}>
      <Box sx={{ gridColumn: { xs: "1 / 3", sm: "auto" } }}>
        <ChoiceField label="Panel" value={matrix === null ? "" : panelId} placeholder={lane === null ? "none yet" : "several kinds"} options={plan.panels.map(({ id, label }) => ({ value: id, text: label.name }))} onChoice={(chosen) => fill({ panelId: chosen })} />
      </Box>
      <Stepper label="In series" law="volts add, amps don’t" help="Panels one after another, plus to minus. Volts add up; amps stay those of one panel." spec={fieldSpecs.series} value={matrix?.series ?? 1} onValue={(series) => fill({ series }, "fill:series")} onDone={desk.endGesture} />
      <Stepper label="Strings" law="in parallel: amps add" help="Equal rows side by side, plus to plus. Amps add up; volts stay those of one row." spec={fieldSpecs.strings} value={matrix?.strings ?? 1} onValue={(strings) => fill({ strings }, "fill:strings")} onDone={desk.endGesture} />
    </Box>
  );
}
