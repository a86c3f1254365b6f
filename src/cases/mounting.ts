import { z } from "zod";
import {
  type Adhesive,
  anchorEachN,
  bondUse,
  feetForces,
  overturning,
  snowN,
  strengthAt,
  windForces,
  windCases,
} from "../core/mounting";
import { roofZones } from "../core/plan";
import { type Malformation, Malformed, orMalformed, parse } from "./parts";

const size = z.number().positive().max(100_000);
const area = z.number().positive().max(1e9);
/** A case that asks for the forces on panels, on what they stand on, and of snow. */
const mountSchema = z.strictObject({
  type: z.literal("mount"),
  school: z.enum(windCases),
  panel: z.strictObject({ alongMm: size, acrossMm: size, weightKg: z.number().min(0).max(1000) }),
  count: z.number().int().min(1).max(1000),
  windMs: z.number().min(0).max(120),
  tiltDeg: z.number().min(0).max(90).optional(),
  zone: z.enum(roofZones).optional(),
  feet: z
    .strictObject({
      footHeightMm: z.number().min(0).max(100_000),
      baseMm: size.optional(),
      rows: z
        .array(z.strictObject({ count: z.number().int().min(1).max(1000), areaMm2: area.optional() }))
        .min(2)
        .max(100),
    })
    .optional(),
  bond: z
    .strictObject({
      areaMm2: area.optional(),
      shortTermKpa: z.number().positive(),
      longTermKpa: z.number().positive(),
      kind: z.enum(["tape", "polyurethane"]).optional(),
    })
    .optional(),
  backTempC: z.number().min(-90).max(200).optional(),
  heightMm: size.optional(),
  base: z
    .strictObject({
      alongMm: size,
      acrossMm: size,
      weightKg: z.number().min(0).max(100_000),
      anchorsPerSide: z.number().int().min(1).max(100).optional(),
    })
    .optional(),
  snowKnM2: z.number().min(0).max(100).optional(),
});
type Given = z.infer<typeof mountSchema>;

export type MountAnswer = {
  readonly upliftN: number;
  readonly dragN: number;
  readonly bond: { readonly windUse: number | null; readonly restUse: number | null } | null;
  readonly feet: {
    readonly windwardPullN: number;
    readonly shearN: number;
    readonly pullEachN: number;
    readonly shearEachN: number;
  } | null;
  readonly overturn: { readonly useShare: number; readonly anchorN: number; readonly anchorEachN: number } | null;
  readonly snowN: number | null;
};

/** The answer, or where in the case the trouble lies. */
export function answerMountCase(
  value: unknown,
): { readonly type: "answer"; readonly answer: MountAnswer } | Malformation {
  return orMalformed(() => ({ type: "answer", answer: answered(value) }) as const);
}

function answered(value: unknown): MountAnswer {
  const given = parse(mountSchema, value, "$");
  refuse(given);
  const { school, panel, count, windMs, heightMm, base, bond, zone, snowKnM2 } = given;
  const tiltDeg = given.tiltDeg ?? 0;
  const held = { windCase: school, ...panel, windMs, tiltDeg, zone: zone ?? null };
  const one = windForces({ ...held, count: 1 });
  const forces = windForces({ ...held, count });
  const feet =
    given.feet === undefined
      ? null
      : feetForces(one, panel, tiltDeg, {
          footHeightMm: given.feet.footHeightMm,
          baseMm: given.feet.baseMm ?? null,
          rows: given.feet.rows.map((row) => ({ count: row.count, areaMm2: row.areaMm2 ?? null })),
        });
  const overturn =
    base === undefined || heightMm === undefined ? null : overturning(forces, base, heightMm, count * panel.weightKg);
  return {
    ...forces,
    bond: bond === undefined ? null : bondOf(given, bond, one.upliftN, feet?.bondUse ?? null),
    feet:
      feet === null
        ? null
        : {
            windwardPullN: feet.windwardPullN,
            shearN: feet.shearN,
            pullEachN: feet.pullEachN,
            shearEachN: feet.shearEachN,
          },
    overturn:
      overturn === null
        ? null
        : {
            useShare: overturn.useShare,
            anchorN: overturn.anchorN,
            anchorEachN: anchorEachN(overturn.anchorN, base?.anchorsPerSide ?? 2),
          },
    snowN: snowKnM2 === undefined ? null : count * snowN(snowKnM2, panel.alongMm * panel.acrossMm, tiltDeg),
  };
}

function refuse({ school, tiltDeg, zone, feet, bond, backTempC, base, heightMm }: Given): void {
  if (school === "tilted" && (tiltDeg === undefined || tiltDeg <= 0 || tiltDeg >= 90))
    throw new Malformed("$.tiltDeg", "tilted wants it, above 0 and below 90");
  if (zone !== undefined && school !== "flat") throw new Malformed("$.zone", `goes with "flat"`);
  if (feet !== undefined && school !== "tilted") throw new Malformed("$.feet", `goes with "tilted"`);
  const withArea = feet?.rows.filter(({ areaMm2 }) => areaMm2 !== undefined).length ?? 0;
  if (feet !== undefined && withArea > 0 && withArea < feet.rows.length)
    throw new Malformed("$.feet.rows", "areaMm2 stands in all rows or in none");
  if (bond !== undefined && (bond.areaMm2 === undefined) === (withArea === 0))
    throw new Malformed("$.bond.areaMm2", "needed, and left out where the rows of feet have areas");
  if (backTempC !== undefined && bond !== undefined && bond.kind === undefined)
    throw new Malformed("$.bond.kind", "needed where backTempC is given");
  if (base !== undefined && heightMm === undefined)
    throw new Malformed("$.heightMm", "a frame says how high the wind takes hold");
}

const adhesiveOf: Readonly<Record<"tape" | "polyurethane", Adhesive>> = { tape: "foamTape", polyurethane: "sealant" };

/** How much of the bond of one panel is used; a film fails by peel, which is not judged, and too hot a bond is not judged at all. */
function bondOf(
  { school, panel, feet, backTempC }: Given,
  bond: NonNullable<Given["bond"]>,
  upliftN: number,
  feetUse: ((kpa: number) => number) | null,
): MountAnswer["bond"] {
  const left = backTempC === undefined || bond.kind === undefined ? 1 : strengthAt(adhesiveOf[bond.kind], backTempC);
  if (left === null) return { windUse: null, restUse: null };
  const areaMm2 = bond.areaMm2 ?? feet?.rows.reduce((sum, row) => sum + (row.areaMm2 ?? 0), 0) ?? 0;
  const [shortTermKpa, longTermKpa] = [left * bond.shortTermKpa, left * bond.longTermKpa];
  const { windUse, restUse } = bondUse({ areaMm2, shortTermKpa, longTermKpa }, upliftN, panel.weightKg);
  const isUplift = school === "flat" || school === "flatLeading";
  return { windUse: isUplift ? windUse : school === "tilted" ? (feetUse?.(shortTermKpa) ?? null) : null, restUse };
}
