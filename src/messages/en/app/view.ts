export const troublePageTexts = {
  yourPlansAreNotAvailableNow: "Your plans are not available now",
  unsavedTextIsStoredInTheBrowser:
    "Unsaved text is stored in the browser where it was typed, if that browser allows it.",
  tryAgain: "Try again",
};

export const errorTexts = {
  somethingWentWrongOnThisPage: "Something went wrong on this page",
  whatWasSavedIsOnDiskNewerChanges:
    "What was saved is on disk. Newer changes are stored in this browser, if it has space and allows it.",
  tryAgain: "Try again",
};

export const notFoundTexts = {
  pageNotFound: "Page not found",
  thePlanHasBeenDeletedOrThe: "The plan has been deleted, or the address is wrong.",
  allPlans: "All plans",
};
