import { fullSunWm2 } from "../engine/numeric";
import { type Fixing, type Plan } from "../plan";
import { type Mount, rossCPerWm2 } from "../engine/sky";
import { keyOf } from "../engine/array";
import { type Load, surfacesUnder } from "./load";
import { mountingMethods, roofSurfaceOf } from "./methods";
import { frameGrowsMmPerMK, roofSurfaceFacts } from "./roof-surfaces";

/** What adhesives bear where the maker's sheet is not at hand, °C: careful, so that a doubt becomes a question. */
export const defaultRatedC = { foamTape: 80, sealant: 90 } as const;
const whiteIsCoolerK = 5;

export type Heat = {
  readonly hottestC: number;
  readonly airC: number;
  /** Above the air in full sun, K. */ readonly aboveK: number;
  readonly whiteK: number;
  readonly ratedC: number;
  readonly ratedIsAssumed: boolean;
};

/** How hot what is glued gets: a film as its cells, what stands on feet as the cells above it. Null where nothing is glued. */
export function heatOf(fixing: Fixing, recordHighC: number, mount: Mount): Heat | null {
  const { adhesive, holdsBy } = mountingMethods[fixing.method];
  if (adhesive === null) return null;
  const aboveK = rossCPerWm2[holdsBy === "peel" ? "glued" : mount] * fullSunWm2;
  const whiteK = fixing.isWhite ? whiteIsCoolerK : 0;
  return {
    hottestC: recordHighC + aboveK - whiteK,
    airC: recordHighC,
    aboveK,
    whiteK,
    ratedC: fixing.ratedC ?? defaultRatedC[adhesive],
    ratedIsAssumed: fixing.ratedC === null,
  };
}

/** How panels are reckoned to be held as far as heat goes: the kinds of mount there are among them. */
export function mountsUnder({ mounts, site }: Plan, { pieces }: Fixing, usual: Mount): readonly Mount[] {
  const kinds = pieces.map(
    (ref) =>
      mounts.find(({ pieces: held }) => held.some((each) => keyOf(each) === keyOf(ref)))?.kind ?? site.mount ?? usual,
  );
  return [...new Set(kinds)];
}

/** From a frosty night to a roof in the sun, K. */
export const swingK = 60;
/** More than this between roof and frame wants a soft bed or slots. */
export const stiffMm = 2;

/** How far roof and frame move against each other with heat, mm; null where nothing holds them to each other, or nobody said what the roof is of. */
export function movementOf(
  plan: Plan,
  fixing: Fixing,
  load: Load,
): { readonly mm: number; readonly overMm: number } | null {
  const surface = roofSurfaceOf(fixing);
  const { expansion, footLongMm } = mountingMethods[fixing.method];
  if (surface === null || expansion === null || surfacesUnder(plan, fixing).length === 0) return null;
  const grows = roofSurfaceFacts[surface].growsMmPerMK;
  if (grows === 0) return null;
  const overMm = expansion.over === "foot" ? (fixing.footLongMm ?? footLongMm) : load.longMm;
  return { mm: Math.abs(frameGrowsMmPerMK - grows) * (overMm / 1000) * swingK, overMm };
}
