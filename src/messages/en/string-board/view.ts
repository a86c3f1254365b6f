export const boardTexts = {
  keysOfTheBoard: "Keys of the board",
  onTheShelf: "on the shelf",
  theSelectedPanel: "The selected panel",
  theSelectedCountSelectedPanels: (selectedCount: number) => `The ${selectedCount} selected panels`,
  theWiring: "The wiring",
  stringBoard: "String board",
  fillPortArrayByNumber: (portArray: string) => `Fill ${portArray} by number`,
  fill: "Fill",
  withEqualStrings: "with equal strings:",
};

export const dragSurfaceTexts = {
  putBack: "Put back.",
};

export const fillPortArrayTexts = {
  notWiredYetSeeBelowWhatItNeeds: "Not wired yet: see below what it needs.",
  inSeries: "In series",
  inSeriesHelp: "Panels one after another, + to −. Voltages add; current stays that of one panel.",
  stringsInParallel: "Strings in parallel",
  stringsInParallelHelp: "Equal strings in parallel, + to +. Currents add; voltage stays that of one string.",
  stringsToAdd: "Strings to add",
  addLacksToThePlanAndWireThese: (lacks: number) => `Add ${lacks} more to the plan and wire these strings`,
  takeFromOthers: (count: number) => `Take ${count} from the other PV inputs and wire these strings`,
  wireTheseStrings: "Wire these strings",
  cancel: "Cancel",
  hereHereFreeOnTheShelf: (here: number, free: number) => `${here} here, ${free} on the shelf`,
  panel: "Panel",
};

export const inspectorTexts = {
  selectedPanels: "Selected panels",
  selectItsString: "Select its string",
  selectMore: "Select more",
  deselect: "Deselect",
  moveLeftInSeries: "Move left in series",
  moveRightInSeries: "Move right in series",
  moveToTheStringAbove: "Move to the string above",
  moveToTheStringBelow: "Move to the string below",
  inParallelWithItsLeftNeighbor: "In parallel with its left neighbor",
  splitStringHere: "Split string here",
  joinToStringAbove: "Join to string above",
  copyString: "Copy string",
  blockingDiode: "Blocking diode",
  stowed: "Stowed",
  bypassed: "Bypassed",
  tilt15: "Tilt −15°",
  tilt152: "Tilt +15°",
  shadeByCellGroup: "Shade by cell group",
  shade: "Shade",
  shadeCellGroupK: (k: number) => `Shade cell group ${k}`,
  all: "All",
  flatInUseAndInFullSun: "flat, in use and in full sun",
  reset: "Reset",
  moveTo: "Move to",
  moveTo2: "Move to…",
};

export const keyListTexts = {
  keysOfTheStringBoard: "Keys of the string board",
  withTheFocusOnAPanelSelected: "With the focus on a panel. Selected panels move together.",
  anywhereOnThisStepExceptInAText: "Anywhere on this step except in a text field.",
  close: "Close",
};

export const portArrayViewTexts = {
  pvInputName: (name: string) => `PV input: ${name}`,
  emptyPutPanelsHere: "Empty: put panels here.",
  aPanelPutHereStartsANewString: "A panel put here starts a new string: amps add.",
  ampsAdd: "amps add: ",
};

export const readoutTexts = {
  pointAtAPanelToSeeItsValuesPress:
    "Point at a panel to see its values. Press it to move, shade, tilt or stow it; drag it; or use its keys (?).",
  onTheShelfNotWired: " · on the shelf, not wired",
  shadeCosts: (lost: string, whole: string, sky: string) => ` · The shade costs ${lost} of ${whole} (${sky}).`,
};

export const stringsViewTexts = {
  stringsInParallelAmpsAdd: "Strings in parallel: amps add",
  groupOfStringsInParallelAmpsAdd: "Group of strings in parallel: amps add",
  stringRAtOfItemCountInSeries: (r: number, at: number, itemCount: number) =>
    `string ${r}, ${at} of ${itemCount} in series`,
  blockingDiodeLetsCurrentOutAnd: "Blocking diode: lets current out and none in",
  blockingDiode: "Blocking diode",
  voltsAdd: "volts add ",
  ampsAdd: "amps add",
};

export const shelfViewTexts = {
  allWired: "all wired",
  shelfPanelsNotWired: "Shelf: panels not wired",
  shelf: "Shelf",
  oneFewerName: (name: string) => `One fewer ${name}`,
  oneMoreName: (name: string) => `One more ${name}`,
  andTileCountMore: (tileCount: number) => `and ${tileCount} more`,
};

export const stepperTexts = {
  mixed: "mixed",
  oneFewerLabel: (label: string) => `One fewer: ${label}`,
  oneMoreLabel: (label: string) => `One more: ${label}`,
};

