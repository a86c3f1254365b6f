import { dropLimitOf } from "../../engine/cable";
import { isMeasured, lossThatCounts, type ResolvedRun, sizeThatCounts, type CablingPartName } from "../cabling";
import {
  type CopperContext,
  type CopperJudged,
  type CopperRule,
  type PortArrayParts,
  nameOf,
  saidRuns,
} from "./context";

export type CableDropReason = {
  readonly type: "cableDrop";
  readonly outcome: "over" | "within" | "together";
  readonly name: CablingPartName;
  readonly size: string;
  readonly lengthMm: number;
  readonly dropV: number;
  readonly dropPct: number;
  readonly limitPct: number;
  readonly lossW: number;
  readonly impA: number;
  readonly vmpV: number;
};

/** Volts lost on every cable that somebody measured, at the amps of full sun, against the share that may be lost. */
function cableDrop(copper: CopperContext): readonly CopperJudged<CableDropReason>[] {
  const each = saidRuns(copper).flatMap(({ run, said, portArray }): CopperJudged<CableDropReason>[] => {
    const size = sizeThatCounts(run);
    if (run.ask === null || size === null || !isMeasured(run)) return [];
    const limitPct = dropLimitOf(run.ask);
    const { impA, vmpV } = run.ask;
    const { dropV, dropPct, lossW } = size;
    const over = dropPct > limitPct;
    const reason: CableDropReason = {
      type: "cableDrop",
      outcome: over ? "over" : "within",
      name: nameOf(copper, run, portArray),
      size: size.size.name,
      lengthMm: run.lengthMm,
      ...{ dropV, dropPct, limitPct, lossW, impA, vmpV },
    };
    return [
      {
        ...judgedDrop(dropPct, limitPct, over ? "care" : "good"),
        reason,
        subject: { type: "run", wiringId: copper.wiringId, runId: said.id },
        about: "",
      },
    ];
  });
  return [...each, ...copper.portArrays.flatMap((portArray) => together(copper, portArray))];
}

/** Cables one behind another, each within the limit, may together lose more than anyone wants. */
function together(copper: CopperContext, portArray: PortArrayParts): CopperJudged<CableDropReason>[] {
  const known = portArray.runs.flatMap((run) => {
    const size = isMeasured(run) ? lossThatCounts(run) : null;
    return size === null || run.ask === null ? [] : [{ run, ask: run.ask, size }];
  });
  const strings = known.filter(({ run }) => run.part === "string");
  const worst = strings.reduce((most, { size }) => Math.max(most, size.dropV), 0);
  const shared = known.filter(({ run }) => run.part !== "string");
  const [first] = known;
  if (first === undefined || shared.length + Math.min(1, strings.length) < 2) return [];
  const limitPct = dropLimitOf(first.ask);
  const dropV = shared.reduce((sum, { size }) => sum + size.dropV, worst);
  const dropPct = (100 * dropV) / first.ask.vmpV;
  if (dropPct <= limitPct || known.some(({ size }) => size.dropPct > limitPct)) return [];
  const { impA, vmpV } = (shared[0] ?? first).ask;
  return [
    {
      ...judgedDrop(dropPct, limitPct, "note"),
      reason: {
        type: "cableDrop",
        outcome: "together",
        name: nameOf(copper, first.run, portArray),
        size: "",
        lengthMm: longest(known.map(({ run }) => run)),
        dropV,
        dropPct,
        limitPct,
        lossW: known.reduce((sum, { size }) => sum + size.lossW, 0),
        impA,
        vmpV,
      },
      subject: { type: "portArray", inputId: portArray.inputId, portId: portArray.portId },
      about: "together",
    },
  ];
}

/** From the panels to the port, by the longest string. */
function longest(runs: readonly ResolvedRun[]): number {
  const strings = runs.filter(({ part }) => part === "string").map(({ lengthMm }) => lengthMm);
  const shared = runs.filter(({ part }) => part !== "string");
  return Math.max(0, ...strings) + shared.reduce((sum, { lengthMm }) => sum + lengthMm, 0);
}

function judgedDrop(dropPct: number, limitPct: number, level: "care" | "note" | "good") {
  return {
    level,
    value: { value: dropPct, unit: "%" },
    limit: { value: limitPct, unit: "%" },
    marginPct: 100 * (1 - dropPct / limitPct),
    assumptions: [],
    tiles: [],
  } as const;
}

export const cableDropRule: CopperRule<"cableDrop", CableDropReason> = {
  id: "cableDrop",
  step: "protection",
  sense: "atMost",
  chart: { skies: [], edge: null },
  fixedBy: "copper",
  ofInput: false,
  judge: cableDrop,
};
