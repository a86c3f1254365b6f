"use client";

import Box from "@mui/material/Box";
import { format } from "date-fns";
import { useState } from "react";
import { type WalkStep } from "@/core/commissioning";
import { usePlan, WaitingReadings } from "@/features/plan-session";
import { Cautions, Columns, LevelMark, Region, sheetStyle, TextButton, useHash } from "@/ui";
import {
  barSentence,
  causeName,
  causeTodo,
  proveCautions,
  quantityWords,
  readPlaceName,
  sureWords,
  suspicionSentence,
} from "@/messages/en";
import { Causes } from "./Causes";
import { useProve } from "./facts";
import { PortArrayTabs } from "./PortArrayTabs";
import { Question } from "./Question";
import { SkySide } from "./SkySide";
import { StepList } from "./StepList";
import { MeasurementResult } from "./MeasurementResult";
import { walkSheetTexts } from "@/messages/en/commissioning/view";
import { commonTexts } from "@/messages/en/common/view";

/** One question at a time, in the order of the trade; beside it the sky, what may be wrong, and the way gone so far. */
export function WalkSheet() {
  const { walk, portArray, standIn, setStandIn, fault, judgement, suspicion, dropSuspicion } = useProve();
  const [chosen, choose] = useState<string | null>(null);
  const [lastKey, setLast] = useState<string | null>(null);
  if (portArray === null) return <p>{commonTexts.nothingWired}</p>;
  if (walk === null) return <p role="status">{fault ?? walkSheetTexts.calculatingWhatIsExpected}</p>;
  const { steps, bars, mayRun } = walk;
  const last = steps.find(({ key, read }) => key === lastKey && read !== null) ?? null;
  const isBarred = bars.length > 0;
  // what runs is locked until what would be plugged in was read open, and nothing bars it: from wherever one comes
  const allowed = steps.filter(({ phase }) => mayRun || phase !== "running");
  const open = allowed.filter(({ read }) => read === null);
  const again = isBarred ? (allowed.find(({ key }) => key === bars[0]?.key) ?? null) : null;
  // sent here by the log one begins with what tells most of it
  const suspected = suspicion === null ? null : (open.find(({ key }) => key === judgement?.nextKey) ?? null);
  const current: WalkStep | null = allowed.find(({ key }) => key === chosen) ?? again ?? suspected ?? open[0] ?? null;
  return (
    <>
      <PortArrayTabs />
      {standIn !== null && (
        <p className={sheetStyle["notice"]}>
          <LevelMark level="note" size={16} />
          <span>
            {walkSheetTexts.readingsComeFromTheSimulatorThey}{" "}
            <TextButton onClick={() => setStandIn(null)}>{walkSheetTexts.backToRealReadings}</TextButton>
          </span>
        </p>
      )}
      {suspicion !== null && (
        <p className={sheetStyle["notice"]}>
          <LevelMark level="care" size={16} />
          <span>
            {suspicionSentence({ ...suspicion, since: format(new Date(suspicion.since), "d MMM yyyy") })}{" "}
            <TextButton onClick={dropSuspicion}>{walkSheetTexts.ignoreTheLog}</TextButton>
          </span>
        </p>
      )}
      <WaitingReadings />
      <Bars />
      <Columns beside="390px">
        <Box sx={{ minWidth: 0 }}>
          {last !== null && (
            <MeasurementResult
              step={last}
              nextKey={judgement?.nextKey ?? null}
              steps={allowed}
              onGo={(key) => {
                choose(key);
                setLast(null);
              }}
            />
          )}
          {current === null ? (
            <Done steps={steps} isBarred={isBarred} />
          ) : (
            <Question
              key={`${current.key} ${current.read?.id ?? ""}`}
              step={current}
              number={steps.indexOf(current) + 1}
              onKept={() => {
                setLast(current.key);
                choose(null);
              }}
              onSkip={() => choose(open[open.indexOf(current) + 1]?.key ?? open[0]?.key ?? null)}
            />
          )}
        </Box>
        <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
          <SkySide />
          <Causes onGo={choose} />
          <Region title={walkSheetTexts.allReadings}>
            <StepList steps={steps} isLocked={!mayRun} currentKey={current?.key ?? null} onChoose={choose} />
          </Region>
          <Cautions cautions={proveCautions} />
        </Box>
      </Columns>
    </>
  );
}

/** Why nothing may be plugged in yet: always in sight, whatever step is open. */
function Bars() {
  const plan = usePlan();
  const { walk } = useProve();
  if (walk === null) return null;
  return walk.bars.map((bar) => {
    const step = walk.steps.find(({ key }) => key === bar.key);
    return step === undefined ? null : (
      <p key={`${bar.why} ${bar.key}`} className={sheetStyle["notice"]} role="alert">
        <LevelMark level="stop" size={16} decorative={false} />
        <span>{barSentence(bar, readPlaceName(plan, step.place), step.quantity, walk.maxV)}</span>
      </p>
    );
  });
}

/** What the whole walk comes to. */
function Done({ steps, isBarred }: { readonly steps: readonly WalkStep[]; readonly isBarred: boolean }) {
  const plan = usePlan();
  const { standIn, judgement } = useProve();
  const [, show] = useHash();
  const off = steps.filter(({ outcome }) => outcome !== null && outcome.type !== "fine");
  const [cause] = judgement?.causes ?? [];
  return (
    <Region title={walkSheetTexts.allReadingsTaken}>
      <p style={{ marginTop: 0 }}>
        {isBarred
          ? walkSheetTexts.doNotPlugIn
          : off.length === 0
            ? walkSheetTexts.everyReadingOnThisPvInputIsAs
            : walkSheetTexts.notAsExpectedOff(
                off
                  .map(({ place, quantity }) => `${readPlaceName(plan, place)}, ${quantityWords[quantity]}`)
                  .join("; "),
              )}{" "}
        {cause === undefined || cause.id === "fine"
          ? ""
          : `${causeName(cause)}, ${readPlaceName(plan, cause.at)}: ${sureWords(cause.share)}. ${causeTodo(cause)}`}
      </p>
      {standIn === null ? (
        <TextButton look="amber" onClick={() => show("report")}>
          {walkSheetTexts.showTheReport}
        </TextButton>
      ) : (
        <TextButton look="amber" onClick={() => show("standin")}>
          {walkSheetTexts.tryAgainOnTheSimulator}
        </TextButton>
      )}
    </Region>
  );
}
