import { type CablingPartName } from "../cabling";
import { designOf, maxAmps, mustCarry, type Laying } from "../../engine/cable";
import { type CopperContext, type CopperJudged, type CopperRule, nameOf, saidRuns } from "./context";

export type CableAmpsReason = {
  readonly type: "cableAmps";
  /** `noTable`: hotter, or with more circuits, than any table has. */
  readonly outcome: "tooThin" | "carries" | "noTable" | "noSize";
  readonly name: CablingPartName;
  /** As it is said; null: none is, and none would do. */ readonly size: string | null;
  /** The size that would do; null: none. */ readonly advised: string | null;
  readonly designA: number;
  /** What makes it so much: the sun, a string fuse or backfeed, or the battery's fuse. */
  readonly by: "sun" | "fault" | "batteryFuse";
  /** Of what the sun can push, that is so many times this, A; of a battery cable what the controller gives. */
  readonly sunA: number;
  readonly flowsA: number;
  readonly maxA: number | null;
  readonly ambientC: number;
  readonly how: Laying;
  readonly circuits: number;
  readonly factor: number;
};

/** Ampacity of every cable that is said, where it lies, against what it must carry (NEC 690.8, EN 50618). */
function cableAmps(copper: CopperContext): readonly CopperJudged<CableAmpsReason>[] {
  return saidRuns(copper).flatMap(({ run, said, portArray }): CopperJudged<CableAmpsReason>[] => {
    const { ask, chosen, advised } = run;
    if (ask === null || (said.size === null && advised !== null)) return [];
    const designA = mustCarry(ask);
    const maxA = chosen === null ? null : maxAmps(chosen.size, ask);
    const outcome =
      said.size === null
        ? (run.noSize ?? "noSize")
        : maxA === null
          ? "noTable"
          : designA > maxA * (1 + rounding)
            ? "tooThin"
            : "carries";
    const level =
      outcome === "carries" ? "good" : outcome === "tooThin" ? "stop" : outcome === "noTable" ? "open" : "care";
    return [
      {
        level,
        value: { value: designA, unit: "A" },
        limit: maxA === null ? null : { value: maxA, unit: "A" },
        marginPct: maxA === null ? null : 100 * (1 - designA / maxA),
        assumptions: [],
        reason: {
          type: "cableAmps",
          outcome,
          name: nameOf(copper, run, portArray),
          size: said.size,
          advised: advised?.size.name ?? null,
          designA,
          by: ask.isBattery ? "batteryFuse" : designA > designOf(ask) ? "fault" : "sun",
          sunA: designOf(ask),
          flowsA: ask.isBattery ? ask.impA : ask.iscA,
          maxA,
          ambientC: ask.ambientC,
          how: ask.how,
          circuits: ask.circuits,
          factor: ask.isPortable ? 1.25 : 1.56,
        },
        tiles: [],
        subject: { type: "run", wiringId: copper.wiringId, runId: said.id },
        about: "",
      },
    ];
  });
}

/** Two sums of the same numbers may part in the last digits. */
const rounding = 1e-9;

export const cableAmpsRule: CopperRule<"cableAmps", CableAmpsReason> = {
  id: "cableAmps",
  step: "protection",
  sense: "atMost",
  chart: { skies: [], edge: null },
  fixedBy: "copper",
  ofInput: false,
  judge: cableAmps,
};
