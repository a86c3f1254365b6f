export { given, type Material, materials, type Thing, type Tool, tools } from "./step-things";
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
export { stepFacts, type StepId, stepIds } from "./steps";
export { basesKg, guideTorqueNm, rivetNutHoleMm, type Taken } from "./takes";
