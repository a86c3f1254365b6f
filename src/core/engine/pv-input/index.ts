export { type LimitedBy, operate, type OperatingPoint, operatingPoint, type Tracking } from "./operate";
export {
  assumedPwmDropV,
  type CeilingBasis,
  ceilingBases,
  conversions,
  type OverVoltageOutcome,
  overVoltageOutcomes,
  type Port,
  portWindow,
  stayV,
  trackers,
  trackingOf,
  wakeV,
  wattLimit,
} from "./port";
export { type PortInUse, type SharedLimit, sharedOut } from "./share";
export {
  type CurrentTier,
  currentLimitA,
  type LimitNature,
  limitNatures,
  type TierNature,
  tierNatures,
  type InputWindow,
  windowEdgesV,
} from "./window";
