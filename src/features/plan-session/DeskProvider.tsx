"use client";

import { createContext, type ReactNode, useContext, useEffect, useMemo, useRef, useState } from "react";
import { useStore } from "zustand";
import { browserClient, type SavedPlan } from "@/api";
import { type Plan, type Wiring } from "@/core/plan";
import { type Assessment } from "@/core/assessment";
import { draftShelf, keeping } from "@/features/sync";
import { workerClient } from "@/workers";
import { type ActionSource } from "./actions";
import { startJudge } from "./judge";
import { type Judgement } from "./judgement";
import { packHistory, unpackHistory } from "./kept-history";
import { PlanReadings } from "./PlanReadings";
import { type Saver, startSaver } from "./saver";
import { type StepModule } from "./step-module";
import { type Scheduler } from "./scheduler";
import { isJudged, wiringOf } from "./slices/look";
import { createDesk, type Desk } from "./store";
import { type DeskState } from "./desk-state";

type Resolve = Pick<Saver, "takeTheirs" | "keepMine" | "merge" | "bringBack" | "discard" | "saveAsNew">;
type DeskContextValue = {
  readonly desk: Desk;
  readonly steps: readonly StepModule[];
  readonly actions: Set<ActionSource>;
  readonly resolve: Resolve;
};

const DeskContext = createContext<DeskContextValue | null>(null);

type Props = {
  readonly opened: SavedPlan;
  readonly steps: readonly StepModule[];
  /** A plan that is kept nowhere and gone with the page, as one to practise on. */ readonly isScratch?: boolean;
  /** Whether it is judged as it changes. */ readonly isJudged?: boolean;
  readonly children: ReactNode;
};

