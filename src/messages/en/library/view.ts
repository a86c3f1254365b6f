import { counted } from "../format";

export const editSheetTexts = {
  undoTheLastChange: "Undo the last change",
  undoTheLastChangeCtrlZ: "Undo the last change (Ctrl Z)",
  closeThisEntry: "Close this entry",
  usedBy: "Used by",
  usedBy2: "Used by:",
  noPlan: "no plan.",
  aPlanHoldsItsOwnCopyChangesHere: "A plan holds its own copy: changes here do not change any plan.",
  copyThisEntry: "Copy this entry",
  restore: "Restore",
  archive: "Archive",
};

export const leftSheetsTexts = {
  wasLeftUnsavedAtTimeMadeFrom: (time: string, revision: number) =>
    `was left unsaved at ${time}, made from revision ${revision}`,
  theEntryHasSinceBeenDeletedFrom: "; the entry has since been deleted from the library.",
  openName: (name: string) => `Open “${name}”`,
  saveAsANewEntry: "Save as a new entry",
  discardChanges: "Discard changes",
};

export const libraryViewTexts = {
  newPanel: "New panel",
  newController: "New controller",
  library: "Library",
  tables: "Tables",
  panelsPanelsShownCount: (panelsShownCount: number) => `Panels (${panelsShownCount})`,
  controllersInputsShownCount: (inputsShownCount: number) => `Controllers (${inputsShownCount})`,
  enterALabel: "Enter a label",
  enterADataSheet: "Enter a data sheet",
  libraryFile: "Library file",
  importCsvOrJson: "Import CSV or JSON",
  exportCsvChosen: (chosen: string) => `Export CSV: ${chosen}`,
  exportJsonChosen: (chosen: string) => `Export JSON: ${chosen}`,
  archiveChosenCount: (chosenCount: string) => `Archive ${chosenCount}`,
  showRetiredArchived: (retired: number) => `Show ${retired} archived`,
  addToTheLibrary: "Add to the library",
  importedPanel: "Imported panel",
  panelsInTheLibrary: "Panels in the library",
  controllersInTheLibrary: "Controllers in the library",
  csvHasOneRowForEachPanel: "CSV has one row for each panel.",
  csvHasOneRowForEachPvInputLimits:
    "CSV has one row for each PV input; limits shared by PV inputs and add-on modules are in JSON only.",
  bothFormatsAreOpen: "Both formats are open:",
  jsonSchema: "JSON Schema",
  undo: "Undo",
  chosenSelected: (chosen: number) => `${chosen} selected`,
  archived: (entries: number) => `${counted(entries, "entry", "entries")} archived.`,
  added: (entries: number) => `${counted(entries, "entry", "entries")} added to the library.`,
  known: (entries: number) =>
    `${counted(entries, "entry", "entries")} left out: already in the library with the same values.`,
  withGapsToBeFilledInFromThe: (gaps: string) => `With gaps, to be filled in from the sticker: ${gaps}.`,
};

export const readFileTexts = {
  missingColumn: (title: string, instead: string) => `${title} (imported as “${instead}”)`,
  importOfFileName: (fileName: string) => `Import of “${fileName}”`,
  close: "Close",
  cancelTheImport: "Cancel the import",
  addFreshToTheLibrary: (fresh: number) => `Add ${fresh} to the library`,
  rowsRead: (rows: string) => `${rows} read…`,
  shareOfTheFileRead: "Share of the file read",
  fileFaultNothingWasAddedToThe: (fileFault: string) => `${fileFault} Nothing was added to the library.`,
  nothingNewToAdd: "Nothing new to add.",
  freshToAddToTheLibrary: (fresh: number) => `${fresh} to add to the library.`,
  knownAlreadyInTheLibraryWithThe: (known: number) =>
    ` ${known} already in the library with the same values: left out.`,
  refusedCountNotValidLeftOut: (refusedCount: string) => ` ${refusedCount} not valid: left out.`,
  leftOut: "Left out",
  entryAt: (at: number) => `Entry ${at}`,
  rowAt: (at: number) => `Row ${at}`,
  andRefusedCountMore: (refusedCount: number) => `and ${refusedCount} more`,
  columnInTheFile: "Column in the file",
  importedAs: "Imported as",
  result: "Result",
  columnKNoHeading: (k: number) => `(column ${k}, no heading)`,
  suchAsSamples: (samples: string) => `such as ${samples}`,
  rowRowTextCellFault: (row: number, text: string, cellFault: string) => `row ${row}: “${text}”: ${cellFault}`,
  notInTheFileAbsent: (absent: string) => `Not in the file: ${absent}.`,
};

export const sheetStandingTexts = {
  nameLeftUnsavedAtTime: (name: string, time: string) => `“${name}”, left unsaved at ${time}`,
  madeFromRevisionRevision: (revision: number) => `, made from revision ${revision}.`,
  restore: "Restore",
  saveAsANewEntry: "Save as a new entry",
  discardChanges: "Discard changes",
};

export const sheetTableTexts = {
  name: "Name",
  archived: " (archived)",
  usedBy: "Used by",
  nothingHereYetEnterOneOrImportA: "Nothing here yet: enter one, or import a file.",
  searchAnyWordOrNumber: "Search any word or number",
};

export const unreadableTexts = {
  nameIsStoredButCannotBeRead: (name: string, problem: string) =>
    `“${name}” is stored but cannot be read (${problem}). It is unchanged on disk; plans made from it have their own copies.`,
  deleteName: (name: string) => `Delete “${name}”`,
};

export const editorsTexts = {
  labelCheck: "Label check",
  curveFromTheLabel: "Curve from the label",
  itsWindow: "Its window",
};

export const inputShelfTexts = {
  kind: "Kind",
  pvInputs: "PV inputs",
  maxCurrentA: "Max current (A)",
  shared: "Shared",
  conversion: "Conversion",
  weight: "Weight",
  price: "Price",
  perW: "Per W",
};
