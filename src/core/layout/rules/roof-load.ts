import { gravityMs2 } from "../../engine/numeric";
import { type Burden, burdenOn } from "../roof";
import { basesKg } from "../../mounting";
import { mountReports } from "../../plan-model";
import { type RoofContext, type RoofJudged, type RoofRule } from "./context";

export type RoofLoadReason = Burden & {
  readonly type: "roofLoad";
  readonly outcome: "over" | "noWorker" | "full" | "fits";
  readonly surfaceName: string;
  readonly limitKg: number;
  /** Of the total, what feet, brackets and rails weigh that are chosen at Mounting, and snow as its place has it. */
  readonly basesKg: number;
  readonly snowKg: number;
  /** Somebody who stands on it while mounting, when no snow lies. */ readonly workerKg: number;
};

/** What nobody has said comes on top: from this share of what a roof can carry on, it is worth a thought. */
const fullShare = 0.75;
/** Once, while mounting. */
const workerKg = 100;

function roofLoad({ plan, surfaces }: RoofContext): readonly RoofJudged<RoofLoadReason>[] {
  const { reports } = mountReports(plan);
  const weighed = reports.map(({ fixing, held }) => ({ fixing, kg: held?.weightKg ?? 0 }));
  const snowed = reports.map(({ fixing, held }) => ({ fixing, kg: (held?.load.snowN ?? 0) / gravityMs2 }));
  return surfaces.flatMap(({ surface }) => {
    const bases = basesKg(plan, surface.id, weighed);
    const alone = burdenOn(plan, surface);
    const snowKg = basesKg(plan, surface.id, snowed);
    const burden = { ...alone, totalKg: alone.totalKg + bases + snowKg };
    const withWorkerKg = alone.totalKg + bases + workerKg;
    const { loadKg: limitKg, name: surfaceName, id: surfaceId } = surface;
    if (limitKg === null || burden.panels === 0) return [];
    const isOver = burden.totalKg > limitKg;
    // nobody has to step on it: that is a caution, not a Stop
    const outcome = isOver
      ? "over"
      : withWorkerKg > limitKg
        ? "noWorker"
        : burden.totalKg > fullShare * limitKg
          ? "full"
          : "fits";
    const judgedKg = outcome === "noWorker" ? withWorkerKg : burden.totalKg;
    const share = judgedKg / limitKg;
    return [
      {
        level: ({ over: "stop", noWorker: "care", full: "care", fits: "good" } as const)[outcome],
        value: { value: judgedKg, unit: "kg" },
        limit: { value: limitKg, unit: "kg" },
        marginPct: 100 * (1 - share),
        assumptions: [],
        reason: { type: "roofLoad", outcome, surfaceName, limitKg, basesKg: bases, snowKg, workerKg, ...burden },
        tiles: [],
        subject: { type: "surface", surfaceId },
        about: "",
      },
    ];
  });
}

export const roofLoadRule: RoofRule<"roofLoad", RoofLoadReason> = {
  id: "roofLoad",
  step: "layout",
  sense: "atMost",
  chart: { skies: [], edge: null },
  fixedBy: "nothing",
  ofInput: false,
  judge: roofLoad,
};
