import { fuseFactor } from "@/core/engine/fuse";
import { type FuseCase, type Verdict } from "./case";

/** What comes of closing the box with a fuse of this size on each string, or with none. */
export function closeBox({ rightA, panel, ratingA, backfeedA }: FuseCase, didA: number | null): Verdict {
  const least = fuseFactor * (panel.iscA ?? 0);
  // where one is needed each that the sun leaves whole, the panel bears and the others can blow is right
  const isRight =
    rightA === null ? didA === null : didA !== null && didA >= least && didA <= ratingA && backfeedA > didA;
  if (isRight) return { type: "solved", by: { type: "fused", sizeA: didA } };
  const failed = (why: Extract<Extract<Verdict, { type: "failed" }>["by"], { type: "fuse" }>["why"]): Verdict => ({
    type: "failed",
    by: { type: "fuse", did: didA, why },
  });
  if (didA === null) return failed("missing");
  if (didA > ratingA) return failed("overRating");
  if (didA < least) return failed("blowsInSun");
  return failed(backfeedA <= didA ? "neverBlows" : "needless");
}
