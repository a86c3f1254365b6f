"use client";

import Box from "@mui/material/Box";
import { assumedInverterH, assumedNeed } from "@/core/need";
import { type Need } from "@/core/plan";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk, usePlan } from "@/features/plan-session";
import { ChoiceField, QuantityField, Region } from "@/ui";
import { oneLineTexts } from "@/messages/en/need/view";

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
      placeholder={oneLineTexts.assumedAssumed(assumed)}
    />
  );
  return (
    <Region title={oneLineTexts.howDailyUseIsEntered}>
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "1fr 1fr", sm: "1.2fr 1fr 1fr" } }}>
        <ChoiceField
          label={oneLineTexts.dailyUseFrom}
          value={need.by}
          options={[
            { value: "list", text: oneLineTexts.theListAbove },
            { value: "line", text: oneLineTexts.oneMeasuredFigure },
          ]}
          onChoice={(by) => setNeed({ by })}
        />
        {need.by === "line" ? (
          <>
            <QuantityField
              label={oneLineTexts.whADay}
              spec={fieldSpecs.dailyWh}
              value={need.line.wh}
              onValue={(wh) => setNeed({ line: { wh, ah: wh === null ? need.line.ah : null } }, "line")}
              onDone={desk.endGesture}
              help={oneLineTexts.whADayHelp}
              helpBelow
            />
            <QuantityField
              label={oneLineTexts.orAhADay}
              spec={fieldSpecs.dailyAh}
              value={need.line.ah}
              onValue={(ah) => setNeed({ line: { ah, wh: ah === null ? need.line.wh : null } }, "line")}
              onDone={desk.endGesture}
              help={oneLineTexts.orAhADayHelp}
              helpBelow
            />
          </>
        ) : (
          <>
            {inverter(
              "efficiencyPct",
              oneLineTexts.inverterEfficiency,
              oneLineTexts.shareOfThePowerDrawnThatComesOut,
              String(assumedNeed.inverterEfficiencyPct),
            )}
            {inverter(
              "standingW",
              oneLineTexts.inverterIdlePower,
              oneLineTexts.wattsThatTheInverterItselfDraws,
              String(assumedNeed.inverterStandingW),
            )}
            {inverter(
              "hoursADay",
              oneLineTexts.inverterOn,
              oneLineTexts.hoursADayThatTheInverterIs,
              String(assumedInverterH(need.loads)),
            )}
          </>
        )}
        <QuantityField
          label={oneLineTexts.daysOfAutonomy}
          spec={fieldSpecs.autonomyDays}
          value={need.autonomyDays}
          onValue={(autonomyDays) => setNeed({ autonomyDays }, "autonomy")}
          onDone={desk.endGesture}
          help={oneLineTexts.daysOfAutonomyHelp}
          helpBelow
          placeholder={oneLineTexts.autonomyDaysAssumed(assumedNeed.autonomyDays)}
        />
      </Box>
    </Region>
  );
}
