import { type ReadingRecord, type ReadPlace, type ReadSky, stepKey, unsaidSky } from "@/core/measurements";
import { type Plan } from "@/core/plan";
import {
  type Bar,
  brightShare,
  type FoundFault,
  foundIn,
  judgePortArray,
  type PortArrayJudgement,
  type LightGuess,
  type Meter,
  type Moment,
  type ProvedPortArray,
  provedPortArray,
  readPlaceOf,
  type Suspicion,
  defaultMeter,
  walkOf,
  type WalkStep,
  worseFound,
} from "@/core/commissioning";
import { kindOf, type PortArrayContext, type SolveCache, solvableById } from "@/core/plan-model";
import { maxColdVolts } from "@/core/wiring/rules";
import { createPlanes } from "@/core/wiring/year";
import { type Job } from "../rpc";

export type ProveInput = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly positionId: string | null;
  readonly inputId: string;
  readonly portId: string;
  readonly sky: ReadSky;
  readonly moment: Moment;
  readonly meter: Meter;
  readonly records: readonly ReadingRecord[];
  /** What the log says of the whole wiring. */ readonly suspicion: Suspicion | null;
};

export type ProveWalk = {
  readonly steps: readonly WalkStep[];
  readonly light: LightGuess;
  /** Why nothing may be plugged in yet, worst first, each with the step whose reading says so. */
  readonly bars: readonly (Omit<Bar, "at" | "quantity"> & { readonly key: string })[];
  /** Whether running readings may be taken. */ readonly mayRun: boolean;
  readonly maxV: number | null;
  readonly clearWm2: number;
  /** Panels and strings as stand-ins number them. */ readonly keys: readonly string[];
  /** What one panel may give shorted at the edge of a cloud, A. */ readonly brightA: number;
  readonly isPwm: boolean;
};

/** A wiring, and all that was really read of it. */
export type FoundInput = Pick<ProveInput, "plan" | "wiringId" | "moment" | "records">;

type Found = {
  readonly portArray: ProvedPortArray;
  readonly context: PortArrayContext;
  /** All of the wiring. */ readonly portArrays: readonly PortArrayContext[];
};

/** The walk of a port with what is due, and, as it takes longer, what is wrong by all that was read: two questions of one port. */
export function proveJobs(memory: SolveCache) {
  const portArrayOf = (input: ProveInput): Found | null => {
    const { portArrays } = solvableById(input.plan, input.wiringId, input.positionId, memory);
    const context = portArrays.find(
      ({ portArray }) => portArray.inputId === input.inputId && portArray.portId === input.portId,
    );
    const portArray = context === undefined ? null : provedPortArray(context, input.sky, input.moment, planesOf(input));
    return context === undefined || portArray === null ? null : { portArray, context, portArrays };
  };
  const walk = ({ portArray, context }: Found, { records, meter }: ProveInput) =>
    walkOf(portArray, records, meter, (place) => coldVoltsAt(context, place));
  const proveWalk: Job<ProveInput, never, ProveWalk | null> = function* (input) {
    const found = portArrayOf(input);
    if (found === null) return null;
    const { steps, light, bars, mayRun } = walk(found, input);
    const { tiles, clearWm2, tracking } = found.portArray;
    return {
      steps,
      light,
      bars: bars.map(({ at, quantity, ...bar }) => ({
        ...bar,
        key: stepKey(readPlaceOf(found.portArray, at), quantity),
      })),
      mayRun,
      maxV: found.portArray.window?.maxV ?? null,
      clearWm2,
      keys: tiles.map(({ panelId, piece }) => `${panelId}.${piece}`),
      brightA: brightShare * found.portArray.iscA.panel,
      isPwm: tracking.type === "pwm",
    };
  };
  const proveCauses: Job<ProveInput, never, PortArrayJudgement | null> = function* (input) {
    const found = portArrayOf(input);
    if (found === null) return null;
    return judgePortArray(found.portArray, walk(found, input), input.meter, suspicionOf(found, input));
  };
  const foundFault: Job<FoundInput, never, FoundFault | null> = function* (input) {
    let worst: FoundFault | null = null;
    for (const [key, records] of byPortArray(input.records)) {
      const [inputId = "", portId = ""] = JSON.parse(key) as string[];
      const last = records.at(-1);
      const sky = last?.sky ?? unsaidSky;
      const moment = last === undefined ? input.moment : { ...input.moment, atMs: Date.parse(last.atUtc) };
      const asked = {
        ...input,
        positionId: null,
        inputId,
        portId,
        sky,
        moment,
        meter: defaultMeter,
        records,
        suspicion: null,
      };
      const found = portArrayOf(asked);
      if (found === null) continue;
      worst = worseFound(
        worst,
        foundIn(found.portArray, records, asked.meter, (place) => coldVoltsAt(found.context, place)),
      );
    }
    return worst;
  };
  return { proveWalk, proveCauses, foundFault };
}

/** Readings by the port they are of, oldest first. */
function byPortArray(records: readonly ReadingRecord[]): ReadonlyMap<string, readonly ReadingRecord[]> {
  const portArrays = new Map<string, ReadingRecord[]>();
  for (const record of [...records].sort((a, b) => (a.atUtc < b.atUtc ? -1 : 1))) {
    const key = JSON.stringify([record.inputId, record.portId]);
    portArrays.set(key, [...(portArrays.get(key) ?? []), record]);
  }
  return portArrays;
}

/** What is lost of the whole is more of one port, by label watts; what would be more than all of it cannot be there. */
function suspicionOf({ context, portArrays }: Found, { suspicion }: ProveInput): Suspicion | null {
  if (suspicion === null) return null;
  const wattsOf = (of: PortArrayContext) => of.tiles.reduce((sum, tile) => sum + kindOf(of, tile).fit.label.pmaxW, 0);
  const all = portArrays.reduce((sum, of) => sum + wattsOf(of), 0);
  const own = wattsOf(context);
  const lossPct = own <= 0 ? Infinity : (suspicion.lossPct * all) / own;
  return lossPct > 100 ? null : { lossPct };
}

/** How the panels lie in the position asked for, or in the usual one of the wiring. */
function planesOf({ plan, wiringId, positionId, moment }: ProveInput) {
  const usual = plan.wirings.find(({ id }) => id === wiringId)?.positionIds[0] ?? "";
  return createPlanes(plan, positionId ?? usual, moment.longitudeDeg);
}

/** Volts of a string, or of all joined, on the coldest dawn, as the rules reckon them. */
function coldVoltsAt(context: PortArrayContext, place: ReadPlace): number | null {
  if (place.type === "panel") return null;
  const strings =
    place.type === "string" && place.stringId !== null
      ? context.portArray.strings.filter(({ id }) => id === place.stringId)
      : context.portArray.strings;
  return strings.length === 0 ? null : maxColdVolts(context, strings).volts;
}
