import { gatesRule } from "./gates";
import { glueHeatRule } from "./glue-heat";
import { heatKindRule } from "./heat-kind";
import { holdRule } from "./hold";
import { movementRule } from "./movement";
import { roofSurfaceRule } from "./roof-surface";
import { weatherRule } from "./weather";

/** Rules of what holds the panels, in the order the ledger shows them: a new one is a line here. */
export const mountRules = [
  holdRule,
  glueHeatRule,
  roofSurfaceRule,
  movementRule,
  gatesRule,
  heatKindRule,
  weatherRule,
] as const;
