"use client";

import Box from "@mui/material/Box";
import { assumedSite } from "@/core/plan-model";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk, usePlan } from "@/features/plan-session";
import { QuantityField, useUnits } from "@/ui";
import { given } from "@/messages/en";
import { recordSourceOf } from "./place-words";

const help = {
  recordLowC:
    "The coldest the place has ever been. Cold raises volts: it is compared with every input’s max PV voltage.",
  recordHighC: "The hottest the place has ever been. Heat lowers volts, and lets a port fall asleep.",
  heightM: "Above the sea. Kept with the plan; the air’s thickness is in the light of the months already.",
  headingDeg:
    "Where the front of the vehicle points, degrees from north by east: panels told from the front turn with it.",
} as const;

/** Records with where they come from, the height, and which way the vehicle stands. */
export function Records() {
  const desk = useDesk();
  const { site } = usePlan();
  const system = useUnits();
  const assumed = assumedSite(site);
  const quantity = (name: keyof typeof help, label: string, placeholder: string) => (
    <QuantityField
      label={label}
      spec={fieldSpecs[name === "headingDeg" ? "azimuthDeg" : name]}
      value={site[name]}
      onValue={(value) => desk.change({ type: "setSite", patch: { [name]: value } }, `site:${name}`)}
      onDone={desk.endGesture}
      help={help[name]}
      helpBelow
      placeholder={placeholder}
    />
  );
  return (
    <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "1fr 1fr", sm: "1.15fr 1.15fr 1fr 1fr" } }}>
      <Box>
        {quantity("recordLowC", "Record low", `${given(assumed.recordLowC, "°C", system)} assumed`)}
        <Box sx={{ fontSize: "0.8125rem" }}>{recordSourceOf(site.recordLowSource)}</Box>
      </Box>
      <Box>
        {quantity("recordHighC", "Record high", `${given(assumed.recordHighC, "°C", system)} assumed`)}
        <Box sx={{ fontSize: "0.8125rem" }}>{recordSourceOf(site.recordHighSource)}</Box>
      </Box>
      {quantity("heightM", "Height", "0 assumed")}
      {quantity("headingDeg", "Front points to", "0 assumed")}
    </Box>
  );
}
