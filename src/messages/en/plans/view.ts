export const importButtonTexts = {
  planFile: "Plan file",
  importAPlan: "Import a plan",
};

export const newPlanTexts = {
  tidyCountCharacters: (tidyCount: number) => `${tidyCount} characters`,
  newPlan: "New plan",
  nameOfTheNewPlan: "Name of the new plan",
  createPlan: "Create plan",
};

export const pagesTexts = {
  pagesOfTheList: "Pages of the list",
  newer: "Newer",
  fromToLastOfFound: (from: number, last: number, found: number) => `${from} to ${last} of ${found}`,
  older: "Older",
};

export const planLineTexts = {
  changedAgoRevisionRevision: (ago: string, revision: number) => `changed ${ago} · revision ${revision}`,
  archived: " · archived",
  exportNameAsJson: (name: string) => `Export ${name} as JSON`,
  duplicateName: (name: string) => `Duplicate ${name}`,
  duplicate: "Duplicate",
  restoreName: (name: string) => `Restore ${name}`,
  archiveName: (name: string) => `Archive ${name}`,
  restore: "Restore",
  archive: "Archive",
  deleteName: (name: string) => `Delete ${name}`,
  delete: "Delete",
  nothingWiredYet: "Nothing wired yet.",
  harvestAtBrightNoonAllPvInputs: "Harvest at bright noon, all PV inputs",
  brightNoonAtNoon: (brightNoon: string) => `${brightNoon} at noon`,
  nameAndOtherCountMore: (name: string, otherCount: number) => `${name}, and ${otherCount} more`,
};

export const plansViewTexts = {
  practice: "Practice",
  library: "Library",
  phones: "Phones",
  nameIsBackInTheList: (name: string) => `“${name}” is back in the list.`,
  nameIsArchivedNothingIsLost: (name: string) => `“${name}” is archived; nothing is lost.`,
  more: "More",
  whichPanelsWiredHowIntoWhat: "Which panels, wired how, into what?",
  putYourPanelsIntoStringsOnEachPv:
    "Put your panels into strings on each PV input, and see at once whether you can connect them, with the numbers and the reason.",
  theActionFailed: "The action failed.",
  faultYourPlansAreUnchanged: (fault: string) => `${fault} Your plans are unchanged.`,
  plans: "Plans",
  noPlansYetCreateTheFirstOneIt:
    "No plans yet. Create the first one: it opens with three ways to begin, one of them a worked example.",
  searchPlansByName: "Search plans by name",
  allPlansAreArchived: "All plans are archived.",
  noPlanHasWantedInItsName: (wanted: string) => `No plan has “${wanted}” in its name.`,
  hide: "Hide",
  show: "Show",
  undo: "Undo",
  wePlanYouDecideEveryVerdictSays:
    "We plan, you decide: every verdict says what it assumed. Plans stay on this computer. The file format is open:",
  jsonSchema: "JSON Schema",
};

export const sketchTexts = {
  stringsStrings: (strings: number) => `${strings} strings`,
};
