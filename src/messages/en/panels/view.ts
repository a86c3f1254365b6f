import { counted } from "../format";

export const impliedCurveTexts = {
  currentA: "Current (A)",
  powerW: "Power (W)",
  curveOfTheLabelIscIscAAVocVocVV: (iscA: number, vocV: number, pmaxW: number, vmpV: number) =>
    `Curve of the label: Isc ${iscA} A, Voc ${vocV} V, Pmax ${pmaxW} W at Vmp ${vmpV} V`,
};

export const labelCheckTexts = {
  assumedValues: (count: number) => ` Assumed because the label does not state them: ${counted(count, "value")}.`,
  labelCheck: "Label check",
  stillNeededMissing: (missing: string) => `Still needed: ${missing}.`,
  useSuggestion: (suggestion: string) => `Use ${suggestion}`,
  useThisReading: "Use this reading",
  theLabelsValuesAgreeWithEach: (note: string) =>
    `The label’s values agree with each other, and one diode curve fits all of them.${note}`,
  noSingleDiodeCurveFitsAllValues: (worst: string, note: string) =>
    `No single-diode curve fits all values of this label. The nearest is ${worst} off at Pmax.${note}`,
};

export const labelCurveTexts = {
  theCurveAppearsOncePmaxVocAndIsc: "The curve appears once Pmax, Voc and Isc are entered.",
};

export const labelFormTexts = {
  assumedValue: (value: string) => `assumed ${value}`,
  name: "Name",
  makerAndModelAsYouWillLookForIt: "Maker and model, as you will look for it later.",
  kind: "Kind",
  cellType: "Cell type",
  electricalDataAtStc1000WM25CNot: "Electrical data at STC (1000 W/m², 25 °C). Not the NMOT/NOCT column.",
  temperatureCoefficients: "Temperature coefficients",
  limitsAndBuild: "Limits and build",
  cellCut: "Cell cut",
  sizeWeightAndPrice: "Size, weight and price",
};

export const measuredFormTexts = {
  irradiance: "Irradiance",
  irradianceHelp: "Irradiance in the plane of the panel while measuring.",
  cellTemperature: "Cell temperature",
  cellTemperatureHelp: "Temperature of the cells while measuring, taken at the panel’s back.",
  pointsVoltsAmps: "Points: volts, amps",
  lineLineTextIsNotAPairOfVoltsAnd: (line: number, text: string) =>
    `Line ${line}: “${text}” is not a pair of volts and amps. Enter two numbers of at least 0, such as “18.6, 5.6”. The points before are still used.`,
  onePointALineOrPastedFromA: "One point a line, or pasted from a spreadsheet.",
  useTheLabelInstead: "Use the label instead",
};

export const panelsPrintTexts = {
  noPanelsInThisPlanYet: "No panels in this plan yet.",
  labelValue: "Label value",
  asEntered: "As entered",
  onTheSticker: "On the sticker",
};

export const panelsStepTexts = {
  enterTheNumbersAsTheyAreOnThe:
    "Enter the numbers as they are on the sticker. Each field is explained here when you reach it.",
  inThisPlan: "In this plan",
  noPanelsYetAddOneFromTheLibrary:
    "No panels yet. Add one from the library or enter a label. To see how it works, start with the worked example.",
  panelsInThisPlan: "Panels in this plan",
  newPanel: "New panel",
  enterALabel: "Enter a label",
  workedExample: "Worked example",
  panelsInTheLibrary: "Panels in the library",
  addToThePlan: "Add to the plan",
  importedPanel: "Imported panel",
  fillNameWithIt: (name: string) => `Fill “${name}” with it`,
  label: "Label",
  measuredCurveOptional: "Measured curve (optional)",
  labelCheck: "Label check",
  curveFromTheLabel: "Curve from the label",
  nothingEnteredYet: "nothing entered yet",
};
