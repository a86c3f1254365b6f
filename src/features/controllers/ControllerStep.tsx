"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Copy, FilePlus2 } from "lucide-react";
import { useState } from "react";
import { type ApiClient } from "@/api";
import { portWindow } from "@/core/engine/pv-input";
import { blankDevice, type DeviceSheet, type PlanInput } from "@/core/plan";
import { demoInputs } from "@/demo";
import {
  type Desk,
  KeepInLibrary,
  LibrarySheet,
  useAssessment,
  useDesk,
  useDeskState,
  useLibrary,
  usePlan,
} from "@/features/plan-session";
import { ReadFrom, ReadIn, ReadInButton, useReadingIn } from "@/features/label-import";
import { nothingLit, WindowChart } from "@/features/window-chart";
import { newId, PickList, Region } from "@/ui";
import { counted } from "@/messages/en";
import { type DeviceEditor } from "./device-editor";
import { DeviceForm } from "./DeviceForm";
import { inputKindWords } from "./fields";
import { numberedName } from "./numbered-name";
import { controllerStepTexts } from "@/messages/en/controllers/view";
import { TermHelp } from "@/features/glossary";
import { commonTexts } from "@/messages/en/common/view";

const shelf = (client: ApiClient) => client.inputs;

const opening = controllerStepTexts.copyTheDataSheetLineByLineEach;

/** The step where the input is chosen from the library or typed off its data sheet. */
export function ControllerStep() {
  const desk = useDesk();
  const { inputs } = usePlan();
  const library = useLibrary(shelf);
  const [chosenId, setChosenId] = useState<string | null>(null);
  const [portId, setPortId] = useState<string | null>(null);
  const [help, setHelp] = useState(opening);
  const isReadingIn = useReadingIn();
  const chosen = inputs.find((input) => input.id === chosenId) ?? inputs[0];
  const ports = chosen?.device.ports ?? [];
  const port = ports.find((candidate) => candidate.id === portId) ?? ports[0];

  const add = (sheet: DeviceSheet, libraryId: string | null) => {
    const id = newId();
    const names = desk.now().history.present.inputs.map(({ device }) => device.name);
    desk.change({ type: "addInput", id, libraryId, device: { ...sheet, name: numberedName(sheet.name, names) } });
    setChosenId(id);
  };

  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "270px minmax(0, 1fr) 400px" },
        gridTemplateAreas: { xs: '"list" "sheet" "side" "library"', md: '"list sheet side" "library sheet side"' },
        gridTemplateRows: { md: "auto 1fr" },
        alignItems: "start",
      }}
    >
      <Box sx={{ gridArea: "list", minWidth: 0 }}>
        <Region title={controllerStepTexts.inThisPlan} flush>
          {inputs.length === 0 && (
            <Box sx={{ p: 1.5, fontSize: "0.875rem" }}>{controllerStepTexts.noControllerYetTheCharge}</Box>
          )}
          <PickList
            label={controllerStepTexts.controllersInThisPlan}
            items={inputs.map(({ id, device }) => ({ id, name: device.name, detail: detailOf(device) }))}
            chosen={chosen?.id ?? null}
            onChoose={setChosenId}
            onRemove={(inputId) => desk.change({ type: "removeInput", inputId })}
          />
          <Box sx={{ p: 1, display: "flex", gap: 1, flexWrap: "wrap" }}>
            <Button
              size="small"
              variant="contained"
              startIcon={<FilePlus2 size={16} />}
              onClick={() => add(blankDevice(controllerStepTexts.newController), null)}
            >
              {controllerStepTexts.enterADataSheet}
            </Button>
            <ReadInButton />
            {inputs.length === 0 && (
              <Button size="small" variant="outlined" onClick={() => add(demoInputs.twoPortStation, null)}>
                {controllerStepTexts.workedExample}
              </Button>
            )}
          </Box>
        </Region>
      </Box>
      <Box sx={{ gridArea: "library", minWidth: 0 }}>
        <LibrarySheet
          shelf="inputs"
          label={controllerStepTexts.controllersInTheLibrary}
          state={library.state}
          emptyWords="The library is empty. Save a controller here to use it in other plans."
          detail={({ sheet }) => detailOf(sheet)}
          onTake={({ id, sheet }) => add(sheet, id)}
        />
      </Box>
      {(isReadingIn || (chosen !== undefined && port !== undefined)) && (
        <Box sx={{ gridArea: "sheet", minWidth: 0, display: "grid", gap: 2 }}>
          {isReadingIn && (
            <ReadIn
              panelTakes={[]}
              inputTakes={[{ words: controllerStepTexts.addToThePlan, take: (device) => add(device, null) }]}
              takeAll={null}
            />
          )}
          {chosen !== undefined && port !== undefined && (
            <Region
              title={controllerStepTexts.dataSheet}
              aside={
                <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", justifyContent: "flex-end" }}>
                  <Button
                    size="small"
                    startIcon={<Copy size={16} />}
                    onClick={() => add(chosen.device, chosen.libraryId)}
                  >
                    {controllerStepTexts.copyThisController}
                  </Button>
                  <KeepInLibrary keep={() => library.keep(chosen.device)} />
                </Box>
              }
            >
              <ReadFrom from={chosen.device.readFrom} />
              <DeviceForm
                key={chosen.id}
                editor={editorOf(desk, chosen)}
                port={port}
                onPort={setPortId}
                onField={setHelp}
              />
            </Region>
          )}
        </Box>
      )}
      {chosen !== undefined && port !== undefined && (
        <Box sx={{ gridArea: "side", display: "grid", gap: 2, minWidth: 0 }}>
          <Box
            aria-hidden
            sx={{
              display: { xs: "none", md: "block" },
              borderLeft: "3px double var(--line-strong)",
              pl: 1.5,
              minHeight: 66,
              fontSize: "0.9375rem",
              fontStyle: "italic",
            }}
          >
            {help}
          </Box>
          <Region
            title={controllerStepTexts.itsWindow}
            aside={<TermHelp id="window" term={controllerStepTexts.itsWindow} />}
            flush
          >
            <PortWindow input={chosen} portId={port.id} />
          </Region>
        </Box>
      )}
    </Box>
  );
}

