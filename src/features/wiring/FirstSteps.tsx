"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useRouter } from "next/navigation";
import { type ReactNode } from "react";
import { type ApiClient } from "@/api";
import { blankDevice, blankLabel, type DeviceSheet, type PanelSheet } from "@/core/plan";
import { demoInputs, demoPanels } from "@/demo";
import { useDesk, useDeskState, useLibrary, usePlan, wiringOf } from "@/features/plan-session";
import { ChoiceField, newId } from "@/ui";
import { firstStepsTexts } from "@/messages/en/wiring/view";

const panelShelf = (client: ApiClient) => client.panels;
const inputShelf = (client: ApiClient) => client.inputs;

/** Panels in the worked example's one string. */
const exampleSeries = 3;

/** Three ways to begin with an empty plan; gone once it has a panel and an input. */
export function FirstSteps() {
  const desk = useDesk();
  const router = useRouter();
  const planId = useDeskState((state) => state.planId);
  const { panels, inputs } = usePlan();
  const panelLibrary = useLibrary(panelShelf);
  const inputLibrary = useLibrary(inputShelf);
  const panelRecords = panelLibrary.state.type === "ready" ? panelLibrary.state.records : [];
  const inputRecords = inputLibrary.state.type === "ready" ? inputLibrary.state.records : [];

  const addPanel = (label: PanelSheet, libraryId: string | null, gesture?: string) => {
    const id = newId();
    desk.change({ type: "addPanel", id, libraryId, label }, gesture);
    return id;
  };
  const addInput = (device: DeviceSheet, libraryId: string | null, gesture?: string) => {
    const id = newId();
    desk.change({ type: "addInput", id, libraryId, device }, gesture);
    return id;
  };
  const goTo = (step: string) => router.push(`/plan/${planId}/${step}`);
  /** One step of undo takes all of it away again. */
  const showOne = () => {
    const panelId = addPanel(demoPanels.rigid195, null, "example");
    const inputId = addInput(demoInputs.twoPortStation, null, "example");
    const portId = demoInputs.twoPortStation.ports.at(-1)?.id ?? null;
    const wiringId = wiringOf(desk.now()).id;
    desk.change({ type: "rewire", wiringId, portArrays: [], counts: {} }, "example");
    const string = { panelId, inputId, portId, series: exampleSeries, strings: 1 };
    desk.change({ type: "fillPortArray", wiringId, more: exampleSeries, ...string }, "example");
    desk.endGesture();
  };

  return (
    <Box
      component="section"
      aria-label={firstStepsTexts.waysToBegin}
      sx={{ display: "grid", gap: 2, gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "1.5fr 1fr 1fr" } }}
    >
      <Door
        title={firstStepsTexts.iHavePanelsAndAController}
        words="Pick both from the library, or type their labels in. The verdict comes as soon as both are there."
      >
        <ChoiceField
          label={firstStepsTexts.panel}
          value=""
          placeholder={panels[0]?.label.name ?? firstStepsTexts.fromTheLibrary}
          options={panelRecords.map(({ id, sheet }) => ({ value: id, text: sheet.name }))}
          onChoice={(id) => {
            const record = panelRecords.find((each) => each.id === id);
            if (record !== undefined) addPanel(record.sheet, record.id);
          }}
        />
        <ChoiceField
          label={firstStepsTexts.controller}
          value=""
          placeholder={inputs[0]?.device.name ?? firstStepsTexts.fromTheLibrary}
          options={inputRecords.map(({ id, sheet }) => ({ value: id, text: sheet.name }))}
          onChoice={(id) => {
            const record = inputRecords.find((each) => each.id === id);
            if (record !== undefined) addInput(record.sheet, record.id);
          }}
        />
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
          {panels.length === 0 && (
            <Button
              variant="contained"
              onClick={() => {
                addPanel(blankLabel(firstStepsTexts.newPanel), null);
                goTo("panels");
              }}
            >
              {firstStepsTexts.enterAPanelsLabel}
            </Button>
          )}
          {inputs.length === 0 && (
            <Button
              variant={panels.length === 0 ? "outlined" : "contained"}
              onClick={() => {
                addInput(blankDevice(firstStepsTexts.newController), null);
                goTo("controller");
              }}
            >
              {firstStepsTexts.enterAControllersDataSheet}
            </Button>
          )}
        </Box>
      </Door>
      <Door
        title={firstStepsTexts.iKnowMyDailyUse}
        words="Enter at Need what runs and how long. Golden Array calculates the panels and the battery that you need."
      >
        <Button variant="outlined" onClick={() => goTo("need")}>
          {firstStepsTexts.goToNeed}
        </Button>
      </Door>
      <Door
        title={firstStepsTexts.showMeAnExample}
        words="Three panels in series on a power station, for you to change. One undo removes it."
      >
        <Button variant="outlined" onClick={showOne}>
          {firstStepsTexts.showAWorkedExample}
        </Button>
      </Door>
    </Box>
  );
}

function Door({ title, words, children }: { title: string; words: string; children: ReactNode }) {
  return (
    <Box
      sx={{
        display: "grid",
        gap: 1.5,
        alignContent: "start",
        justifyItems: "stretch",
        bgcolor: "background.paper",
        border: "1px solid var(--line)",
        borderTop: "2px solid var(--ink)",
        p: 2,
        "& > button": { justifySelf: "start" },
      }}
    >
      <Box component="h2" sx={{ fontFamily: "var(--font-display)", fontSize: "1.1875rem", fontWeight: 600, m: 0 }}>
        {title}
      </Box>
      <Box component="p" sx={{ m: 0, fontSize: "0.9375rem" }}>
        {words}
      </Box>
      {children}
    </Box>
  );
}
