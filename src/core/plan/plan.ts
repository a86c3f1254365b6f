import { type z } from "zod";
import { type schema as site } from "./schemas/site";
import { type schema as need } from "./schemas/need";
import { type schema as panels } from "./schemas/panels";
import { type schema as inputs } from "./schemas/inputs";
import { type schema as space } from "./schemas/space";
import { type schema as standards } from "./schemas/standards";
import { type schema as mounts } from "./schemas/mounts";
import { type schema as fixings } from "./schemas/fixings";
import { type schema as positions } from "./schemas/positions";
import { type schema as wirings } from "./schemas/wirings";
import { type schema as protect } from "./schemas/protect";
import { type schema as shopping } from "./schemas/shopping";
import { type schema as notes } from "./schemas/notes";

/** The plan document: what is saved, exported and undone. Everything derived is computed from it. */
export const planFormat = "golden-array-plan";
export const planVersion = 6;

type Values = {
  site: z.infer<typeof site>;
  need: z.infer<typeof need>;
  panels: z.infer<typeof panels>;
  inputs: z.infer<typeof inputs>;
  space: z.infer<typeof space>;
  mounts: z.infer<typeof mounts>;
  fixings: z.infer<typeof fixings>;
  positions: z.infer<typeof positions>;
  wirings: z.infer<typeof wirings>;
  standards: z.infer<typeof standards>;
  protect: z.infer<typeof protect>;
  shopping: z.infer<typeof shopping>;
  notes: z.infer<typeof notes>;
};
export type Plan = {
  format: typeof planFormat;
  version: typeof planVersion;
  name: string;
  /** The version each section is written in. */
  sections: Record<keyof Values, number>;
} & Values;
