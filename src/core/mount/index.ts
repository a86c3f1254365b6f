export {
  type Adhesive,
  anchorEachN,
  bondUse,
  feetForces,
  overturning,
  type RoofZone,
  snowN,
  strengthAt,
  windForces,
  type WindSchool,
  windSchools,
} from "./forces";
export { airOf, type Clock, type Timed, defaultAir } from "./clock";
export { coldestTapeC } from "./cure";
export { type GateState, minApartMm, minOffPlanMm } from "./gates";
export { type Heat, stiffMm, swingK } from "./heat";
export { feetOf, type Hold } from "./hold";
export { headwindKmh, type Load, msPerKn, surfacesUnder, defaultGustMs, defaultSpeedKmh, defaultStowKn } from "./load";
export { procedureOf, type Way } from "./procedure";
export { type Held, mountReport, type MountReport, reportClock, type Round } from "./report";
export { schoolFacts } from "./schools";
export { frameGrowsMmPerMK, skinFacts, skinOf, skinsFor } from "./skins";
export {
  given,
  type Material,
  materials,
  type StepFacts,
  stepFacts,
  type StepId,
  stepIds,
  type Thing,
  type Tool,
  tools,
} from "./steps";
export { basesKg, guideTorqueNm, rivetNutHoleMm, type Taken } from "./takes";
