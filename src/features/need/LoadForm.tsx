"use client";

import Box from "@mui/material/Box";
import { dayTimes, type Load, type Need, seasons } from "@/core/plan";
import { type FieldName, fieldSpecs } from "@/core/engine/units";
import { useDesk } from "@/features/plan-session";
import { ChoiceField, QuantityField, TextLine } from "@/ui";
import { CheckGroup } from "./CheckGroup";
import { dayTimeWords, seasonWords } from "@/messages/en/need/loads";
import { loadFormTexts } from "@/messages/en/need/view";

const help = {
  watts: loadFormTexts.wattsWhileItRunsFromItsRating,
  amps: loadFormTexts.ampsAtBatteryVoltageIfThePlate,
  hoursADay: loadFormTexts.hoursADayThatItReallyRunsA,
  timesADay: loadFormTexts.timesADay,
  timesWh: loadFormTexts.energyOfOneUseWattsTimesHours,
  count: loadFormTexts.numberOfIdenticalAppliances,
} as const;

/** One appliance in full. */
export function LoadForm({ load, need }: { load: Load; need: Need }) {
  const desk = useDesk();
  const patch = (change: Partial<Load>, gesture?: string) =>
    desk.change(
      { type: "patchInNeed", list: "loads", id: load.id, patch: change },
      gesture === undefined ? undefined : `load:${load.id}:${gesture}`,
    );
  const quantity = (name: keyof typeof help, label: string, spec: FieldName, placeholder = "") => (
    <QuantityField
      label={label}
      spec={fieldSpecs[spec]}
      value={load[name]}
      onValue={(value) => patch(name === "count" ? { count: value ?? 1 } : { [name]: value }, name)}
      onDone={desk.endGesture}
      help={help[name]}
      helpBelow
      required={name === "count"}
      placeholder={placeholder}
    />
  );
  return (
    <Box
      sx={{
        display: "grid",
        gap: 1,
        gridTemplateColumns: { xs: "1fr 1fr", sm: "2fr 1fr 1fr 1fr" },
        p: 1.5,
        bgcolor: "var(--paper)",
        borderBottom: "1px solid var(--line)",
      }}
    >
      <TextLine
        label={loadFormTexts.name}
        value={load.name}
        most={80}
        onValue={(name) => patch({ name }, "name")}
        onDone={desk.endGesture}
      />
      {quantity("count", loadFormTexts.quantity, "count")}
      <ChoiceField
        label={loadFormTexts.used}
        value={load.use}
        options={[
          { value: "hours", text: "for hours" },
          { value: "times", text: "so often" },
        ]}
        onChoice={(use) => patch({ use })}
      />
      <ChoiceField
        label={loadFormTexts.suppliedBy}
        value={load.supply}
        options={[
          { value: "dc", text: loadFormTexts.batteryDc },
          { value: "mains", text: loadFormTexts.acMainsFromAnInverter },
        ]}
        onChoice={(supply) => patch({ supply })}
      />
      {load.use === "hours" ? (
        <>
          {quantity(
            "watts",
            loadFormTexts.watts,
            "loadW",
            load.amps === null ? "" : loadFormTexts.calculatedFromTheAmps,
          )}
          {quantity("amps", "or amps", "loadA", load.watts === null ? "" : loadFormTexts.calculatedFromTheWatts)}
          {quantity("hoursADay", loadFormTexts.hoursADay, "hoursADay")}
        </>
      ) : (
        <>
          {quantity("timesADay", loadFormTexts.timesADay2, "timesADay")}
          {quantity("timesWh", loadFormTexts.whEachTime, "timesWh")}
        </>
      )}
      <ChoiceField
        label={loadFormTexts.timeOfDay}
        value={load.when}
        options={dayTimes.map((value) => ({ value, text: dayTimeWords[value] }))}
        onChoice={(when) => patch({ when })}
      />
      <Box sx={{ gridColumn: { xs: "1 / 3", sm: need.batteries.length > 1 ? "1 / 4" : "1 / 5" } }}>
        <CheckGroup
          label={loadFormTexts.seasons}
          options={seasons.map((value) => ({ value, text: seasonWords[value] }))}
          chosen={load.seasons}
          onChosen={(chosen) => patch({ seasons: chosen })}
        />
      </Box>
      {need.batteries.length > 1 && (
        <ChoiceField
          label={loadFormTexts.runsFrom}
          value={load.batteryId ?? need.batteries[0]?.id ?? ""}
          options={need.batteries.map(({ id, name }) => ({ value: id, text: name }))}
          onChoice={(batteryId) => patch({ batteryId })}
        />
      )}
    </Box>
  );
}
