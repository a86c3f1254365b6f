import { type Burden, burdenOn } from "../../roof";
import { type RoofContext, type RoofJudged, type RoofRule } from "./context";

export type RoofLoadReason = Burden & {
  readonly type: "roofLoad";
  readonly surfaceName: string;
  readonly limitKg: number;
};

/** Mounts, people and snow come on top of the panels: from this share of what a roof bears on, it is worth a thought. */
const fullShare = 0.75;

function roofLoad({ plan, surfaces }: RoofContext): readonly RoofJudged<RoofLoadReason>[] {
  return surfaces.flatMap(({ surface }) => {
    const burden = burdenOn(plan, surface);
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
        reason: { type: "roofLoad", surfaceName, limitKg, ...burden },
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
