"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Copy, Plus, Trash2 } from "lucide-react";
import { blankPort, type DeviceSheet, inputKinds, type PortSheet } from "@/core/plan";
import { fieldSpecs } from "@/core/engine/units";
import { ChoiceField, CurrencyField, newId, QuantityField, TextLine } from "@/ui";
import { type DeviceEditor } from "./device-editor";
import { deviceHelp, inputKindWords } from "./fields";
import { PortForm } from "./PortForm";
import { SharingForm } from "./SharingForm";
import { deviceFormTexts } from "@/messages/en/controllers/view";

const maxPorts = 8;

type Props = {
  readonly editor: DeviceEditor;
  /** the port shown */ readonly port: PortSheet;
  readonly onPort: (portId: string) => void;
  readonly onField: (help: string) => void;
};

/** A device's data sheet: what it is, its ports one at a time, what they share. */
export function DeviceForm({ editor, port, onPort, onField }: Props) {
  const { ports } = editor.device;
  const add = (sheet: PortSheet) => {
    editor.addPort(sheet);
    onPort(sheet.id);
  };
  const nextName = deviceFormTexts.pvNumber(ports.length + 1);
  return (
    <>
      <Head editor={editor} onField={onField} />
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", my: 1.5, alignItems: "center" }}>
        <Box role="group" aria-label={deviceFormTexts.pvInputs} sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
          {ports.map((candidate) => (
            <Button
              key={candidate.id}
              size="small"
              variant={candidate.id === port.id ? "contained" : "outlined"}
              aria-pressed={candidate.id === port.id}
              onClick={() => onPort(candidate.id)}
            >
              {candidate.name}
            </Button>
          ))}
        </Box>
        {ports.length < maxPorts && (
          <>
            <Button size="small" startIcon={<Plus size={16} />} onClick={() => add(blankPort(newId(), nextName))}>
              {deviceFormTexts.addAPvInput}
            </Button>
            <Button
              size="small"
              startIcon={<Copy size={16} />}
              onClick={() => add({ ...port, id: newId(), name: nextName })}
            >
              {deviceFormTexts.copyThisPvInput}
            </Button>
          </>
        )}
        {ports.length > 1 && (
          <Button size="small" startIcon={<Trash2 size={16} />} onClick={() => editor.removePort(port.id)}>
            {deviceFormTexts.deleteThisPvInput}
          </Button>
        )}
      </Box>
      <PortForm key={port.id} editor={editor} port={port} onField={onField} />
      <SharingForm editor={editor} onField={onField} />
    </>
  );
}

function Head({ editor, onField }: { editor: DeviceEditor; onField: (help: string) => void }) {
  const { device, setDevice, done } = editor;
  const quantity = (name: "weightKg" | "price", label: string) => (
    <QuantityField
      label={label}
      spec={fieldSpecs[name]}
      value={device[name]}
      onValue={(value) => setDevice({ [name]: value } satisfies Partial<DeviceSheet>, name)}
      onDone={done}
      help={deviceHelp[name]}
      placeholder={deviceFormTexts.notStated}
      onFocus={() => onField(deviceHelp[name])}
    />
  );
  return (
    <Box
      sx={{
        display: "grid",
        gap: 1.25,
        gridTemplateColumns: { xs: "repeat(2, minmax(0, 1fr))", sm: "repeat(6, minmax(0, 1fr))" },
      }}
    >
      <Box sx={{ gridColumn: { xs: "span 2", sm: "span 4" } }}>
        <TextLine
          label={deviceFormTexts.name}
          value={device.name}
          most={80}
          onValue={(name) => setDevice({ name }, "name")}
          onDone={done}
        />
      </Box>
      <Box sx={{ gridColumn: "span 2" }}>
        <ChoiceField
          label={deviceFormTexts.kind}
          value={device.kind}
          options={inputKinds.map((value) => ({ value, text: inputKindWords[value] }))}
          onChoice={(kind) => setDevice({ kind })}
        />
      </Box>
      <Box sx={{ gridColumn: { sm: "span 2" } }}>{quantity("weightKg", deviceFormTexts.weight)}</Box>
      <Box sx={{ gridColumn: { sm: "span 2" } }}>{quantity("price", deviceFormTexts.price)}</Box>
      <Box sx={{ gridColumn: { sm: "span 2" } }}>
        <CurrencyField value={device.currency} onChoice={(currency) => setDevice({ currency })} />
      </Box>
    </Box>
  );
}
