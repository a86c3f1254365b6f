export {
  type Base,
  type Bond,
  bondUse,
  type HeldPanels,
  overturning,
  usualBonds,
  windForces,
  type WindSchool,
  windSchools,
} from "./forces";
