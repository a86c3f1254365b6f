"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { type GateState, reportClock, stepFacts, type StepId, type Timed } from "@/core/mounting";
import { useDesk, useDeskState } from "@/features/plan-session";
import { StepFindings } from "@/features/checks";
import { Cautions, Columns, LevelMark, Region, TextButton, useUnits } from "@/ui";
import { gateWords, mountCautions, mountStepWords } from "@/messages/en";
import { ClockSide } from "./ClockSide";
import { useReport } from "./facts";
import { GateCard } from "./GateCard";
import { clockTime, startOf } from "./times";
import { useDaylight } from "./useDaylight";
import style from "./mount.module.css";
import { jobCardTexts } from "@/messages/en/mounting/view";

/** The job as a card: every step in its order with a tick, gates before what cannot be undone, and the clock beside it. */
export function JobCard() {
  const report = useReport();
  const { atMs } = useDeskState((state) => state.moment);
  const isLight = useDaylight();
  const clock = reportClock(report, startOf(report.fixing, atMs), isLight);
  const next = clock.steps.find(({ isDone }) => !isDone)?.step ?? null;
  const [opened, setOpened] = useState<StepId | null>(null);
  const open = opened ?? next;
  return (
    <Columns beside="390px">
      <Region title={jobCardTexts.nameStepByStep(report.fixing.name)}>
        <ol className={style["job"]}>
          {clock.steps.map((timed, k) => (
            <Step
              key={timed.step}
              number={k + 1}
              timed={timed}
              gate={report.gates.find(({ step }) => step === timed.step) ?? null}
              guarding={report.gates.filter(({ guards }) => guards === timed.step)}
              isOpen={timed.step === open}
              isNext={timed.step === next}
              onOpen={setOpened}
            />
          ))}
        </ol>
      </Region>
      <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
        <ClockSide clock={clock} atMs={atMs} />
        <Region title={jobCardTexts.checks}>
          <StepFindings step="mounting" nothing="Enter the roof surface at Wind and heat to see these checks." />
        </Region>
        <Cautions cautions={mountCautions} />
      </Box>
    </Columns>
  );
}

type StepProps = {
  readonly number: number;
  readonly timed: Timed;
  readonly gate: GateState | null;
  /** Gates that stand before this step, as it cannot be undone. */ readonly guarding: readonly GateState[];
  readonly isOpen: boolean;
  readonly isNext: boolean;
  readonly onOpen: (step: StepId | null) => void;
};

function Step({ number, timed, gate, guarding, isOpen, isNext, onOpen }: StepProps) {
  const desk = useDesk();
  const system = useUnits();
  const report = useReport();
  const { atMs } = useDeskState((state) => state.moment);
  const [asks, setAsks] = useState(false);
  const { step, isDone, toMs, readyMs, wait } = timed;
  const { what, how } = mountStepWords(step, report, system);
  const isOnce = stepFacts[step].isOnce === true;
  const unsure = guarding.filter(({ state }) => state !== "agrees");
  const tick = (atUtc: string | null) => {
    desk.change({ type: "tickStep", fixingId: report.fixing.id, step, atUtc });
    setAsks(false);
    onOpen(null);
  };
  const done = () => tick(new Date().toISOString());
  return (
    <li className={style["step"]} data-done={isDone} data-open={isOpen} data-next={isNext}>
      <button
        type="button"
        role="checkbox"
        aria-checked={isDone}
        aria-label={jobCardTexts.doneWhat(what)}
        className={style["tick"]}
        onClick={() => (isDone ? tick(null) : isOnce ? (setAsks(true), onOpen(step)) : done())}
      >
        <span aria-hidden>{isDone ? "✓" : number}</span>
      </button>
      <div className={style["said"]}>
        <button type="button" className={style["what"]} aria-expanded={isOpen} onClick={() => onOpen(step)}>
          <span>{what}</span>
          <span className={style["when"]}>
            {isOnce && !isDone ? <strong className={style["once"]}>{jobCardTexts.onlyOnce}</strong> : null}
            {gate === null ? null : <GateMark gate={gate} />}
            {isDone ? clockTime(toMs, atMs) : jobCardTexts.byClockTime(clockTime(toMs, atMs))}
          </span>
        </button>
        {isOpen && <p className={style["how"]}>{how}</p>}
        {isOpen && wait !== null && readyMs > toMs + 60_000 && (
          <p className={style["how"]}>
            <strong>{jobCardTexts.waitUntilClockTime(clockTime(readyMs, atMs))}</strong>
          </p>
        )}
        {gate !== null && (isOpen || gate.state === "differs" || gate.state === "offPlan") && <GateCard gate={gate} />}
        {asks && !isDone && (
          <div className={style["ask"]} role="alert">
            <p>
              {unsure.length === 0
                ? jobCardTexts.thisCannotBeUndoneIsItDone
                : jobCardTexts.notMeasuredTwice(unsure.map(({ gate: which }) => gateWords[which].name))}
            </p>
            {unsure.map((each) => (
              <TextButton key={each.gate} look="amber" onClick={() => (setAsks(false), onOpen(each.step))}>
                {jobCardTexts.measureWhat(gateWords[each.gate].name.toLowerCase())}
              </TextButton>
            ))}
            <TextButton onClick={done}>
              {unsure.length === 0 ? jobCardTexts.yesDone : jobCardTexts.markAsDoneAnyway}
            </TextButton>
            <TextButton look="plain" onClick={() => setAsks(false)}>
              {jobCardTexts.notYet}
            </TextButton>
          </div>
        )}
      </div>
    </li>
  );
}

const gateMarks: Readonly<
  Record<GateState["state"], { readonly level: "care" | "note" | "good"; readonly words: string }>
> = {
  open: { level: "note", words: "measure twice" },
  agrees: { level: "good", words: "measured twice" },
  differs: { level: "care", words: "measures differ" },
  offPlan: { level: "care", words: jobCardTexts.notAtThePositionInThePlan },
  passedOver: { level: "care", words: "skipped" },
};

function GateMark({ gate }: { readonly gate: GateState }) {
  const { level, words } = gateMarks[gate.state];
  return (
    <span className={style["gate"]}>
      <LevelMark level={level} size={14} />
      {words}
    </span>
  );
}
