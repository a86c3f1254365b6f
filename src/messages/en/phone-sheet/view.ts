import { counted } from "../format";

type Imported = Readonly<Record<"ticks" | "measurements" | "readings" | "leftOut", number>>;

export const bringHomeTexts = {
  thisIsNotTheTextOfAPhoneSheetIt: (problem: string) => `This is not the text of a phone sheet: it ${problem}.`,
  phoneSheetPathProblem: (path: string, problem: string) => `Phone sheet, ${path}: ${problem}.`,
  thisPhoneSheetBelongsToAnother: "This phone sheet belongs to another plan. Open that plan and import it there.",
  imported: ({ ticks, measurements, readings, leftOut }: Imported) =>
    `Imported: ${counted(ticks, "checkmark")}, ${counted(measurements, "measurement")}, ${counted(readings, "reading")}.${leftOut > 0 ? ` Left out: ${leftOut}, already imported or for a step that no longer exists.` : ""}`,
  noCodeFoundInNameTakeThePicture: (name: string) =>
    `No code found in “${name}”: take the picture again with one code filling it, sharp and straight.`,
  importAPhoneSheet: "Import a phone sheet",
  phoneSheetToImport: "Phone sheet to import",
  fileOrPictureOfACode: "File or picture of a code",
  orItsText: "Or its text",
  importTheText: "Import the text",
  codeNumbersOfAllIsMissingAddA: (numbers: string, all: number) =>
    `Code ${numbers} of ${all} is missing: add a picture of it.`,
  theseCodesBelongToTwoPhoneSheets:
    "These codes belong to two phone sheets, or one is damaged. Begin again with the codes that the phone shows now.",
  theCodeInThisPictureDoesNot: "The code in this picture does not belong to a phone sheet.",
};

export const pageTexts = {
  left: "left",
  back: "back",
  titlePhoneSheet: (title: string) => `${title}: phone sheet`,
  scriptsAreOffHereYouCanRead:
    "Scripts are off here: you can read everything and tick boxes, but nothing is saved and nothing can be imported. Open the file in a browser, or write on paper.",
  thisBrowserSavesNothingWhatYou:
    "This browser saves nothing: what you tick and enter is lost when you close it. Before that, export the text, the file or the codes at the end of this phone sheet.",
  onThisPhoneSheet: "On this phone sheet",
  drawings: "Drawings",
  orderOfWork: "Order of work",
  expectedValues: "Expected values",
  readings: "Readings",
  export: "Export",
  drawingsAndDimensions: "Drawings and dimensions",
  drawingOfName: (name: string) => `Drawing of ${name}`,
  wiring: "Wiring",
  measureTwiceBeforeAStepThat: "Measure twice before a step that cannot be undone",
  fromTheLeftAndFromTheBackEdgeIn:
    "From the left and from the back edge, in mm; cover the first measurement while you take the second.",
  planPlanned: (planned: string) => `plan: ${planned}`,
  nameFromTheLeftMm: (name: string) => `${name}, from the left, mm`,
  nameFromTheBackMm: (name: string) => `${name}, from the back, mm`,
  expectedValuesHourByHour: "Expected values, hour by hour",
  calculatedForAClearSkyAirOfAirCC: (airC: number) =>
    `Calculated for a clear sky, air of ${airC} °C and clean panels without shade; accurate to about 10 %.`,
  hour: "Hour",
  voc: "Voc",
  operating: "Operating",
  clear: "Clear",
  cloud: "Cloud",
  expectedAboutBrightAtUnderAClear: (brightAt: string) =>
    `Expected about ${brightAt} under a clear sky. Volts hardly depend on the light; amps and watts follow it.`,
  forTheLog: "For the log",
  watts: "Watts",
  sky: "Sky",
  notEntered: "not entered",
  clear2: "clear",
  thinHaze: "thin haze",
  brokenCloud: "broken cloud",
  overcast: "overcast",
  stateOfCharge: "State of charge, %",
  saveEntry: "Save entry",
  inThePlanUnderPhoneSheetImport:
    "In the plan, under Phone sheet, import the file, the text or a picture of the codes. Importing twice changes nothing.",
  asAFile: "As a file",
  asCodes: "As codes",
  asTextToCopy: "As text, to copy",
  safety: "Safety",
  thisIsAPlanNotAPermitCheckIt:
    "This is a plan, not a permit: check it against the real installation. Your local code and a licensed electrician have the last word.",
};

export const phoneSheetTabTexts = {
  sizeKBInOneFileSendItToThePhone: (size: string) => `${size} kB in one file: send it to the phone like a photo.`,
  couldNotMakeThePhoneSheet: "Could not make the phone sheet.",
  phoneSheet: "Phone sheet",
  oneFileThatOpensOnAnyPhone:
    "One file that opens on any phone without a network: drawings with dimensions, cables, the order of work with checkboxes, expected values hour by hour for three days, and fields for your meter readings. It requests nothing from the network. What you tick and enter stays in that phone’s browser until you import it here.",
  makeThePhoneSheet: "Make the phone sheet",
  makingThePhoneSheetShare: (share: string) => `Making the phone sheet: ${share} %`,
  onThePhone: "On the phone",
  openItFromThePhonesFilesInIts:
    "Open it from the phone’s files, in its browser. A preview inside a mail may save nothing: the phone sheet then says so.",
  ticksAndReadingsCarryTheTimeOf: "Ticks and readings carry the time of the phone’s clock.",
  aPhoneSheetMadeAfterAChangeOfThe:
    "A phone sheet made after a change of the plan is a new one: import the old one first.",
};

export const makeSheetTexts = {
  nameRevisionRevisionMadeMade: (name: string, revision: number, made: string) =>
    `${name}, revision ${revision}, made ${made}`,
  fromLeftMmFromBackMmMm: (fromLeftMm: number, fromBackMm: number) => `${fromLeftMm} / ${fromBackMm} mm`,
  lowToHigh: (low: string, high: string) => `${low} to ${high}`,
};
