export { inParallel, inSeries, repeatInParallel, repeatInSeries } from "./combine";
export { atCurrent, atVoltage, type Curve, type CurvePoint, segmentOf, voltageOnSegment } from "./curve";
export { blockingDiode, blockingDiodeCurve, cableCurve } from "./parts";
export { powerPeaks, type PowerPoint } from "./peaks";
export { bypassDiode, substringCurve } from "./substring";
export { type KnotCurrents, knotCurrents, StringOfParts } from "./direct";
