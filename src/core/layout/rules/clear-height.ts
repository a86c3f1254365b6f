import { pieceName } from "../../plan";
import { highestOn } from "../roof";
import { type RoofContext, type RoofJudged, type RoofRule } from "./context";

export type ClearHeightReason = {
  readonly type: "clearHeight";
  readonly surfaceName: string;
  readonly highestName: string;
  readonly heightMm: number;
  readonly clearMm: number;
};

/** Springs, tyres, water levels and boards that lie: less than this under a bridge is none, mm. */
const spareMm = 100;

function clearHeight({ plan, positionId, parked, surfaces }: RoofContext): readonly RoofJudged<ClearHeightReason>[] {
  const clearMm = plan.space.clearHeightMm;
  if (clearMm === null) return [];
  return surfaces.flatMap(({ surface }) => {
    const highest = highestOn(plan, surface, positionId, parked);
    if (highest === null) return [];
    const { heightMm, name, panel } = highest;
    return [
      {
        level: heightMm > clearMm ? "stop" : heightMm > clearMm - spareMm ? "care" : "good",
        value: { value: heightMm, unit: "mm" },
        limit: { value: clearMm, unit: "mm" },
        marginPct: 100 * (1 - heightMm / clearMm),
        assumptions: [],
        reason: {
          type: "clearHeight",
          surfaceName: surface.name,
          highestName: panel === null ? (name ?? surface.name) : pieceName(plan, panel),
          heightMm,
          clearMm,
        },
        tiles: [],
        subject: { type: "surface", surfaceId: surface.id },
        about: "",
      },
    ];
  });
}

export const clearHeightRule: RoofRule<"clearHeight", ClearHeightReason> = {
  id: "clearHeight",
  step: "layout",
  sense: "atMost",
  chart: { skies: [], edge: null },
  fixedBy: "nothing",
  ofInput: false,
  judge: clearHeight,
};
