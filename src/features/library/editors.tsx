"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { portWindow } from "@/core/engine/pv-input";
import { type DeviceSheet, type PanelSheet, withoutPort, withPort } from "@/core/plan";
import { type DeviceEditor, DeviceForm } from "@/features/controllers";
import { LabelCheck, LabelCurve, LabelForm } from "@/features/panels";
import { ReadFrom } from "@/features/label-import";
import { nothingLit, WindowChart } from "@/features/window-chart";
import { Region } from "@/ui";
import { type SheetEditor } from "./sheet-editor";
import { editorsTexts } from "@/messages/en/library/view";
import { commonTexts } from "@/messages/en/common/view";

/** A panel of the library: its label, the check, the curve it implies. */
export function PanelEditor({ editor, label }: { editor: SheetEditor<PanelSheet>; label: PanelSheet }) {
  const patch = (change: Partial<PanelSheet>, gesture?: string) =>
    editor.change((sheet) => ({ ...sheet, ...change }), gesture);
  return (
    <>
      <ReadFrom from={label.readFrom} />
      <LabelForm label={label} patch={patch} onDone={editor.done} onField={() => undefined} />
      <Region title={editorsTexts.labelCheck}>
        <LabelCheck label={label} patch={patch} />
      </Region>
      <Region title={editorsTexts.curveFromTheLabel}>
        <LabelCurve label={label} />
      </Region>
    </>
  );
}

/** An input of the library: its data sheet, and the window of the port shown. */
export function InputEditor({ editor, device }: { editor: SheetEditor<DeviceSheet>; device: DeviceSheet }) {
  const [portId, setPortId] = useState<string | null>(null);
  const port = device.ports.find(({ id }) => id === portId) ?? device.ports[0];
  if (port === undefined) return null;
  const onDevice: DeviceEditor = {
    device,
    setDevice: (patch, gesture) => editor.change((sheet) => ({ ...sheet, ...patch }), gesture),
    setPort: (id, patch, gesture) => editor.change((sheet) => withPort(sheet, id, patch), gesture),
    addPort: (made) => editor.change((sheet) => ({ ...sheet, ports: [...sheet.ports, made] })),
    removePort: (id) => editor.change((sheet) => withoutPort(sheet, id)),
    done: editor.done,
  };
  const window = portWindow(port);
  return (
    <>
      <Box>
        <ReadFrom from={device.readFrom} />
        <DeviceForm editor={onDevice} port={port} onPort={setPortId} onField={() => undefined} />
      </Box>
      <Region title={editorsTexts.itsWindow} flush>
        {window === null ? (
          <Box sx={{ p: 1.5, fontSize: "0.875rem" }}>{commonTexts.windowLater}</Box>
        ) : (
          <WindowChart window={window} skies={null} chosen="brightNoon" lit={nothingLit} height={260} />
        )}
      </Region>
    </>
  );
}
