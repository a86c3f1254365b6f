"use client";

import Box from "@mui/material/Box";
import { assumedInverterH, assumedNeed } from "@/core/need";
import { type Need } from "@/core/plan";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk, usePlan } from "@/features/plan-session";
import { ChoiceField, QuantityField, Region } from "@/ui";

/** The day's use in one line, for who has measured it; and what making mains costs. */
export function OneLine() {
  const desk = useDesk();
  const { need } = usePlan();
  const setNeed = (patch: Partial<Pick<Need, "by" | "line" | "inverter" | "autonomyDays">>, gesture?: string) =>
    desk.change({ type: "setNeed", patch }, gesture === undefined ? undefined : `need:${gesture}`);
  const inverter = (name: keyof Need["inverter"], label: string, help: string, assumed: string) => (
    <QuantityField
      label={label}
      spec={fieldSpecs[name]}
      value={need.inverter[name]}
      onValue={(value) => setNeed({ inverter: { ...need.inverter, [name]: value } }, `inverter:${name}`)}
      onDone={desk.endGesture}
      help={help}
      helpBelow
      placeholder={`${assumed} assumed`}
    />
  );
  return (
    <Region title="How it is counted">
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "1fr 1fr", sm: "1.2fr 1fr 1fr" } }}>
        <ChoiceField
          label="A day’s use is"
          value={need.by}
          options={[
            { value: "list", text: "the list above" },
            { value: "line", text: "one line, as measured" },
          ]}
          onChoice={(by) => setNeed({ by })}
        />
        {need.by === "line" ? (
          <>
            <QuantityField
              label="Wh a day"
              spec={fieldSpecs.dailyWh}
              value={need.line.wh}
              onValue={(wh) => setNeed({ line: { wh, ah: wh === null ? need.line.ah : null } }, "line")}
              onDone={desk.endGesture}
              help="What the battery gives in a usual day, all losses in it."
              helpBelow
            />
            <QuantityField
              label="or Ah a day"
              spec={fieldSpecs.dailyAh}
              value={need.line.ah}
              onValue={(ah) => setNeed({ line: { ah, wh: ah === null ? need.line.wh : null } }, "line")}
              onDone={desk.endGesture}
              help="At the volts of the battery."
              helpBelow
            />
          </>
        ) : (
          <>
            {inverter(
              "efficiencyPct",
              "Inverter gives",
              "Share of what it draws that comes out as mains.",
              String(assumedNeed.inverterEfficiencyPct),
            )}
            {inverter(
              "standingW",
              "Its own use",
              "Watts it draws while it is on.",
              String(assumedNeed.inverterStandingW),
            )}
            {inverter(
              "hoursADay",
              "On for",
              "Hours a day it is switched on, in use or not.",
              String(assumedInverterH(need.loads)),
            )}
          </>
        )}
        <QuantityField
          label="Days without sun"
          spec={fieldSpecs.autonomyDays}
          value={need.autonomyDays}
          onValue={(autonomyDays) => setNeed({ autonomyDays }, "autonomy")}
          onDone={desk.endGesture}
          help="How many the battery should last."
          helpBelow
          placeholder={`${assumedNeed.autonomyDays} assumed`}
        />
      </Box>
    </Region>
  );
}
