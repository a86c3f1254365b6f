"use client";

import Box from "@mui/material/Box";
import Link from "next/link";
import { memo, useEffect, useRef } from "react";
import { type MeasuredRecord } from "@/core/measurements";
import { useAssessment, useDeskState, usePlan, useSteps } from "./DeskProvider";
import { stepStateWords } from "./messages";
import { useReadingsState } from "./PlanReadings";
import { stateOf, type StepModule, type StepState } from "./step-module";
import { trailTexts } from "@/messages/en/plan-session/view";

const noRecords: readonly MeasuredRecord[] = [];

/** The steps of the job as panels along one cable. Any can be entered at any time. */
export function Trail({ current }: { current: string }) {
  const plan = usePlan();
  const assessment = useAssessment();
  const planId = useDeskState((state) => state.planId);
  const steps = useSteps();
  const records = useReadingsState().records ?? noRecords;
  // handed on as one text, so that the trail is drawn again only when a step's state has changed
  return (
    <TrailList
      current={current}
      planId={planId}
      steps={steps}
      states={steps.map((step) => stateOf(step, plan, assessment, records)).join()}
    />
  );
}

const TrailList = memo(function TrailList({
  current,
  planId,
  steps,
  states,
}: {
  current: string;
  planId: string;
  steps: readonly StepModule[];
  states: string;
}) {
  const shown = states.split(",") as StepState[];
  const here = useRef<HTMLAnchorElement>(null);
  useEffect(() => {
    // on a narrow screen the trail scrolls sideways; the step one is at must not start out of sight
    here.current?.scrollIntoView({ block: "nearest", inline: "center" });
  }, [current]);
  return (
    <Box
      component="nav"
      aria-label={trailTexts.stepsOfTheJob}
      sx={{
        position: "relative",
        overflowX: "auto",
        bgcolor: "background.paper",
        borderBottom: "1px solid var(--line)",
      }}
    >
      <Box
        component="ol"
        sx={{
          listStyle: "none",
          m: 0,
          p: 0,
          px: { xs: 0.5, md: 2 },
          display: "flex",
          minWidth: "max-content",
          width: "100%",
        }}
      >
        {steps.map(({ id: step, name, built }, k) => {
          const state = shown[k] ?? "empty";
          const isHere = step === current;
          return (
            <Box
              component="li"
              key={step}
              title={built ? undefined : trailTexts.onlyNotesSoFar}
              sx={{
                position: "relative",
                flex: "1 0 auto",
                display: "flex",
                alignItems: "center",
                "&::after":
                  k === steps.length - 1
                    ? {}
                    : { content: '""', flex: "1 1 auto", minWidth: 8, height: 2, bgcolor: "var(--line-strong)" },
              }}
            >
              <Box
                component={Link}
                href={`/plan/${planId}/${step}`}
                prefetch={false}
                ref={isHere ? here : undefined}
                aria-current={isHere ? "page" : undefined}
                sx={{
                  display: "flex",
                  alignItems: "center",
                  gap: 0.75,
                  px: 1,
                  minHeight: 44,
                  color: built ? "var(--ink)" : "text.secondary",
                  textDecoration: "none",
                  fontStyle: built ? "normal" : "italic",
                  fontWeight: isHere ? 700 : 500,
                  fontSize: "0.9375rem",
                  borderBottom: isHere ? "3px solid var(--amber)" : "3px solid transparent",
                  borderTop: "3px solid transparent",
                  "&:hover": { borderBottomColor: "var(--line-strong)" },
                }}
              >
                {built ? <Tile state={state} /> : <Leaf written={state === "notes"} />}
                {name}
                <span className="visually-hidden">
                  : {built ? "" : trailTexts.onlyNotesSoFar2}
                  {stepStateWords[state]}
                </span>
              </Box>
            </Box>
          );
        })}
      </Box>
    </Box>
  );
});

/** A step that keeps notes only: a leaf with a turned corner, no panel. */
function Leaf({ written }: { written: boolean }) {
  return (
    <svg width="16" height="20" viewBox="0 0 16 20" aria-hidden>
      <path d="M2 2h8l4 4v12H2zM10 2v4h4" fill="none" stroke="var(--ink-soft)" strokeWidth="1.2" />
      {written && <path d="M4.5 9.5h7M4.5 12.5h7M4.5 15.5h4" stroke="var(--ink-soft)" strokeWidth="1.2" />}
    </svg>
  );
}

/** A step's state drawn on a small panel: dashed, question, filled with a tick, barred, or with lines of writing. */
function Tile({ state }: { state: StepState }) {
  const filled = state === "ready";
  const edge = state === "stopFound" ? "var(--stop)" : "var(--ink)";
  return (
    <svg width="16" height="20" viewBox="0 0 16 20" aria-hidden>
      <rect
        x="1"
        y="1"
        width="14"
        height="18"
        fill={state === "stopFound" ? "var(--stop)" : filled || state === "care" ? "var(--amber)" : "none"}
        stroke={edge}
        strokeWidth="1.5"
        strokeDasharray={state === "empty" ? "2.5 2.5" : undefined}
      />
      {filled && <path d="M4 10.5l2.8 3L12 6.5" fill="none" stroke="var(--on-amber)" strokeWidth="2" />}
      {state === "stopFound" && <path d="M4.5 10h7" stroke="var(--sheet)" strokeWidth="2.4" />}
      {state === "question" && (
        <path
          d="M5.7 7.4a2.4 2.4 0 1 1 3.4 2.2c-.8.4-1.1.8-1.1 1.7M8 14.4v.2"
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.8"
          strokeLinecap="round"
        />
      )}
      {state === "care" && (
        <path d="M8 5.5v5.5M8 14.2v.2" stroke="var(--on-amber)" strokeWidth="2.2" strokeLinecap="round" />
      )}
      {state === "notes" && <path d="M4 6.5h8M4 10h8M4 13.5h5" stroke="var(--ink)" strokeWidth="1.4" />}
    </svg>
  );
}
