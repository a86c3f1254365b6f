import { z } from "zod";
import { createShadows } from "@/core/layout/roof";
import { type CaseAnswering, malformed } from "./reading";

const mm = z.number().min(-1_000_000).max(1_000_000);
const size = z.number().positive().max(1_000_000);
const degrees = z.number().min(-720).max(720);

const panel = z
  .strictObject({
    id: z.string().max(200),
    xMm: mm,
    yMm: mm,
    zMm: mm,
    alongMm: size,
    acrossMm: size,
    turnDeg: degrees,
    tiltDeg: z.number().min(-90).max(90),
    tiltTowardsDeg: degrees,
    cellsAlong: z.number().int().min(1).max(200),
    cellsAcross: z.number().int().min(1).max(200),
    substrings: z.number().int().min(1).max(60),
  })
  .refine(({ cellsAcross, substrings }) => cellsAcross % substrings === 0, {
    path: ["cellsAcross"],
    message: "not a multiple of substrings",
  });

const obstacle = z.discriminatedUnion("type", [
  z.strictObject({
    type: z.literal("box"),
    xMm: mm,
    yMm: mm,
    zMm: mm,
    lengthMm: size,
    widthMm: size,
    turnDeg: degrees,
    heightMm: size,
  }),
  z.strictObject({ type: z.literal("pole"), xMm: mm, yMm: mm, radiusMm: size, zMm: mm, heightMm: size }),
]);

const schema = z.strictObject({
  type: z.literal("shadow"),
  suns: z.array(z.strictObject({ azimuthDeg: degrees, elevationDeg: z.number().min(-90).max(90) })).max(10_000),
  panels: z.array(panel).max(200),
  obstacles: z.array(obstacle).max(500),
});

/** Which share of each panel, substring and worst cell the sun reaches, at some suns. Azimuths go clockwise from the roof's front. */
export function answerShadow(value: unknown): CaseAnswering {
  const parsed = schema.safeParse(value);
  if (!parsed.success) return malformed(parsed.error);
  const { suns, panels, obstacles } = parsed.data;
  const shadows = createShadows(panels, obstacles);
  return {
    type: "answer",
    answer: {
      suns: suns.map((sun) => ({ panels: shadows(sun).map(({ id, lit, substrings }) => ({ id, lit, substrings })) })),
    },
  };
}
