import { z } from "zod";

export const schema = z.strictObject({
  fuse: z.enum(["backfeed", "strict"]).nullable(),
  cable: z.enum(["land", "metric", "marine", "portable"]).nullable(),
  coldVolts: z.enum(["coefficient", "codeTable"]).nullable(),
});

export type Schools = z.infer<typeof schema>;
