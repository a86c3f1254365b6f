import { z } from "zod";

/** By what cables are sized: a standard, or that of the land for leads that are put away again. */
export const cableChoices = ["land", "metric", "marine", "portable"] as const;
export type CableChoice = (typeof cableChoices)[number];

export const fuseChoices = ["backfeed", "strict"] as const;
export type FuseChoice = (typeof fuseChoices)[number];

export const schema = z.strictObject({
  fuse: z.enum(fuseChoices).nullable(),
  cable: z.enum(cableChoices).nullable(),
  coldVolts: z.enum(["coefficient", "codeTable"]).nullable(),
});

export type Standards = z.infer<typeof schema>;
