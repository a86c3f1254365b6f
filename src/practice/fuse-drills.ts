import { type Random } from "@/core/engine/random";
import { brightSkyFactor, fuseFactor, fuseSizeA, standardFusesA } from "@/core/engine/fuse";
import { anyPanel, round } from "./build";
import { type FuseCase, type Level } from "./case";

/** Drills at the box: a fuse for each string, of which size, or none. */

type Make = (draw: Random, level: Level) => FuseCase;

const sizesA = standardFusesA.filter((size) => size >= 6);

function fuseCase(
  draw: Random,
  strings: number,
  ratingOf: (iscA: number) => number,
  mistakeOf: (iscA: number) => number | null,
) {
  const panel = anyPanel(draw);
  const iscA = panel.iscA ?? 0;
  const ratingA = ratingOf(iscA);
  const backfeedA = round((strings - 1) * iscA, 2);
  const isNeeded = brightSkyFactor * backfeedA > ratingA;
  return {
    type: "fuse",
    panel: { ...panel, maxSeriesFuseA: ratingA },
    strings,
    ratingA,
    backfeedA,
    sizesA,
    rightA: isNeeded ? fuseSizeA(iscA, ratingA) : null,
    mistakeA: mistakeOf(iscA),
    facts: { strings, iscA, ratingA, backfeedA, minA: round(fuseFactor * iscA, 2) },
  } satisfies FuseCase;
}
/** The smallest fuse that the sun alone does not blow. */
function smallest(iscA: number): number {
  return standardFusesA.find((size) => size >= fuseFactor * iscA) ?? 30;
}
function next(size: number): number {
  return standardFusesA.find((each) => each > size) ?? size;
}

const neverBlows: Make = (draw) => fuseCase(draw, 2, (iscA) => next(smallest(iscA)), smallest);
const noFuse: Make = (draw, level) => fuseCase(draw, level === 1 ? 4 : draw.whole(4, 6), smallest, () => null);
const otherBatch: Make = (draw, level) => fuseCase(draw, level === 3 ? 5 : 4, smallest, (iscA) => next(smallest(iscA)));

export const fuseDrills = { neverBlows, noFuse, otherBatch } satisfies Record<string, Make>;
