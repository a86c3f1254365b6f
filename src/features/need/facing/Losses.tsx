"use client";

import Box from "@mui/material/Box";
import { type Site } from "@/core/plan";
import { fieldSpecs } from "@/core/engine/units";
import { assumedLossPct } from "@/core/wiring/year";
import { useDesk, usePlan } from "@/features/plan-session";
import { QuantityField, Region } from "@/ui";
import { lossesTexts } from "@/messages/en/need/facing";

const fields: readonly { readonly name: keyof Site["losses"]; readonly label: string; readonly help: string }[] = [
  { name: "dirtPct", label: lossesTexts.dirt, help: lossesTexts.shareOfTheLightThatDustPollenAnd },
  { name: "hazePct", label: lossesTexts.haze, help: lossesTexts.shareOfTheLightLostWhereTheAirIs },
  { name: "ageingPct", label: lossesTexts.aging, help: lossesTexts.whatThePanelsHaveLostSinceThey },
  {
    name: "cablePct",
    label: lossesTexts.cable,
    help: lossesTexts.voltageDropBetweenPanelsAnd,
  },
  { name: "storingPct", label: lossesTexts.controllerAndBattery, help: lossesTexts.shareLostInConversionIntoThe },
  {
    name: "groundPct",
    label: lossesTexts.groundReflectionAlbedo,
    help: lossesTexts.shareOfTheLightThatTheGround,
  },
];

/** What the year takes off beside light, heat and wiring, each by its name. */
export function Losses() {
  const desk = useDesk();
  const { losses } = usePlan().site;
  return (
    <Region title={lossesTexts.losses}>
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
        {fields.map(({ name, label, help }) => (
          <QuantityField
            key={name}
            label={label}
            spec={fieldSpecs.lossPct}
            value={losses[name]}
            onValue={(value) =>
              desk.change({ type: "setSite", patch: { losses: { ...losses, [name]: value } } }, `losses:${name}`)
            }
            onDone={desk.endGesture}
            help={help}
            helpBelow
            placeholder={lossesTexts.lossPctAssumed(assumedLossPct[name])}
          />
        ))}
      </Box>
    </Region>
  );
}
