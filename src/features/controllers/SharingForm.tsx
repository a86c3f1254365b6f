"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { limitNatures } from "@/core/engine/pv-input";
import { type PortGroup } from "@/core/plan";
import { fieldSpecs } from "@/core/engine/units";
import { ChoiceField, FieldGroup, newId, QuantityField, TextLine } from "@/ui";
import { type DeviceEditor } from "./device-editor";
import { AddButton, RemoveButton } from "./ListButtons";
import { natureWords, portHelp } from "./fields";
import { sharingFormTexts } from "@/messages/en/controllers/view";

const maxGroups = 8;
const maxModules = 8;

/** What ports of a device share, and the modules that add ports to it. */
export function SharingForm({ editor, onField }: { editor: DeviceEditor; onField: (help: string) => void }) {
  const { device, setDevice: set } = editor;
  const setGroup = (groupId: string, change: Partial<PortGroup>, gesture?: string) =>
    set(
      { groups: device.groups.map((group) => (group.id === groupId ? { ...group, ...change } : group)) },
      gesture === undefined ? undefined : `${groupId}:${gesture}`,
    );
  return (
    <Box sx={{ display: "grid", gap: 1.5, mt: 1.5 }}>
      <FieldGroup title={sharingFormTexts.limitsSharedByPvInputs}>
        {device.groups.length === 0 && (
          <Box sx={{ fontSize: "0.875rem", mb: 1 }}>{sharingFormTexts.noneEnteredSomeDevicesAcceptLess}</Box>
        )}
        <Box sx={{ display: "grid", gap: 1.5 }}>
          {device.groups.map((group) => (
            <Box
              key={group.id}
              role="group"
              aria-label={sharingFormTexts.sharedLimitName(group.name)}
              sx={{
                display: "grid",
                gap: 1,
                gridTemplateColumns: { xs: "repeat(2, minmax(0, 1fr))", sm: "1.4fr 1fr 1fr 1.2fr 44px" },
                alignItems: "start",
              }}
            >
              <TextLine
                label={sharingFormTexts.nameOfTheLimit}
                value={group.name}
                most={80}
                onValue={(name) => setGroup(group.id, { name }, "name")}
                onDone={editor.done}
              />
              <QuantityField
                label={sharingFormTexts.maxPowerTogether}
                spec={fieldSpecs.maxW}
                value={group.maxW}
                onValue={(maxW) => setGroup(group.id, { maxW }, "w")}
                onDone={editor.done}
                help={portHelp.groupMaxW}
                placeholder={sharingFormTexts.notStated}
                onFocus={() => onField(portHelp.groupMaxW)}
              />
              <QuantityField
                label={sharingFormTexts.maxCurrentTogether}
                spec={fieldSpecs.amps}
                value={group.maxA}
                onValue={(maxA) => setGroup(group.id, { maxA }, "a")}
                onDone={editor.done}
                help={portHelp.groupMaxA}
                placeholder={sharingFormTexts.notStated}
                onFocus={() => onField(portHelp.groupMaxA)}
              />
              <ChoiceField
                label={sharingFormTexts.kindOfLimit}
                value={group.nature}
                options={limitNatures.map((value) => ({ value, text: natureWords[value] }))}
                onChoice={(nature) => setGroup(group.id, { nature })}
                help={portHelp.maxWNature}
              />
              <RemoveButton
                label={sharingFormTexts.deleteSharedLimitName(group.name)}
                onClick={() => set({ groups: device.groups.filter((other) => other.id !== group.id) })}
              />
              <Box
                role="group"
                aria-label={sharingFormTexts.pvInputsInName(group.name)}
                sx={{ gridColumn: "1 / -1", display: "flex", gap: 0.5, flexWrap: "wrap" }}
              >
                {device.ports.map((port) => {
                  const inside = group.portIds.includes(port.id);
                  return (
                    <Button
                      key={port.id}
                      size="small"
                      variant={inside ? "contained" : "outlined"}
                      aria-pressed={inside}
                      onClick={() =>
                        setGroup(group.id, {
                          portIds: inside
                            ? group.portIds.filter((other) => other !== port.id)
                            : [...group.portIds, port.id],
                        })
                      }
                    >
                      {port.name}
                    </Button>
                  );
                })}
              </Box>
            </Box>
          ))}
        </Box>
        {device.groups.length < maxGroups && (
          <AddButton
            onClick={() =>
              set({
                groups: [
                  ...device.groups,
                  {
                    id: newId(),
                    name: sharingFormTexts.allPvInputs,
                    portIds: device.ports.map((port) => port.id),
                    maxW: null,
                    maxA: null,
                    nature: "drawsUpTo",
                  },
                ],
              })
            }
          >
            {sharingFormTexts.addASharedLimit}
          </AddButton>
        )}
      </FieldGroup>
      <FieldGroup title={sharingFormTexts.addOnModules}>
        <Box sx={{ display: "grid", gap: 1 }}>
          {device.modules.map((addOn) => (
            <Box
              key={addOn.id}
              sx={{ display: "grid", gap: 1, gridTemplateColumns: "minmax(0, 1fr) 44px", alignItems: "start" }}
            >
              <TextLine
                label={sharingFormTexts.module}
                value={addOn.name}
                most={80}
                onValue={(name) =>
                  set(
                    { modules: device.modules.map((other) => (other.id === addOn.id ? { ...other, name } : other)) },
                    `${addOn.id}:name`,
                  )
                }
                onDone={editor.done}
              />
              <RemoveButton
                label={sharingFormTexts.deleteModuleName(addOn.name)}
                disabled={device.ports.some((port) => port.moduleId === addOn.id)}
                onClick={() => set({ modules: device.modules.filter((other) => other.id !== addOn.id) })}
              />
            </Box>
          ))}
        </Box>
        {device.modules.length < maxModules && (
          <AddButton
            onClick={() => set({ modules: [...device.modules, { id: newId(), name: sharingFormTexts.addOnModule }] })}
          >
            {sharingFormTexts.addAModule}
          </AddButton>
        )}
      </FieldGroup>
    </Box>
  );
}
