"use client";

import Box from "@mui/material/Box";
import { Trash2 } from "lucide-react";
import { assumedBattery, assumedNeed, filledBattery } from "@/core/need";
import { type Battery, chemistries } from "@/core/plan";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk, usePlan } from "@/features/plan-session";
import { ChoiceField, newId, QuantityField, Region, TextButton, TextLine, ToolButton } from "@/ui";
import { amount } from "@/messages/en";
import { CheckGroup } from "./CheckGroup";

const chemistryWords = { lithium: "Lithium", lead: "Lead" } as const;

/** What stores it: how much of it one may use, how fast it charges, which inputs feed it. */
export function Batteries() {
  const desk = useDesk();
  const { need, inputs } = usePlan();
  return (
    <Region title="What stores it" flush>
      {need.batteries.length === 0 && (
        <Box sx={{ p: 1.5, fontSize: "0.9375rem" }}>
          No battery yet: every day then has to bring what it uses. A power station has its battery inside: add that
          one.
        </Box>
      )}
      {need.batteries.map((battery) => (
        <BatteryForm
          key={battery.id}
          battery={battery}
          inputs={inputs.map(({ id, device }) => ({ id, name: device.name }))}
        />
      ))}
      <Box sx={{ p: 1 }}>
        <TextButton
          onClick={() =>
            desk.change({
              type: "addToNeed",
              list: "batteries",
              id: newId(),
              like: {
                name: need.batteries.length === 0 ? "Battery" : `Battery ${need.batteries.length + 1}`,
                volts: 12,
              },
            })
          }
        >
          Add a battery
        </TextButton>
      </Box>
    </Region>
  );
}

type FormProps = {
  readonly battery: Battery;
  readonly inputs: readonly { readonly id: string; readonly name: string }[];
};

function BatteryForm({ battery, inputs }: FormProps) {
  const desk = useDesk();
  const patch = (change: Partial<Battery>, gesture?: string) =>
    desk.change(
      { type: "patchInNeed", list: "batteries", id: battery.id, patch: change },
      gesture === undefined ? undefined : `battery:${battery.id}:${gesture}`,
    );
  const usual = assumedBattery[battery.chemistry];
  const fields = {
    volts: {
      label: "Volts",
      spec: "batteryV",
      help: "Its nominal volts: 12, 24, 48.",
      assumed: `${assumedNeed.volts} assumed`,
    },
    capacityAh: {
      label: "Capacity",
      spec: "capacityAh",
      help: "Capacity in Ah, from the label. If it states Wh, divide by the battery voltage.",
      assumed: "",
    },
    usablePct: {
      label: "Usable",
      spec: "sharePct",
      help: "Usable capacity (max depth of discharge), %.",
      assumed: `${usual.usablePct} assumed`,
    },
    maxChargeA: {
      label: "Max charge current",
      spec: "batteryMaxA",
      help: "The most charge current (A) its maker allows.",
      assumed: battery.capacityAh === null ? "" : `${usual.chargeShare * battery.capacityAh} assumed`,
    },
    standingW: {
      label: "Always on",
      spec: "standingW",
      help: "Watts that run day and night: an idle controller, a monitor, an alarm.",
      assumed: `${assumedNeed.standingW} assumed`,
    },
  } as const;
  const quantity = (name: keyof typeof fields) => {
    const { label, spec, help, assumed } = fields[name];
    return (
      <QuantityField
        key={name}
        label={label}
        spec={fieldSpecs[spec]}
        value={battery[name]}
        onValue={(value) => patch({ [name]: value }, name)}
        onDone={desk.endGesture}
        help={help}
        helpBelow
        placeholder={assumed}
      />
    );
  };
  const { usableWh } = filledBattery(battery);
  return (
    <Box sx={{ p: 1.5, borderBottom: "1px solid var(--line)", display: "grid", gap: 1 }} data-battery={battery.id}>
      <Box
        sx={{
          display: "grid",
          gap: 1,
          gridTemplateColumns: { xs: "1fr 1fr", sm: "2fr 1fr 1fr 1fr auto" },
          alignItems: "start",
        }}
      >
        <TextLine
          label="Name"
          value={battery.name}
          most={80}
          onValue={(name) => patch({ name }, "name")}
          onDone={desk.endGesture}
        />
        <ChoiceField
          label="Kind"
          value={battery.chemistry}
          options={chemistries.map((value) => ({ value, text: chemistryWords[value] }))}
          onChoice={(chemistry) => patch({ chemistry })}
        />
        {quantity("volts")}
        {quantity("capacityAh")}
        <Box sx={{ pt: "20px" }}>
          <ToolButton
            aria-label={`Remove ${battery.name}`}
            onClick={() => desk.change({ type: "removeFromNeed", list: "batteries", id: battery.id })}
          >
            <Trash2 size={16} />
          </ToolButton>
        </Box>
      </Box>
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "1fr 1fr", sm: "1fr 1fr 1fr 1fr" } }}>
        {quantity("usablePct")}
        {quantity("maxChargeA")}
        {quantity("standingW")}
        {battery.chemistry === "lithium" && (
          <ChoiceField
            label="Below freezing"
            value={battery.keptWarm ? "warm" : "cold"}
            options={[
              { value: "cold", text: "as cold as the air" },
              { value: "warm", text: "kept warm" },
            ]}
            onChoice={(kept) => patch({ keptWarm: kept === "warm" })}
            help="Lithium must not be charged below freezing."
          />
        )}
      </Box>
      {inputs.length > 1 && (
        <CheckGroup
          label="Charged by (leave empty: every controller not assigned to another battery)"
          options={inputs.map(({ id, name }) => ({ value: id, text: name }))}
          chosen={battery.inputIds}
          onChosen={(inputIds) => patch({ inputIds })}
        />
      )}
      <Box className="num" sx={{ fontSize: "0.875rem" }}>
        {usableWh > 0
          ? `${amount(usableWh, "Wh")} to use.${battery.chemistry === "lithium" && !battery.keptWarm ? " While the air is below 0 °C it takes no charge." : ""}`
          : "Enter its Ah."}
      </Box>
    </Box>
  );
}