export const tileViewTexts = {
  tiltedTiltDeg: (tiltDeg: number) => `tilted ${tiltDeg}°`,
  shadedShaded: (shaded: string) => `${shaded} shaded`,
  bypassedOfSubstringCountCell: (bypassed: number, substringCount: number) =>
    `${bypassed} of ${substringCount} cell groups bypassed by diodes`,
};

export const commandsTexts = {
  noControllerYet: "no controller yet",
  tileCountPanels: (tileCount: number) => `${tileCount} panels`,
  nameNumberPiece: (name: string, piece: number) => `${name}, number ${piece}`,
  putOnTheShelf: "put on the shelf",
  putInParallelWithTileAmpsAdd: (tile: string) => `put in parallel with ${tile}: amps add`,
  putInAStringOfItsOwnOnPortArrayAmps: (portArray: string) => `put in a string of its own on ${portArray}: amps add`,
  putInStringStringOfPortArrayVoltsAdd: (string: number, portArray: string) =>
    `put in string ${string} of ${portArray}: volts add`,
  nameEndOfStringKTileCountInIt: (name: string, k: number, tileCount: number) =>
    `${name}, end of string ${k} (${tileCount} in it): volts add`,
  nameANewStringAmpsAdd: (name: string) => `${name}, a new string: amps add`,
  stringSplitBeforeTileTwoStrings: (tile: string) => `String split before ${tile}: two strings, amps add.`,
  stringJoinedToTheOneAboveVolts: "String joined to the one above: volts add.",
  theShelfLacksLackingForAnother: (lacking: string) =>
    `The shelf lacks ${lacking} for another such string: add more to the plan first (+).`,
  stringCopiedBelowAmpsAdd: "String copied below: amps add.",
  seriesInSeriesStringsInParallel: (series: number, strings: string, needed: number, nameOf: string) =>
    `${series} in series × ${strings} in parallel needs ${needed} × ${nameOf}`,
  borrowedFromOthers: (count: number) => `${count} of them from the other PV inputs`,
  lacksMoreThanAreFree: (lacks: number) => `${lacks} more than are free`,
  goesToTheShelf: (goes: string) => `${goes} to the shelf`,
  blockingDiodeRemovedFromThe: "Blocking diode removed from the string.",
  blockingDiodeAddedToTheStringNo:
    "Blocking diode added to the string: no current can flow backwards, about half a volt is lost.",
  aPlanHoldsAtMostMaxPiecesPanels: (maxPieces: number) => `A plan holds at most ${maxPieces} panels.`,
  pieceCountNameInThePlan: (pieceCount: number, name: string) => `${pieceCount} × ${name} in the plan.`,
  inUseAgain: "in use again",
  bypassedLeadsJoinedPastIt: "bypassed: leads joined past it",
  backInItsString: "back in its string",
  cellGroup: (number: number, wasShaded: boolean) =>
    wasShaded ? `cell group ${number} back in full sun` : `cell group ${number} shaded`,
};

export const shortcutsTexts = {
  onePlaceToTheLeftInItsString: "one place to the left in its string",
  onePlaceToTheRightInItsString: "one place to the right in its string",
  toTheStringAboveOrANewOneFromThe: "to the string above, or a new one; from the shelf, onto the board",
  toTheStringBelowOrANewOne: "to the string below, or a new one",
  toThePvInputAboveAsAString: "to the PV input above, as a string",
  toThePvInputBelowOrTheShelf: "to the PV input below, or the shelf",
  inParallelWithThePanelBeforeIt: "in parallel with the panel before it",
  toTheShelf: "to the shelf",
  splitTheStringBeforeIt: "split the string before it",
  joinItsStringToTheOneAbove: "join its string to the one above",
  copyItsString: "copy its string",
  addABlockingDiodeToItsStringOr: "add a blocking diode to its string, or remove it",
  stowOrUseAgain: "stow, or use again",
  bypassOrPutBack: "bypass, or put back",
  tilt15TowardsTheNoonSun: "tilt 15° towards the noon sun",
  tilt15AwayFromTheNoonSun: "tilt 15° away from the noon sun",
  shadeThatCellGroupOrResetIt: "shade that cell group, or reset it",
  oneMoreOfItsKindInThePlan: "one more of its kind in the plan",
  oneFewerOfItsKind: "one fewer of its kind",
  inFullSun: "in full sun",
  goToTheNextPanelInThatDirection: "go to the next panel in that direction",
  selectOrDeselectIt: "select or deselect it",
  selectOnlyThisPanel: "select only this panel",
  selectItsWholeString: "select its whole string",
  fillItsPvInputByNumber: "fill its PV input by number",
  cancelDraggingDeselect: "cancel dragging; deselect",
  goToAStep: "go to a step",
  findAnyCommandByName: "find any command by name",
  showThisList: "show this list",
};

export const useBoardTexts = {
  nothingChangesItCannotGoFurther: "Nothing changes: it cannot go further in that direction.",
};
