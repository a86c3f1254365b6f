"use client";

import Box from "@mui/material/Box";
import { type Site } from "@/core/plan";
import { fieldSpecs } from "@/core/engine/units";
import { assumedLossPct } from "@/core/wiring/year";
import { useDesk, usePlan } from "@/features/plan-session";
import { QuantityField, Region } from "@/ui";

const fields: readonly { readonly name: keyof Site["losses"]; readonly label: string; readonly help: string }[] = [
  { name: "dirtPct", label: "Dirt", help: "Share of the light that dust, pollen and soot keep out, over the year." },
  { name: "hazePct", label: "Haze", help: "Air duller than the place usually has: smoke, sea mist, a city." },
  { name: "ageingPct", label: "Age", help: "What the panels have lost since they were new: some 0.5 % a year." },
  {
    name: "cablePct",
    label: "Cable",
    help: "Share of the volts lost between panels and input at the amps of full sun.",
  },
  { name: "storingPct", label: "Controller, battery", help: "Share lost on the way into the battery and out again." },
  {
    name: "groundPct",
    label: "Ground sends back",
    help: "Share of the light the ground throws up: grass 20, sand 30, snow 70.",
  },
];

/** What the year takes off beside light, heat and wiring, each by its name. */
export function Losses() {
  const desk = useDesk();
  const { losses } = usePlan().site;
  return (
    <Region title="What is taken off">
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
            placeholder={`${assumedLossPct[name]} assumed`}
          />
        ))}
      </Box>
    </Region>
  );
}
