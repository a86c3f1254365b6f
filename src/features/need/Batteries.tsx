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
import { batteriesTexts } from "@/messages/en/need/view";

const chemistryWords = { lithium: "Lithium", lead: "Lead" } as const;

/** What stores it: how much of it one may use, how fast it charges, which inputs feed it. */
export function Batteries() {
  const desk = useDesk();
  const { need, inputs } = usePlan();
  return (
    <Region title={batteriesTexts.battery} flush>
      {need.batteries.length === 0 && (
        <Box sx={{ p: 1.5, fontSize: "0.9375rem" }}>{batteriesTexts.noBatteryYetSoEveryDayHasTo}</Box>
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
                name:
                  need.batteries.length === 0
                    ? batteriesTexts.battery
                    : batteriesTexts.batteryBatterieCount(need.batteries.length + 1),
                volts: 12,
              },
            })
          }
        >
          {batteriesTexts.addABattery}
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
      label: batteriesTexts.voltage,
      spec: "batteryV",
      help: batteriesTexts.nominalVoltage1224Or48V,
      assumed: batteriesTexts.voltsAssumed(assumedNeed.volts),
    },
    capacityAh: {
      label: batteriesTexts.capacity,
      spec: "capacityAh",
      help: batteriesTexts.capacityInAhFromTheLabelIfIt,
      assumed: "",
    },
    usablePct: {
      label: batteriesTexts.usable,
      spec: "sharePct",
      help: batteriesTexts.usableCapacityMaxDepthOf,
      assumed: batteriesTexts.usablePctAssumed(usual.usablePct),
    },
    maxChargeA: {
      label: batteriesTexts.maxChargeCurrent,
      spec: "batteryMaxA",
      help: batteriesTexts.theHighestChargeCurrentAThatThe,
      assumed:
        battery.capacityAh === null ? "" : batteriesTexts.chargeShareAssumed(usual.chargeShare * battery.capacityAh),
    },
    standingW: {
      label: batteriesTexts.alwaysOn,
      spec: "standingW",
      help: batteriesTexts.wattsDrawnDayAndNightController,
      assumed: batteriesTexts.standingWAssumed(assumedNeed.standingW),
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
          label={batteriesTexts.name}
          value={battery.name}
          most={80}
          onValue={(name) => patch({ name }, "name")}
          onDone={desk.endGesture}
        />
        <ChoiceField
          label={batteriesTexts.kind}
          value={battery.chemistry}
          options={chemistries.map((value) => ({ value, text: chemistryWords[value] }))}
          onChoice={(chemistry) => patch({ chemistry })}
        />
        {quantity("volts")}
        {quantity("capacityAh")}
        <Box sx={{ pt: "20px" }}>
          <ToolButton
            aria-label={batteriesTexts.removeName(battery.name)}
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
            label={batteriesTexts.belowFreezing}
            value={battery.keptWarm ? "warm" : "cold"}
            options={[
              { value: "cold", text: batteriesTexts.batteryAsColdAsTheAir },
              { value: "warm", text: "kept warm" },
            ]}
            onChoice={(kept) => patch({ keptWarm: kept === "warm" })}
            help={batteriesTexts.belowFreezingHelp}
          />
        )}
      </Box>
      {inputs.length > 1 && (
        <CheckGroup
          label={batteriesTexts.chargedByLeaveEmptyEvery}
          options={inputs.map(({ id, name }) => ({ value: id, text: name }))}
          chosen={battery.inputIds}
          onChosen={(inputIds) => patch({ inputIds })}
        />
      )}
      <Box className="num" sx={{ fontSize: "0.875rem" }}>
        {usableWh > 0
          ? batteriesTexts.usableEnergy(amount(usableWh, "Wh"), battery.chemistry === "lithium" && !battery.keptWarm)
          : batteriesTexts.enterItsCapacityInAh}
      </Box>
    </Box>
  );
}
