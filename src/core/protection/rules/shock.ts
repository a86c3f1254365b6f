import { cableRulesOf } from "../cabling";
import { maxColdVolts } from "../../wiring/rules";
import { type CopperContext, type CopperJudged, type CopperRule } from "./context";

export type ShockReason = {
  readonly type: "shock";
  readonly volts: number;
  readonly limitV: number;
  readonly isWet: boolean;
  readonly inputName: string;
  readonly portName: string;
};

/** From here on DC is treated as a shock hazard: 60 V where it is dry, 30 V where it is wet (IEC 61140, ISO 13297). */
const dryV = 60;
const wetV = 30;

/** Volts that a hand feels. Told once for each port, highest first dawn. */
function shock({ plan, portArrays }: CopperContext): readonly CopperJudged<ShockReason>[] {
  const isWet = isAfloat(plan);
  const limitV = isWet ? wetV : dryV;
  return portArrays.flatMap(({ context, inputId, portId, runs }): CopperJudged<ShockReason>[] => {
    // a word for whoever is about to lay cables: it changes nothing about the wiring
    if (runs.every(({ said }) => said === null) && !isWet) return [];
    const volts = maxColdVolts(context, context.portArray.strings).volts;
    if (volts <= limitV) return [];
    return [
      {
        level: "note",
        value: { value: volts, unit: "V" },
        limit: { value: limitV, unit: "V" },
        marginPct: 100 * (1 - volts / limitV),
        assumptions: [],
        reason: { type: "shock", volts, limitV, isWet, inputName: context.device.name, portName: context.port.name },
        tiles: [],
        subject: { type: "portArray", inputId, portId },
        about: "",
      },
    ];
  });
}

/** Said so, or a boat: by the standard of its cables, or by a deck that panels lie on. */
function isAfloat(plan: CopperContext["plan"]): boolean {
  const { protect, space } = plan;
  return protect.isWet || cableRulesOf(plan).isAfloat || space.surfaces.some(({ kind }) => kind === "deck");
}

export const shockRule: CopperRule<"shock", ShockReason> = {
  id: "shock",
  step: "protection",
  sense: "atMost",
  chart: { skies: [], edge: null },
  fixedBy: "nothing",
  ofInput: false,
  judge: shock,
};
