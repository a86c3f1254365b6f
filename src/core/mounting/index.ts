export {
  type Adhesive,
  anchorEachN,
  bondUse,
  feetForces,
  overturning,
  snowN,
  strengthAt,
  windForces,
  type WindCase,
  windCases,
} from "./forces";
export { type Clock, type Timed, defaultAir } from "./clock";
export { coldestTapeC } from "./cure";
export { type GateState, minApartMm, minOffPlanMm } from "./gates";
export { feetOf, type Hold } from "./hold";
export { type Load, surfacesUnder, defaultGustMs, defaultSpeedKmh, defaultStowKn } from "./load";
export { procedureOf } from "./procedure";
export { type Held, mountReport, type MountReport, reportClock, type MountEnvironment } from "./report";
export { mountingMethods, roofSurfaceOf } from "./methods";
export { roofSurfaceFacts } from "./roof-surfaces";
export {
  given,
  type Material,
  materials,
  stepFacts,
  type StepId,
  stepIds,
  type Thing,
  type Tool,
  tools,
} from "./steps";
export { basesKg, guideTorqueNm, rivetNutHoleMm, type Taken } from "./takes";
