"use client";

import Box from "@mui/material/Box";
import {
  ceilingBases,
  conversions,
  limitNatures,
  overVoltageOutcomes,
  tierNatures,
  trackers,
} from "@/core/engine/pv-input";
import { countsBy, type PortField, portFieldNames, portFields, type PortSheet } from "@/core/plan";
import { fieldSpecs } from "@/core/engine/units";
import { ChoiceField, FieldGroup, QuantityField, TextLine } from "@/ui";
import { portFieldWords } from "@/messages/en";
import { type DeviceEditor } from "./device-editor";
import { AddButton, RemoveButton } from "./ListButtons";
import { basisWords, conversionWords, natureWords, outcomeWords, portHelp, trackerWords } from "./fields";
import { portFormTexts } from "@/messages/en/controllers/view";

type Props = { readonly editor: DeviceEditor; readonly port: PortSheet; readonly onField: (help: string) => void };
type Tier = PortSheet["currentLimits"][number];
const maxTiers = 4;

/** The data sheet of one port: window, current tiers, watts, waking. */
export function PortForm({ editor, port, onField }: Props) {
  const { modules } = editor.device;
  const patch = (change: Partial<Omit<PortSheet, "id">>, gesture: string) =>
    editor.setPort(port.id, change, `${port.id}:${gesture}`);
  const numbers = (group: PortField["group"]) =>
    portFieldNames
      .filter((name) => portFields[name].group === group && countsBy(name, port.conversion))
      .map((name) => {
        const { name: label, help, empty } = portFieldWords[name];
        return (
          <QuantityField
            key={`${port.id}:${name}`}
            label={label}
            spec={portFields[name]}
            value={port[name]}
            onValue={(value) => patch({ [name]: value }, name)}
            onDone={editor.done}
            help={help}
            placeholder={empty}
            onFocus={() => onField(help)}
          />
        );
      });
  const setTier = (at: number, change: Partial<Tier>, gesture: string) =>
    patch(
      { currentLimits: port.currentLimits.map((tier, k) => (k === at ? { ...tier, ...change } : tier)) },
      `tier${at}:${gesture}`,
    );
  const addTier = () => {
    const last = port.currentLimits[port.currentLimits.length - 1];
    patch(
      {
        currentLimits: [
          ...port.currentLimits,
          // amps are for the person to type: until then the verdict asks for them
          { fromV: last?.toV ?? null, toV: null, amps: null, nature: last?.nature ?? "unknown" },
        ],
      },
      "addTier",
    );
    editor.done();
  };

  return (
    <Box sx={{ display: "grid", gap: 1.5 }}>
      <Grid columns={3}>
        <TextLine
          label={portFormTexts.pvInput}
          value={port.name}
          most={80}
          onValue={(name) => patch({ name }, "name")}
          onDone={editor.done}
        />
        {numbers("voltage")}
      </Grid>
      <Grid columns={2}>
        <ChoiceField
          label={portFormTexts.maxPvVoltageAppliesTo}
          value={port.ceilingBasis}
          options={ceilingBases.map((value) => ({ value, text: basisWords[value] }))}
          onChoice={(ceilingBasis) => patch({ ceilingBasis }, "basis")}
          help={portHelp.ceilingBasis}
          onFocus={() => onField(portHelp.ceilingBasis)}
        />
        <ChoiceField
          label={portFormTexts.overVoltage}
          value={port.overVoltage}
          options={overVoltageOutcomes.map((value) => ({ value, text: outcomeWords[value] }))}
          onChoice={(overVoltage) => patch({ overVoltage }, "outcome")}
          help={portHelp.overVoltage}
          onFocus={() => onField(portHelp.overVoltage)}
        />
      </Grid>
      <FieldGroup title={portFormTexts.currentLimits}>
        {port.currentLimits.length === 0 && (
          <Box sx={{ fontSize: "0.875rem", mb: 1 }}>{portFormTexts.noneEnteredAddTheMaxPvCurrent}</Box>
        )}
        <Box sx={{ display: "grid", gap: 1 }}>
          {port.currentLimits.map((tier, k) => (
            <Box
              key={k}
              role="group"
              aria-label={portFormTexts.currentTierK(k + 1)}
              sx={{
                display: "grid",
                gap: 1,
                gridTemplateColumns: { xs: "repeat(2, minmax(0, 1fr))", sm: "1fr 1fr 1fr 1.4fr 44px" },
                alignItems: "start",
              }}
            >
              <QuantityField
                label={portFormTexts.maxCurrent}
                spec={fieldSpecs.amps}
                value={tier.amps}
                onValue={(amps) => setTier(k, { amps }, "amps")}
                placeholder={portFormTexts.required}
                onDone={editor.done}
                help={portHelp.amps}
                onFocus={() => onField(portHelp.amps)}
              />
              <QuantityField
                label={portFormTexts.fromVoltage}
                spec={fieldSpecs.fromV}
                value={tier.fromV}
                onValue={(fromV) => setTier(k, { fromV }, "from")}
                onDone={editor.done}
                help={portHelp.fromV}
                placeholder={portFormTexts.lowest}
                onFocus={() => onField(portHelp.fromV)}
              />
              <QuantityField
                label={portFormTexts.upToVoltage}
                spec={fieldSpecs.toV}
                value={tier.toV}
                onValue={(toV) => setTier(k, { toV }, "to")}
                onDone={editor.done}
                help={portHelp.toV}
                placeholder={portFormTexts.maxPvVoltage}
                onFocus={() => onField(portHelp.toV)}
              />
              <ChoiceField
                label={portFormTexts.kindOfLimit}
                value={tier.nature}
                options={tierNatures.map((value) => ({ value, text: natureWords[value] }))}
                onChoice={(nature) => setTier(k, { nature }, "nature")}
                help={portHelp.nature}
                onFocus={() => onField(portHelp.nature)}
              />
              <RemoveButton
                label={portFormTexts.deleteCurrentTierK(k + 1)}
                onClick={() =>
                  patch({ currentLimits: port.currentLimits.filter((_, other) => other !== k) }, `removeTier${k}`)
                }
              />
            </Box>
          ))}
        </Box>
        {port.currentLimits.length < maxTiers && (
          <AddButton onClick={addTier}>{portFormTexts.addACurrentTier}</AddButton>
        )}
      </FieldGroup>
      <FieldGroup title={portFormTexts.pvPower}>
        <Grid columns={2}>
          {numbers("power")}
          <ChoiceField
            label={portFormTexts.kindOfLimit}
            value={port.maxWNature}
            options={limitNatures.map((value) => ({ value, text: natureWords[value] }))}
            onChoice={(maxWNature) => patch({ maxWNature }, "wattNature")}
            help={portHelp.maxWNature}
            onFocus={() => onField(portHelp.maxWNature)}
          />
        </Grid>
      </FieldGroup>
      <FieldGroup title={portFormTexts.conversion}>
        <Grid columns={4}>
          <ChoiceField
            label={portFormTexts.conversion}
            value={port.conversion}
            options={conversions.map((value) => ({ value, text: conversionWords[value] }))}
            onChoice={(conversion) => patch({ conversion }, "conversion")}
            help={portHelp.conversion}
            onFocus={() => onField(portHelp.conversion)}
          />
          {port.conversion === "mppt" && (
            <ChoiceField
              label={portFormTexts.tracker}
              value={port.tracker}
              options={trackers.map((value) => ({ value, text: trackerWords[value] }))}
              onChoice={(tracker) => patch({ tracker }, "tracker")}
              help={portHelp.tracker}
              onFocus={() => onField(portHelp.tracker)}
            />
          )}
          {numbers("conversion")}
          {modules.length > 0 && (
            <ChoiceField
              label={portFormTexts.comesWith}
              value={port.moduleId ?? "device"}
              options={[
                { value: "device", text: "the device" },
                ...modules.map(({ id, name }) => ({ value: id, text: name })),
              ]}
              onChoice={(chosen) => patch({ moduleId: chosen === "device" ? null : chosen }, "module")}
              help={portHelp.moduleId}
              onFocus={() => onField(portHelp.moduleId)}
            />
          )}
        </Grid>
      </FieldGroup>
      <FieldGroup title={portFormTexts.startUp}>
        <Grid columns={4}>{numbers("startUp")}</Grid>
      </FieldGroup>
    </Box>
  );
}

function Grid({ columns, children }: { columns: number; children: React.ReactNode }) {
  return (
    <Box
      sx={{
        display: "grid",
        gap: 1.25,
        gridTemplateColumns: {
          xs: columns > 2 ? "repeat(2, minmax(0, 1fr))" : "minmax(0, 1fr)",
          sm: `repeat(${columns}, minmax(0, 1fr))`,
        },
      }}
    >
      {children}
    </Box>
  );
}
