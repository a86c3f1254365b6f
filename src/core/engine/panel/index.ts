export { atSky, type DiodeParams, type PanelModel, stcCellTempC, stcIrradianceWm2 } from "./diode";
export { fitLabel, type LabelFit } from "./fit";
export {
  type AssumedField,
  assumedCoefficients,
  assumedVmpPct,
  cellTypes,
  completeLabel,
  type PanelLabel,
} from "./label";
export { fitPoints, type Measured, type PointsFit } from "./points";
export { type LabelReading, type ReadingKind, readingsThatFit } from "./reconcile";
export {
  assumedFieldsOf,
  doubtsAbout,
  impossibleIn,
  type LabelDoubt,
  type LabelDraft,
  readLabel,
  type RequiredField,
  requiredFields,
} from "./sanity";
