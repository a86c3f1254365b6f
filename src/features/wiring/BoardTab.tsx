"use client";

import Box from "@mui/material/Box";
import { memo, useContext, useMemo, useState } from "react";
import { piecesIn } from "@/core/plan";
import { ruleOf } from "@/core/assessment";
import { portArrayKey } from "@/core/engine/array";
import { Board } from "@/features/string-board";
import { positionIdOf, useAssessment, useDesk, useDeskState, wiringOf } from "@/features/plan-session";
import { Ledger } from "@/features/checks";
import { TermHelp } from "@/features/glossary";
import { nothingLit, WindowChart } from "@/features/window-chart";
import { skyWords } from "@/messages/en/window-chart/operating";
import { Region, TextButton, useHash } from "@/ui";
import { cautions } from "./cautions";
import { Comparison } from "./Comparison";
import { FirstSteps } from "./FirstSteps";
import { netlistOf } from "./netlist";
import { SiteForm } from "./SiteForm";
import { SkyStrip } from "./SkyStrip";
import style from "./sky.module.css";
import { WiringStepContext } from "./step-context";
import { stepShortcuts } from "./step-shortcuts";
import { WireYear } from "./WireYear";
import { WiringNote } from "./WiringNote";
import { wiringStepTexts } from "@/messages/en/wiring/view";

/** The board, the window that moves with it, and the checks under both. */
export function BoardTab() {
  const [picked, setPicked] = useState<string | null>(null);
  // only the first port array's name: the step itself is not drawn again at every edit
  const first = useDeskState((state) => {
    const [portArray] = wiringOf(state).portArrays;
    const [input] = state.history.present.inputs;
    return portArray !== undefined
      ? portArrayKey(portArray)
      : input === undefined
        ? null
        : portArrayKey({ inputId: input.id, portId: input.device.ports[0]?.id ?? null });
  });
  const chosen = picked ?? first;
  const { run, comparing } = useContext(WiringStepContext);
  const around = useMemo(
    () => stepShortcuts.map((key) => ({ press: key.press, words: key.words, run: () => run(key) })),
    [run],
  );
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1.12fr) minmax(0, 1fr)" },
        alignItems: "start",
        "& > [id]": { scrollMarginTop: "150px" },
      }}
    >
      <Beginning />
      <Unwired />
      {comparing && (
        <Box sx={{ gridColumn: { md: "1 / 3" }, minWidth: 0, display: "grid", gap: 2 }}>
          <Comparison />
        </Box>
      )}
      <Box id="wire-board" sx={{ minWidth: 0, display: "grid", gap: 1, gridTemplateColumns: "minmax(0, 1fr)" }}>
        <StringBoard chosenPortArray={chosen} onChoosePortArray={setPicked} around={around} />
        <WiringNote />
      </Box>
      <Box id="wire-window" sx={{ display: "grid", gap: 2, minWidth: 0 }}>
        <Region title={wiringStepTexts.window} aside={<TermHelp id="window" term={wiringStepTexts.window} />} flush>
          <Window chosen={chosen} />
        </Region>
        <Region title={wiringStepTexts.harvestInAYear}>
          <Year />
        </Region>
        <Region title={wiringStepTexts.location}>
          <SiteFields />
        </Region>
      </Box>
      <Box id="wire-ledger" sx={{ gridColumn: { md: "1 / 3" }, minWidth: 0 }}>
        <Region title={wiringStepTexts.checks} flush>
          <Ledger />
        </Region>
      </Box>
      <Box
        component="p"
        sx={{ m: 0, fontSize: "0.8125rem", color: "text.secondary", maxWidth: "100ch", gridColumn: { md: "1 / 3" } }}
      >
        {cautions}
      </Box>
    </Box>
  );
}

const SiteFields = memo(SiteForm);
const Year = memo(WireYear);
const StringBoard = memo(Board);

/** An empty plan is begun; one that lacks a panel or an input is still begun. */
function Beginning() {
  const begun = useDeskState(({ history: { present } }) => present.panels.length > 0 && present.inputs.length > 0);
  return begun ? null : (
    <Box sx={{ gridColumn: { md: "1 / 3" }, minWidth: 0 }}>
      <FirstSteps />
    </Box>
  );
}

/** Panels and an input, and nothing wired yet: nobody need try. */
function Unwired() {
  const [, setHash] = useHash();
  const unwired = useDeskState(
    (state) =>
      piecesIn(state.history.present) > 0 &&
      state.history.present.inputs.length > 0 &&
      wiringOf(state).portArrays.every(({ strings }) => strings.length === 0),
  );
  if (!unwired) return null;
  return (
    <Box
      sx={{
        gridColumn: { md: "1 / 3" },
        display: "flex",
        flexWrap: "wrap",
        gap: 1.5,
        alignItems: "center",
        borderLeft: "4px solid var(--amber)",
        pl: 1.5,
      }}
    >
      <span>{wiringStepTexts.nothingIsWiredYetGoldenArrayCan}</span>
      <TextButton look="amber" onClick={() => setHash("finder")}>
        {wiringStepTexts.findBestWirings}
      </TextButton>
    </Box>
  );
}

/** The window of the port array chosen on the board. */
function Window({ chosen }: { chosen: string | null }) {
  const assessment = useAssessment();
  const sky = useDeskState((state) => state.sky);
  const litId = useDeskState((state) => state.litFinding);
  const desk = useDesk();
  const portArrays = assessment?.type === "assessed" ? assessment.portArrays : [];
  const lit = assessment?.type === "assessed" ? assessment.findings.find(({ id }) => id === litId) : undefined;
  // a rule pointed at is shown on the window it speaks of
  const spokenOf = lit?.subject.type === "portArray" ? portArrayKey(lit.subject) : chosen;
  const portArray = portArrays.find((each) => portArrayKey(each) === spokenOf) ?? portArrays[0];
  if (assessment?.type !== "assessed" || portArray === undefined) {
    return (
      <Box sx={{ p: 2, minHeight: 340, fontSize: "0.9375rem", maxWidth: "60ch" }}>
        {assessment === null ? wiringStepTexts.calculatingTheCurves : wiringStepTexts.theControllersWindowAndTheArrays}
      </Box>
    );
  }
  const netlist = () => {
    const state = desk.now();
    const plan = state.history.present;
    const look = { sky, moment: state.moment, positionId: positionIdOf(state) };
    return netlistOf(plan, wiringOf(state).id, portArray, look, `${plan.name}, ${skyWords[sky]}`);
  };
  return (
    <div>
      <SkyStrip skies={portArray.skies} />
      {portArrays.length > 1 && (
        <div className={style["portArray"]}>
          {portArray.deviceName}: {portArray.port.name}
        </div>
      )}
      <WindowChart
        window={portArray.window}
        skies={portArray.skies}
        chosen={sky}
        lit={lit === undefined ? nothingLit : ruleOf(lit.rule).chart}
        height={340}
        netlist={netlist}
      />
    </div>
  );
}