/** The device of a plan's input, typed through the desk. */
function editorOf(desk: Desk, { id, device }: PlanInput): DeviceEditor {
  const named = (gesture?: string) => (gesture === undefined ? undefined : `device:${id}:${gesture}`);
  return {
    device,
    setDevice: (patch, gesture) => desk.change({ type: "setDevice", inputId: id, patch }, named(gesture)),
    setPort: (portId, patch, gesture) => desk.change({ type: "setPort", inputId: id, portId, patch }, named(gesture)),
    addPort: (port) => desk.change({ type: "addPort", inputId: id, port }),
    removePort: (portId) => desk.change({ type: "removePort", inputId: id, portId }),
    done: desk.endGesture,
  };
}

/** The window of the port being typed; with the array's curves when it is the port that is wired. */
function PortWindow({ input, portId }: { input: PlanInput; portId: string }) {
  const assessment = useAssessment();
  const sky = useDeskState((state) => state.sky);
  const port = input.device.ports.find((candidate) => candidate.id === portId);
  const window = port === undefined ? null : portWindow(port);
  if (window === null)
    return <Box sx={{ p: 1.5, fontSize: "0.875rem", minHeight: 120 }}>{commonTexts.windowLater}</Box>;
  const portArray =
    assessment?.type === "assessed"
      ? assessment.portArrays.find((candidate) => candidate.inputId === input.id && candidate.portId === portId)
      : undefined;
  return <WindowChart window={window} skies={portArray?.skies ?? null} chosen={sky} lit={nothingLit} height={300} />;
}

function detailOf({ kind, ports }: DeviceSheet): string {
  return `${inputKindWords[kind]} · ${counted(ports.length, "PV input")}`;
}
