"use client";

import Box from "@mui/material/Box";
import { assumedSite } from "@/core/plan-model";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk, usePlan } from "@/features/plan-session";
import { QuantityField, useUnits } from "@/ui";
import { given } from "@/messages/en";
import { recordSourceOf } from "@/messages/en/need/coordinates";
import { recordsTexts } from "@/messages/en/need/place";

const help = {
  recordLowC: recordsTexts.theColdestAirEverMeasuredAtThe,
  recordHighC: recordsTexts.theHottestAirEverMeasuredAtThe,
  heightM: recordsTexts.heightAboveSeaLevelSavedWithThe,
  headingDeg: recordsTexts.directionTheFrontOfTheVehicle,
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
        {quantity(
          "recordLowC",
          recordsTexts.recordLow,
          recordsTexts.recordLowCAssumed(given(assumed.recordLowC, "°C", system)),
        )}
        <Box sx={{ fontSize: "0.8125rem" }}>{recordSourceOf(site.recordLowSource)}</Box>
      </Box>
      <Box>
        {quantity(
          "recordHighC",
          recordsTexts.recordHigh,
          recordsTexts.recordHighCAssumed(given(assumed.recordHighC, "°C", system)),
        )}
        <Box sx={{ fontSize: "0.8125rem" }}>{recordSourceOf(site.recordHighSource)}</Box>
      </Box>
      {quantity("heightM", recordsTexts.height, "0 assumed")}
      {quantity("headingDeg", recordsTexts.frontPointsTo, "0 assumed")}
    </Box>
  );
}
