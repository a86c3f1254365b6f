"use client";

import Box from "@mui/material/Box";
import { format } from "date-fns";
import { useState } from "react";
import { type WalkStep } from "@/core/prove";
import { usePlan, WaitingReadings } from "@/features/desk";
import { Cautions, Columns, LevelMark, Region, sheetStyle, TextButton, useHash } from "@/ui";
import {
  causeName,
  causeTodo,
  proveCautions,
  quantityWords,
  readPlaceName,
  sureWords,
  suspicionSentence,
} from "@/words";
import { Causes } from "./Causes";
import { useProve } from "./facts";
import { LaneTabs } from "./LaneTabs";
import { Question } from "./Question";
import { SkySide } from "./SkySide";
import { StepList } from "./StepList";
import { Told } from "./Told";

/** One question at a time, in the order of the trade; beside it the sky, what may be wrong, and the way gone so far. */
export function WalkSheet() {
  const { walk, lane, standIn, setStandIn, fault, judgement, suspicion, dropSuspicion } = useProve();
  const [chosen, choose] = useState<string | null>(null);
  const [lastKey, setLast] = useState<string | null>(null);
  if (lane === null) return <p>Nothing is wired to an input yet: see Wire.</p>;
  if (walk === null) return <p role="status">{fault ?? "Working out what is due…"}</p>;
  const { steps } = walk;
  const last = steps.find(({ key, read }) => key === lastKey && read !== null) ?? null;
  const isBarred = steps.some(({ outcome }) => outcome?.type === "overCeiling");
  const open = steps.filter(({ read, phase }) => read === null && !(isBarred && phase === "running"));
  // sent here by the log one begins with what tells most of it
  const suspected = suspicion === null ? null : (open.find(({ key }) => key === judgement?.nextKey) ?? null);
  const current: WalkStep | null = steps.find(({ key }) => key === chosen) ?? suspected ?? open[0] ?? null;
  return (
    <>
      <LaneTabs />
      {standIn !== null && (
        <p className={sheetStyle["notice"]}>
          <LevelMark level="note" size={16} />
          <span>
            Readings come from the simulated stand-in: they prove nothing of your panels.{" "}
            <TextButton onClick={() => setStandIn(null)}>Back to the real ones</TextButton>
          </span>
        </p>
      )}
      {suspicion !== null && (
        <p className={sheetStyle["notice"]}>
          <LevelMark level="care" size={16} />
          <span>
            {suspicionSentence({ ...suspicion, since: format(new Date(suspicion.since), "d MMM yyyy") })}{" "}
            <TextButton onClick={dropSuspicion}>Leave it out</TextButton>
          </span>
        </p>
      )}
      <WaitingReadings />
      <Columns beside="390px">
        <Box sx={{ minWidth: 0 }}>
          {last !== null && (
            <Told
              step={last}
              nextKey={judgement?.nextKey ?? null}
              steps={steps}
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
              key={current.key}
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
          <Region title="The way">
            <StepList steps={steps} currentKey={current?.key ?? null} onChoose={choose} />
          </Region>
          <Cautions cautions={proveCautions} />
        </Box>
      </Columns>
    </>
  );
}

/** What the whole walk comes to. */
function Done({ steps, isBarred }: { readonly steps: readonly WalkStep[]; readonly isBarred: boolean }) {
  const plan = usePlan();
  const { standIn, judgement } = useProve();
  const [, show] = useHash();
  const off = steps.filter(({ outcome }) => outcome !== null && outcome.type !== "fine");
  const [cause] = judgement?.causes ?? [];
  return (
    <Region title="The walk is done">
      <p style={{ marginTop: 0 }}>
        {isBarred
          ? "It must not be plugged in."
          : off.length === 0
            ? "Everything on this port reads as it should."
            : `Not as it should be: ${off.map(({ place, quantity }) => `${readPlaceName(plan, place)}, ${quantityWords[quantity]}`).join("; ")}.`}{" "}
        {cause === undefined || cause.id === "fine"
          ? ""
          : `${causeName(cause)}, ${readPlaceName(plan, cause.at)}: ${sureWords(cause.share)}. ${causeTodo(cause)}`}
      </p>
      {standIn === null ? (
        <TextButton look="amber" onClick={() => show("report")}>
          What is proved
        </TextButton>
      ) : (
        <TextButton look="amber" onClick={() => show("standin")}>
          Another try on the stand-in
        </TextButton>
      )}
    </Region>
  );
}
