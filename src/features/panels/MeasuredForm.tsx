"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import OutlinedInput from "@mui/material/OutlinedInput";
import { useId, useState } from "react";
import { fitPoints, readLabel } from "@/core/engine/panel";
import { type PlanPanel } from "@/core/plan";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk } from "@/features/plan-session";
import { LevelMark, QuantityField } from "@/ui";
import { pointsSentence } from "@/messages/en";
import { readPoints } from "./points";
import { measuredFormTexts } from "@/messages/en/panels/view";

const blank = { irradianceWm2: 1000, cellTempC: 25, points: [] };

/** A panel's own curve as measured: volts and amps, and the sky they were measured under. */
export function MeasuredForm({ panel }: { panel: PlanPanel }) {
  const desk = useDesk();
  const id = useId();
  const measured = panel.measured ?? blank;
  const [text, setText] = useState(() => measured.points.map(({ v, i }) => `${v}, ${i}`).join("\n"));
  const reading = readPoints(text);
  const set = (change: Partial<typeof measured>, gesture: string) =>
    desk.change(
      { type: "setMeasured", panelId: panel.id, measured: { ...measured, ...change } },
      `measured:${panel.id}:${gesture}`,
    );
  const label = readLabel(panel.label);
  const fit =
    panel.measured !== null && label.type === "label" && measured.points.length > 0
      ? fitPoints(label.label, measured)
      : null;
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
        <QuantityField
          label={measuredFormTexts.irradiance}
          spec={fieldSpecs.irradianceWm2}
          value={measured.irradianceWm2}
          required
          onValue={(irradianceWm2) => irradianceWm2 !== null && set({ irradianceWm2 }, "light")}
          onDone={desk.endGesture}
          help={measuredFormTexts.irradianceHelp}
        />
        <QuantityField
          label={measuredFormTexts.cellTemperature}
          spec={fieldSpecs.cellTempC}
          value={measured.cellTempC}
          required
          onValue={(cellTempC) => cellTempC !== null && set({ cellTempC }, "cells")}
          onDone={desk.endGesture}
          help={measuredFormTexts.cellTemperatureHelp}
        />
      </Box>
      <Box>
        <Box
          component="label"
          htmlFor={id}
          sx={{ display: "block", fontSize: "0.8125rem", fontWeight: 600, mb: "2px" }}
        >
          {measuredFormTexts.pointsVoltsAmps}
        </Box>
        <OutlinedInput
          id={id}
          multiline
          minRows={4}
          maxRows={10}
          fullWidth
          value={text}
          placeholder={"0, 6.04\n12.5, 5.9\n18.6, 5.6"}
          error={reading.type === "fault"}
          aria-describedby={`${id}-word`}
          onChange={(event) => {
            setText(event.target.value);
            const next = readPoints(event.target.value);
            if (next.type === "points") set({ points: next.points }, "points");
          }}
          onBlur={desk.endGesture}
          sx={{ fontVariantNumeric: "tabular-nums", fontSize: "0.875rem" }}
        />
        <Box
          id={`${id}-word`}
          role={reading.type === "fault" ? "alert" : undefined}
          sx={{ fontSize: "0.8125rem", mt: "2px", color: reading.type === "fault" ? "error.main" : "text.secondary" }}
        >
          {reading.type === "fault"
            ? measuredFormTexts.lineLineTextIsNotAPairOfVoltsAnd(reading.line, reading.text)
            : measuredFormTexts.onePointALineOrPastedFromA}
        </Box>
      </Box>
      {fit !== null && (
        <Box role="status" sx={{ display: "flex", gap: 1, fontSize: "0.875rem" }}>
          <LevelMark level={fit.type === "model" ? "good" : "open"} size={18} />
          <span>{pointsSentence(fit)}</span>
        </Box>
      )}
      {panel.measured !== null && (
        <Box>
          <Button
            size="small"
            onClick={() => {
              desk.change({ type: "setMeasured", panelId: panel.id, measured: null });
              setText("");
            }}
          >
            {measuredFormTexts.useTheLabelInstead}
          </Button>
        </Box>
      )}
    </Box>
  );
}
