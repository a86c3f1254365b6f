"use client";

import { useSearchParams } from "next/navigation";
import { createContext, type ReactNode, useContext, useState } from "react";
import { type ReadingRecord, type ReadSky } from "@/core/measurements";
import { type PortArrayJudgement, type Moment } from "@/core/commissioning";
import { useDeskState, usePlan, useReadings, useReadingsState, useWiring } from "@/features/plan-session";
import { type Readings, type ReadingsState } from "@/features/sync";
import { portPortArrays } from "@/messages/en";
import { type ProveWalk } from "@/workers";
import { ofPortArray } from "./of-port-array";
import { keepSettings, readSettings, type Settings } from "./settings";
import { type LogSuspicion, readSuspicion } from "./suspicion";
import { type PortArrayRef, useCauses, useWalk } from "./useProved";

/** A simulated bench that is open: under which sky it stands, and since when readings come from it. */
export type OpenStandIn = {
  readonly id: string;
  readonly moment: Moment;
  readonly sky: ReadSky;
  readonly sinceUtc: string;
  /** What was put in, or that it is not to be told. */ readonly told: string | null;
};

type Facts = {
  readonly portArrays: readonly (PortArrayRef & { readonly name: string })[];
  readonly portArray: PortArrayRef | null;
  readonly choosePortArray: (portArray: PortArrayRef) => void;
  readonly settings: Settings;
  readonly set: (patch: Partial<Settings>) => void;
  readonly sky: ReadSky;
  readonly moment: Moment;
  readonly readings: Readings | null;
  readonly state: ReadingsState;
  /** Those of this round, real or of the stand-in that is open. */ readonly records: readonly ReadingRecord[];
  readonly walk: ProveWalk | null;
  readonly judgement: PortArrayJudgement | null;
  readonly isJudging: boolean;
  readonly fault: string | null;
  readonly standIn: OpenStandIn | null;
  readonly setStandIn: (standIn: OpenStandIn | null) => void;
  /** What the log sent one here with. */ readonly suspicion: LogSuspicion | null;
  readonly dropSuspicion: () => void;
};

const FactsContext = createContext<Facts | null>(null);

/** A sky said longer ago than this is not the sky of now; a round of readings is over after half a day. */
const skyHoldsMs = 3_600_000;
const roundMs = 12 * 3_600_000;

export function ProveFacts({ children }: { readonly children: ReactNode }) {
  const plan = usePlan();
  const wiring = useWiring();
  const planId = useDeskState((state) => state.planId);
  const now = useDeskState((state) => state.moment);
  const readings = useReadings();
  const state = useReadingsState();
  const [settings, setSettings] = useState<Settings>(() => readSettings(planId));
  const [chosen, choosePortArray] = useState<PortArrayRef | null>(null);
  const [standIn, setStandIn] = useState<OpenStandIn | null>(null);
  const search = useSearchParams();
  const [isDropped, setDropped] = useState(false);
  // a simulated array has no log
  const suspicion = isDropped || standIn !== null ? null : readSuspicion(search);
  const set = (patch: Partial<Settings>) => {
    const next = { ...settings, ...patch };
    setSettings(next);
    keepSettings(planId, next);
  };
  const portArrays = portPortArrays(plan, wiring);
  const found =
    portArrays.find(({ inputId, portId }) => inputId === chosen?.inputId && portId === chosen.portId) ??
    portArrays[0] ??
    null;
  const portArray = found === null ? null : { inputId: found.inputId, portId: found.portId };
  const isFresh = now.atMs - settings.skyAtMs < skyHoldsMs;
  const said = isFresh ? settings.sky : { ...settings.sky, cloud: null, meterWm2: null, backC: null };
  const sky = standIn?.sky ?? said;
  const moment = standIn?.moment ?? now;
  const since = new Date(Math.max(settings.sinceMs, now.atMs - roundMs)).toISOString();
  const records = ofPortArray(state.records ?? [], wiring.id, portArray).filter(({ source, atUtc }) =>
    standIn === null ? source !== "standIn" && atUtc >= since : source === "standIn" && atUtc >= standIn.sinceUtc,
  );
  const input =
    portArray === null
      ? null
      : {
          plan,
          wiringId: wiring.id,
          positionId: null,
          ...portArray,
          sky,
          moment,
          meter: { maxA: settings.maxA },
          records,
          suspicion,
        };
  const { walk, fault } = useWalk(input);
  const { judgement, isJudging } = useCauses(input);
  return (
    <FactsContext
      value={{
        portArrays,
        portArray,
        choosePortArray,
        settings,
        set,
        sky,
        moment,
        readings,
        state,
        records,
        walk,
        judgement,
        isJudging,
        fault,
        standIn,
        setStandIn,
        suspicion,
        dropSuspicion: () => setDropped(true),
      }}
    >
      {children}
    </FactsContext>
  );
}

export function useProve(): Facts {
  const facts = useContext(FactsContext);
  if (facts === null) throw new Error("within ProveFacts");
  return facts;
}
