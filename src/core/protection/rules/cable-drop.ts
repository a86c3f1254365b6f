import { dropLimitOf } from "../../engine/cable";
import { isMeasured, lossThatCounts, sizeThatCounts, wholeDrop, type CablingPartName } from "../cabling";
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
  const known = portArray.runs.filter((run) => isMeasured(run) && run.ask !== null && lossThatCounts(run) !== null);
  const strings = known.filter(({ part }) => part === "string").length;
  const [first] = known;
  const whole = wholeDrop(known);
  if (whole === null || first === undefined || known.length - strings + Math.min(1, strings) < 2) return [];
  const { dropPct, limitPct } = whole;
  if (dropPct <= limitPct || known.some((run) => (lossThatCounts(run)?.dropPct ?? 0) > limitPct)) return [];
  return [
    {
      ...judgedDrop(dropPct, limitPct, "note"),
      reason: {
        type: "cableDrop",
        outcome: "together",
        name: nameOf(copper, first, portArray),
        size: "",
        ...whole,
      },
      subject: { type: "portArray", inputId: portArray.inputId, portId: portArray.portId },
      about: "together",
    },
  ];
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
