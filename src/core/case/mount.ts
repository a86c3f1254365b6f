import { z } from "zod";
import { bondUse, overturning, windForces, windSchools } from "../mount";
import { type Malformation, Malformed, orMalformed, parse } from "./parts";

const size = z.number().positive().max(100_000);
/** A case that asks for the forces on panels, on their bonds and on the frame that carries them. */
const mountSchema = z.strictObject({
  type: z.literal("mount"),
  school: z.enum(windSchools),
  panel: z.strictObject({ alongMm: size, acrossMm: size, weightKg: z.number().min(0).max(1000) }),
  count: z.number().int().min(1).max(1000),
  windMs: z.number().min(0).max(120),
  heightMm: size.optional(),
  tiltDeg: z.number().min(0).max(90).optional(),
  base: z.strictObject({ alongMm: size, acrossMm: size, weightKg: z.number().min(0).max(100_000) }).optional(),
  bond: z
    .strictObject({
      areaMm2: z.number().positive(),
      shortTermKpa: z.number().positive(),
      longTermKpa: z.number().positive(),
    })
    .optional(),
});

export type MountAnswer = {
  readonly upliftN: number;
  readonly dragN: number;
  readonly bond: { readonly windUse: number; readonly restUse: number } | null;
  readonly overturn: { readonly useShare: number; readonly anchorN: number } | null;
};

/** The answer, or where in the case the trouble lies. */
export function answerMountCase(
  value: unknown,
): { readonly type: "answer"; readonly answer: MountAnswer } | Malformation {
  return orMalformed(() => ({ type: "answer", answer: answered(value) }) as const);
}

function answered(value: unknown): MountAnswer {
  const { school, panel, count, windMs, heightMm, tiltDeg, base, bond } = parse(mountSchema, value, "$");
  if (school === "tilted" && tiltDeg === undefined) throw new Malformed("$.tiltDeg", "what is tilted says by how much");
  if (base !== undefined && heightMm === undefined)
    throw new Malformed("$.heightMm", "a frame says how high the wind takes hold");
  const forces = windForces({ school, ...panel, count, windMs, tiltDeg: tiltDeg ?? 0 });
  const overturn =
    base === undefined || heightMm === undefined ? null : overturning(forces, base, heightMm, count * panel.weightKg);
  return {
    ...forces,
    bond: bond === undefined ? null : bondUse(bond, forces.upliftN / count, panel.weightKg),
    overturn: overturn === null ? null : { useShare: overturn.useShare, anchorN: overturn.anchorN },
  };
}
