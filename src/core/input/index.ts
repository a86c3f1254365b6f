export { type LimitedBy, type OperatingPoint, operatingPoint } from "./operate";
export { type CeilingBasis, ceilingBases, type OverVoltageOutcome, overVoltageOutcomes, type Port, portWindow, type StatedTier, stayV, wakeV } from "./port";
export { type CurrentTier, currentLimitA, type LimitNature, limitNatures, type Window, windowEdgesV } from "./window";
