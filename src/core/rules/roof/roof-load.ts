import { type Burden, burdenOn } from "../../roof";
import { basesKg } from "../../mount";
import { mountReports } from "../ready";
import { type RoofContext, type RoofJudged, type RoofRule } from "./context";

export type RoofLoadReason = Burden & {
  readonly type: "roofLoad";
  readonly surfaceName: string;
  readonly limitKg: number;
  /** Of the total, what feet, brackets and rails weigh that are chosen at Mount. */ readonly basesKg: number;
};

/** People, snow, and mounts nobody has chosen come on top: from this share of what a roof bears on, it is worth a thought. */
const fullShare = 0.75;

function roofLoad({ plan, surfaces }: RoofContext): readonly RoofJudged<RoofLoadReason>[] {
  const weighed = mountReports(plan).reports.map(({ fixing, held }) => ({ fixing, kg: held?.weightKg ?? 0 }));
  return surfaces.flatMap(({ surface }) => {
    const bases = basesKg(plan, surface.id, weighed);
    const alone = burdenOn(plan, surface);
    const burden = { ...alone, totalKg: alone.totalKg + bases };
    const { loadKg: limitKg, name: surfaceName, id: surfaceId } = surface;
    if (limitKg === null || burden.panels === 0) return [];
    const share = burden.totalKg / limitKg;
    return [
      {
        level: share > 1 ? "stop" : share > fullShare ? "care" : "good",
        value: { value: burden.totalKg, unit: "kg" },
        limit: { value: limitKg, unit: "kg" },
        marginPct: 100 * (1 - share),
        assumptions: [],
        reason: { type: "roofLoad", surfaceName, limitKg, basesKg: bases, ...burden },
        tiles: [],
        subject: { type: "surface", surfaceId },
        about: "",
      },
    ];
  });
}

export const roofLoadRule: RoofRule<"roofLoad", RoofLoadReason> = {
  id: "roofLoad",
  stop: "space",
  sense: "atMost",
  chart: { skies: [], edge: null },
  mendedBy: "nothing",
  ofInput: false,
  judge: roofLoad,
};
