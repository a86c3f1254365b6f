export const saveStandingTexts = {
  downloadIt: "Download it",
  messageKeptItIsSavedAsSoonAs: (message: string, kept: string) =>
    `${message} ${kept} It is saved as soon as possible.`,
  saveAsANewNoun: (noun: string) => `Save as a new ${noun}`,
  thisNounWasGoneElsewhere: (noun: string, gone: string) => `This ${noun} was ${gone} elsewhere.`,
  loadTheOtherVersion: "Load the other version",
  keepThisVersion: "Keep this version",
  thisNounWasChangedChangedWords: (noun: string, changedWords: string) => `This ${noun} was changed ${changedWords}`,
  nowRevisionRevisionYourChanges: (revision: number) =>
    `(now revision ${revision}). Your changes are on screen but not saved.`,
};

export const autosaveTexts = {
  changesThatWereNotSavedWhenThe: "Changes that were not saved when the page closed have been restored.",
  theOtherVersionIsLoadedUndo: "The other version is loaded. Undo brings yours back.",
  thisNounWasChangedInAnotherTab: (noun: string) =>
    `This ${noun} was changed in another tab; what you see now includes that change.`,
};
