export const cautionsTexts = {
  safety: "Safety",
};

export const currencyFieldTexts = {
  currency: "Currency",
  codeMadeUp: (code: string) => `${code} (made up)`,
};

export const homeLinkTexts = {
  goldenArrayAllPlans: "Golden Array: all plans",
};

export const keypadTexts = {
  keys: "Keys",
  changeSign: "Change sign",
  decimalPoint: "Decimal point",
  deleteTheLastDigit: "Delete the last digit",
};

export const levelMarkTexts = {
  stop: "Stop",
  missing: "Missing",
  caution: "Caution",
  note: "Note",
};

export const pickListTexts = {
  removeNameFromThePlan: (name: string) => `Remove ${name} from the plan`,
};

export const quantityFieldTexts = {
  minToMax: (min: string, max: string) => `${min} to ${max}`,
  stillUsingValue: (value: string) => ` Still using ${value}.`,
  labelIsRequiredRangeMeanwhile: (label: string, range: string, meanwhile: string) =>
    `${label} is required: ${range}.${meanwhile}`,
  labelTextIsNotANumberEnterRange: (label: string, text: string, range: string, meanwhile: string) =>
    `${label}: “${text}” is not a number; enter ${range}.${meanwhile}`,
  labelTextCanBeValuesNameOr: (
    label: string,
    text: string,
    valuesName: string,
    valuesName2: string,
    valuesName3: number,
    valuesName4: number,
    meanwhile: string,
  ) =>
    `${label}: “${text}” can be ${valuesName} or ${valuesName2}; type it without the comma, as ${valuesName3} or ${valuesName4}.${meanwhile}`,
  labelValueIsNotAWholeNumberEnter: (label: string, value: string, range: string, meanwhile: string) =>
    `${label}: ${value} is not a whole number; enter ${range}.${meanwhile}`,
  labelNumberIsOutsideTheRange: (label: string, Number: string, range: string, meanwhile: string) =>
    `${label}: ${Number} is outside the range ${range}.${meanwhile}`,
  wrongUnit: (label: string, unit: string, expected: string, meanwhile: string) =>
    `${label}: “${unit}” is not a unit of this field; use ${expected === "" ? "a plain number" : expected}.${meanwhile}`,
};

export const textLineTexts = {
  labelIsRequiredStillUsingValue: (label: string, value: string) => `${label} is required; still using “${value}”.`,
  labelHasTidyCountCharacters: (label: string, tidyCount: number, most: number, value: string) =>
    `${label} has ${tidyCount} characters; allowed: at most ${most}. Still using “${value}”.`,
};

export const themeSwitchTexts = {
  paper: "Paper",
  sunlight: "Sunlight",
  lantern: "Lantern",
  displayPaperSunlightLantern: "Display: paper, sunlight, lantern",
};

export const unitChoiceTexts = {
  metricMmKgC: "Metric: mm, kg, °C",
  usInLbF: "US: in, lb, °F",
  units: "Units",
};

export const unsavedListTexts = {
  unsavedChanges: "Unsaved changes",
};