/** Opens a plan for the views below it: document, history, autosave, word from other tabs. */
export function DeskProvider({ opened, steps, isScratch = false, isJudged: judges = true, children }: Props) {
  const [desk] = useState(() => createDesk(opened, later));
  const [actions] = useState(() => new Set<ActionSource>());
  const saver = useRef<Saver | null>(null);
  useEffect(() => {
    if (isScratch) return;
    const channel = openChannel();
    const started = startSaver({
      desk,
      client: browserClient,
      drafts: draftShelf(),
      tell: (saved) => channel?.postMessage(saved),
      wait: (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
    });
    const hear = (event: MessageEvent<unknown>) => {
      const word = event.data;
      if (typeof word !== "object" || word === null || !("id" in word) || !("revision" in word)) return;
      if (word.id === opened.id && typeof word.revision === "number") void started.heard(word.revision);
    };
    channel?.addEventListener("message", hear);
    const leave = () => started.flush(true);
    window.addEventListener("pagehide", leave);
    // what is neither on the server nor in this browser goes with the page: asked before it does
    const askFirst = (event: BeforeUnloadEvent) => {
      if (desk.now().save.type !== "saved" && !keeping.getState().isKept) event.preventDefault();
    };
    window.addEventListener("beforeunload", askFirst);
    saver.current = started;
    return () => {
      window.removeEventListener("pagehide", leave);
      window.removeEventListener("beforeunload", askFirst);
      // the page goes on: the request need not outlive it, and may be of any size
      started.flush(false);
      started.stop();
      channel?.close();
    };
  }, [desk, opened.id, isScratch]);
  useEffect(() => undoKeys(desk), [desk]);
  useEffect(() => (isScratch ? undefined : keepHistory(desk)), [desk, isScratch]);
  useEffect(() => keepTime(desk), [desk]);
  useEffect(() => (judges ? startJudge(desk, workerClient()) : undefined), [desk, judges]);
  const value = useMemo(
    () => ({
      desk,
      steps,
      actions,
      resolve: {
        takeTheirs: () => saver.current?.takeTheirs(),
        keepMine: () => saver.current?.keepMine(),
        merge: (plan: Plan) => saver.current?.merge(plan),
        bringBack: (key: string) => saver.current?.bringBack(key),
        discard: (key: string) => saver.current?.discard(key),
        saveAsNew: (key: string | null) => saver.current?.saveAsNew(key) ?? Promise.resolve(null),
      },
    }),
    [desk, steps, actions],
  );
  return (
    <DeskContext value={value}>
      {isScratch ? children : <PlanReadings planId={opened.id}>{children}</PlanReadings>}
    </DeskContext>
  );
}

const later: Scheduler = (run, ms) => {
  const timer = setTimeout(run, ms);
  return () => clearTimeout(timer);
};

/** The sun moves a degree in four minutes: oftener there is nothing new to see. */
const momentMs = 300_000;

/** Keeps the desk's moment up with the clock. Where one is, round the Earth, is taken from the clock's time zone. */
function keepTime(desk: Desk): () => void {
  const tell = () => {
    const now = new Date();
    // summer time is an hour ahead of the sun; the lesser of the two offsets is the zone's own
    const standardMin = Math.max(
      new Date(now.getFullYear(), 0, 1).getTimezoneOffset(),
      new Date(now.getFullYear(), 6, 1).getTimezoneOffset(),
    );
    desk.set({ moment: { atMs: now.getTime(), longitudeDeg: -standardMin / 4 } });
  };
  tell();
  const timer = setInterval(tell, momentMs);
  return () => clearInterval(timer);
}

/** What this tab had kept of its undo history; null: nothing, or a browser that keeps nothing. */
function packedHistory(key: string): string | null {
  try {
    return window.sessionStorage.getItem(key);
  } catch {
    return null;
  }
}

/** Word between the tabs of this browser; null where it lets none through. */
function openChannel(): BroadcastChannel | null {
  try {
    return new BroadcastChannel("golden-array-saves");
  } catch {
    return null;
  }
}

/** Keeps the undo history of this tab over a reload. */
function keepHistory(desk: Desk): () => void {
  const key = `golden-array-history:${desk.now().planId}`;
  const { history } = desk.now();
  const kept = unpackHistory(packedHistory(key), history.present);
  if (kept.past.length + kept.future.length > 0 && history.past.length === 0)
    desk.resume({ ...kept, present: history.present });
  const keep = () => {
    try {
      window.sessionStorage.setItem(key, packHistory(desk.now().history));
    } catch {
      // storage full or forbidden: undo then lasts as long as the page, and nothing else is lost
    }
  };
  window.addEventListener("pagehide", keep);
  return () => {
    keep();
    window.removeEventListener("pagehide", keep);
  };
}

/** Ctrl or Cmd + Z, Shift + Z, Y: in text fields too, as every keystroke is already in the plan. */
function undoKeys(desk: Desk): () => void {
  const listen = (event: KeyboardEvent) => {
    if (!(event.ctrlKey || event.metaKey) || event.altKey) return;
    const key = event.key.toLowerCase();
    if (key === "z" && !event.shiftKey) desk.undo();
    else if ((key === "z" && event.shiftKey) || key === "y") desk.redo();
    else return;
    event.preventDefault();
  };
  window.addEventListener("keydown", listen);
  return () => window.removeEventListener("keydown", listen);
}

function useDeskContext(): DeskContextValue {
  const value = useContext(DeskContext);
  if (value === null) throw new Error("a desk view stands outside DeskProvider");
  return value;
}

export function useDesk(): Desk {
  return useDeskContext().desk;
}

/** The steps of the job, in their order. */
export function useSteps(): readonly StepModule[] {
  return useDeskContext().steps;
}

/** Who offers actions; for `useActions` and the palette. */
export function useActionSources(): Set<ActionSource> {
  return useDeskContext().actions;
}

/** The ways out of a stale write. */
export function useResolve(): Resolve {
  return useDeskContext().resolve;
}

/** Of the desk as it is drawn. */
export function useDeskState<T>(select: (state: DeskState) => T): T {
  return useStore(useDesk().store, ({ shown }) => select(shown));
}

export function usePlan(): Plan {
  return useDeskState((state) => state.history.present);
}

/** The wiring on the desk. */
export function useWiring(): Wiring {
  return useDeskState(wiringOf);
}

/** What the worker last said: of what is on screen, or, for a few milliseconds after an edit, of what was. */
export function useJudgement(): Judgement | null {
  return useDeskState((state) => state.judgement);
}

export function useAssessment(): Assessment | null {
  return useDeskState((state) => state.judgement?.assessment ?? null);
}

/** True while the verdict on screen is of an older revision. */
export function useJudging(): boolean {
  return !useDeskState(isJudged);
}

/** True when the desk is drawn as it stands, with its verdict, and neither is waited for. */
export function useSettled(): boolean {
  return useStore(
    useDesk().store,
    ({ now, shown }) => shown === now && isJudged(shown) && shown.judgement?.sky === shown.sky,
  );
}
