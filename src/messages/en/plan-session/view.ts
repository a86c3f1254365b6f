import { counted } from "../format";

export const conflictTexts = {
  chooseByPart: "Choose by part",
};

export const conflictViewTexts = {
  twoVersionsOfThisPlan: "Two versions of this plan",
  chooseWhichVersionOfEachPartTo:
    "Choose which version of each part to keep. Where only one side has changed, that side is already chosen.",
  useThisTabsVersionForAll: "Use this tab’s version for all",
  useTheSavedVersionForAll: "Use the saved version for all",
  partsThatDiffer: "Parts that differ",
  part: "Part",
  thisTab: "This tab",
  savedVersion: "Saved version",
  decideLater: "Decide later",
  saveTheseChoices: "Save these choices",
};

export const deskFrameTexts = {
  planAndStep: (plan: string, step: string) => `${plan}: ${step}`,
  thisStep: "This step",
  print: "Print",
  skipToTheStep: "Skip to the step",
};

export const deskHeaderTexts = {
  withoutWeather: (name: string, why: string) => `The bundle is without the weather file “${name}”: ${why}`,
  aPhotoIsMissingFromTheBundle: "A photo is missing from the bundle.",
  theBundleIsWithoutReadings: (message: string) => `The bundle is without readings: ${message}`,
  undoCtrlZ: "Undo (Ctrl Z)",
  undo: "Undo",
  redoCtrlShiftZ: "Redo (Ctrl Shift Z)",
  redo: "Redo",
  exportThePlanAsAJsonFile: "Export the plan as a JSON file",
  exportThisPlanAsJson: "Export this plan as JSON",
  exportThePlanWithPhotosReadings: "Export the plan with photos, readings and weather, in one zip file",
  exportThisPlanAsABundle: "Export this plan as a bundle",
  exportUnitsAndDisplay: "Export, units and display",
  planName: "Plan name",
};

export const librarySheetTexts = {
  library: "Library",
  openTheLibrary: "Open the library",
  savedToTheLibrary: "Saved to the library.",
  saveToTheLibrary: "Save to the library",
};

export const paletteTexts = {
  glossary: "Glossary",
  findAnything: "Find anything",
  close: "Close",
  findACommandAStepAPanelAFindingA: "Find a command, a step, a panel, a finding, a plan",
  steps: "Steps",
  findingsThatAreOk: "Findings that are OK",
  findings: "Findings",
  nameOfThisPlan: (name: string) => `${name} of this plan`,
  plans: "Plans",
};

export const printStepTexts = {
  nameRevisionRevision: (name: string, revision: number) => `· ${name} · revision ${revision}`,
};

export const trailTexts = {
  stepsOfTheJob: "Steps of the job",
  onlyNotesSoFar: "Only notes so far",
  onlyNotesSoFar2: "only notes so far, ",
};

export const unsavedDraftsTexts = {
  andPartCountMore: (partCount: number) => ` and ${partCount} more`,
  leftUnsavedAtTime: (time: string) => `Left unsaved at ${time}`,
  madeFromRevisionRevisionDiffers: (revision: number, parts: string, more: string) =>
    `, made from revision ${revision}. Differs in: ${parts}${more}.`,
  restore: "Restore",
  saveAsANewPlan: "Save as a new plan",
  discardChanges: "Discard changes",
};

export const waitingReadingsTexts = {
  waiting: (count: number, fault: string | null) =>
    `${counted(count, "reading")} saved on this device only, not yet on the server${fault === null ? "." : `: ${fault}`}`,
  spoiledOfThisPlanCannotBeReadThe: (spoiled: string) =>
    `${spoiled} of this plan cannot be read: the disk has damaged them. They are not counted. If you have a backup of your data folder, restore it.`,
  thisBrowserSavesNothingWriteThe: "This browser saves nothing: write the reading down until it is saved.",
  sendNow: "Send now",
};

export const judgeTexts = {
  couldNotCalculateTheVerdict: (message: string) =>
    `Could not calculate the verdict (${message}). The plan is saved. Change something to try again.`,
  couldNotFinishTheSearchForFixes: (message: string) =>
    `Could not finish the search for fixes (${message}). The verdict is valid. Change something to search again.`,
};

export const messagesTexts = {
  theLocation: "the location",
  aLabel: "a panel’s label",
  aController: "a controller",
  theWiring: "the wiring",
  notes: "notes",
  empty: "empty",
  missing: "information missing",
  ready: "ready",
  caution: "Caution",
  hasNotes: "has notes",
  thePlansName: "the plan’s name",
  somethingInIt: "something in it",
};
