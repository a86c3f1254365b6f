export const chosenFormTexts = {
  thisObjectHasBeenDeleted: "This object has been deleted.",
};

export const drawingTexts = {
  fromAbove: (name: string, frontIsRight: boolean) =>
    frontIsRight ? `${name} from above, front to the right` : `${name} from above, front at the top`,
};

export const fillTexts = {
  keepObstaclesAndFreeAreas: "Keep obstacles and free areas",
  highestWattageWithEverythingOn: "Highest wattage with everything on the roof, and planned for it, left free.",
  leastShade: "Least shade",
  keepsMostOfTheYearsSunlight: "Keeps most of the year’s sunlight.",
  oneKind: "One kind",
  oneKindOfPanelOneLabelFew: "One kind of panel: one label, few connections, every panel fits any string.",
  inLine: "In line",
  oneKindAllInTheSameOrientation: "One kind, all in the same orientation: straight rails, short cables.",
  highestWattage: "Highest wattage",
  alsoUsesWalkwaysAndTheSpaceOf: "Also uses walkways and the space of planned things.",
  panelCountPlacedUndoRemovesThem: (panelCount: string) => `${panelCount} placed. Undo removes them.`,
  kindsOfPanelToPlace: "Kinds of panel to place",
  gapBetweenPanels: "Gap between panels",
  gapBetweenPanelsHelp: "So that each panel can expand and be lifted.",
  asManyAsFit: "As many as fit",
  autoLayout: "Auto-layout",
  calculatingTheLayouts: "Calculating the layouts",
  cancel: "Cancel",
  noneOfThesePanelsFitsHere: "None of these panels fits here.",
  layoutsToChooseFrom: "Layouts to choose from",
  withPanelCountWhyGivesUpBound: (panelCount: string, why: string, givesUp: string, bound: string) =>
    `with ${panelCount}. ${why} ${givesUp} ${bound}`,
  useThisLayoutTitle: (title: string) => `Use this layout: ${title}`,
  useThisLayout: "Use this layout",
  theChosenKindsArePlacedAnewOther: (seamMm: string) =>
    `The chosen kinds are placed again; other panels stay where they are. Gap between panels: ${seamMm}.`,
  calculateYearlyShadingFirstToBe: " Calculate yearly shading first to be offered a layout with the least shade too.",
  lessWLessThanTheHighestWattage: (lessW: string) => `${lessW} less than the highest wattage`,
  usesTheSpaceOfGivenUp: (givenUp: string) => `uses the space of ${givenUp}`,
  keptShareOfTheYearsSunlightIs: (keptShare: string) => `${keptShare} % of the year’s sunlight is left after shade`,
  noOtherLayoutHasMoreWatts: "No other layout has more watts.",
  noLayoutCanHaveMoreThanBoundW: (boundW: string, abovePct: string) =>
    `No layout can have more than ${boundW} (${abovePct} % above this one).`,
};

export const judgedTexts = {
  nothingPlacedHereYet: "Nothing placed here yet.",
  panelsPlacedNoConflicts: (panels: string) => `${panels} placed, no conflicts.`,
  conflicts: "Conflicts",
};

export const layoutStepTexts = {
  layout: "Layout",
  roof: "Roof",
  storage: "Storage",
  drawingsTemplates: "Drawings & templates",
};

export const lightNowTexts = {
  sunlightOnEachPanel: "Sunlight on each panel",
  litLit: (lit: string) => `${lit} % lit`,
  cellGroupsAtShares: (shares: string) => `cell groups at ${shares} %`,
  theCellWithTheLeastLightLimits:
    "The cell with the least light limits the current of its cell group (substring); with half-cut cells it is the mean of both halves. The year, conditions “Now” and Compare include these shadows.",
};

export const lockersTexts = {
  notEntered: "not entered",
  bootTrunk: "Boot (trunk)",
  lockerNumber: (number: number) => `Locker ${number}`,
  foldingPanels: "Folding panels",
  noFoldingPanelOrSolarBlanketIn: "No folding panel or solar blanket in this plan.",
  foldingPanelsAsATable: "Folding panels as a table",
  panel: "Panel",
  folded: "Folded",
  weight: "Weight",
  wPerLiter: "W per liter",
  wPerKg: "W per kg",
  notOnItsLabel: "not on its label",
  mm: " mm",
  theFoldedSizeIsOnTheLabelEnterIt:
    "The folded size is on the label: enter it at Panels. In use, folding panels stand on the ground: there is nothing to draw.",
  lockers: "Lockers",
  noSpaceForLeft: (left: string) => `No space for ${left}.`,
  addALockerOrTheBootTrunk: "Add a locker or the boot (trunk)",
  addAnotherLocker: "Add another locker",
  name: "Name",
  insideLength: "Inside length",
  insideHelp: "Measured inside.",
  insideWidth: "Inside width",
  insideHeight: "Inside height",
  maxLoad: "Max load",
  maxLoadHelp: "If empty, weight is not checked.",
  noFoldingPanelFits: "No folding panel fits.",
  fitsHoldsKg: (holds: string, kg: string) => `Fits ${holds}: ${kg}.`,
  deleteName: (name: string) => `Delete ${name}`,
};

export const measureTexts = {
  from: "From",
  to: "To",
  edgesOfName: (name: string) => `Edges of ${name}`,
  fromTheLeftEdgeLeftMmFromThe: (leftMm: string, rightMm: string, backMm: string, frontMm: string) =>
    `From the left edge ${leftMm}, from the right ${rightMm}; from the back ${backMm}, from the front ${frontMm}.`,
  theyOverlap: "They overlap.",
  mmFromLeftToRight: (mm: string) => `${mm} from left to right`,
  mmFromBackToFront: (mm: string) => `${mm} from back to front`,
  edgeToEdgePartsShortestDistance: (parts: string, mm: string) => `Edge to edge: ${parts}; shortest distance ${mm}.`,
};

export const moreTexts = {
  shadeAtThisHour: "Shade at this hour",
  notes: "Notes",
  autoLayout: "Auto-layout",
  yearlyShading: "Yearly shading",
};

export const nudgeTexts = {
  moveBySteps: "Move by steps",
  moveNameByStepMm: (name: string, step: number) => `${name} by ${step} mm`,
  eachMm: (each: number) => `${each} mm`,
};

export const propertiesPanelTexts = {
  conflicts: "Conflicts",
  selection: "Selection",
  measure: "Measure",
};

export const quantityTexts = {
  fromTheLeft: "From the left",
  toTheMiddle: "To the middle of the object.",
  fromTheBack: "From the back",
};

export const roofTabTexts = {
  roof: "Roof",
  surfaceNumber: (number: number) => `Surface ${number}`,
  surfaces: "Surfaces",
  drawARoof: "Draw a roof",
  addASurface: "Add a surface",
  position: "Position",
  beginWithTheRoofTheDeckOrThe:
    "Begin with the roof, the deck or the campsite: its length and width. Then add the obstacles and the panels. They are drawn to scale, and their shadows move with the sun.",
};

export const shadeYearTexts = {
  calculateYearlyShading: "Calculate yearly shading",
  calculateYearlyShadingAgain: "Calculate yearly shading again",
  calculatingYearlyShading: "Calculating yearly shading",
  cancel: "Cancel",
  showOnTheDrawing: "Show on the drawing",
  showsOnTheRoofWherePanelsLose:
    "Shows on the roof where panels lose most to shade, each panel’s loss in kWh, and whether its cell groups would lose less in the other direction.",
  somethingWasMovedSinceCalculate: "Something was moved since: calculate again.",
  fromLightToDarkLossStepsOfThe: (lossSteps: string, openKwhM2: number) =>
    `From light to dark: ${lossSteps} of the year’s ${openKwhM2} kWh/m² lost to shade.`,
  lostToShadeInAYear: "Lost to shade in a year",
  lostKwhLost: (lostKwh: string) => `${lostKwh} lost,`,
  savedLessIfItsCellGroupsRan: (saved: string, direction: string) =>
    `${saved} less if its cell groups ran ${direction}`,
  eachPanelOnItsOwnApproximately:
    "Each panel on its own, approximately; the year at Wiring includes the whole wiring. Cell groups (substrings) run as the maker built them: select a panel to enter the direction. Turning a panel by 180° moves its junction box, not its loss.",
};

export const spacePrintTexts = {
  drawingOfName: (name: string) => `Drawing of ${name}`,
  storageOfFoldedPanels: "Storage of folded panels",
  locker: "Locker",
  holds: "Holds",
  laddersRoofsAndSkylightsStepOnly:
    "Ladders, roofs and skylights: step only on what carries your weight. Look for cables before you drill.",
};

export const stockTexts = {
  walkway: "Walkway",
  mustStayFree: "Must stay free",
  noAdhesive: "No adhesive",
  hot: "Hot",
  weak: "Weak",
  hiddenCablesOrRibs: "Hidden cables or ribs",
  panelsToPlace: "Panels to place",
  allPanelsArePlaced: "All panels are placed.",
  itsLabelStatesNeitherSizeNor: "Its label states neither size nor watts",
  obstacles: "Obstacles",
  zonesHolesCableRoutes: "Zones, holes, cable routes",
  gland: "Gland",
  addAGlandOrHole: "Add a gland or hole",
  cableNumber: (number: number) => `Cable ${number}`,
  addACableRoute: "Add a cable route",
};

export const sunSlidersTexts = {
  monthMonth: (month: string) => `Month: ${month}`,
  month: "Month",
  sunAt: (hours: string, elevationDeg: number) =>
    elevationDeg > 0
      ? `${hours}, solar time; sun ${elevationDeg.toFixed(0)}° above the horizon`
      : `${hours}, solar time; sun below the horizon`,
  hour: "Hour",
};

export const surfaceFormTexts = {
  campsiteOnTheGround: "campsite, on the ground",
  name: "Name",
  kindOfSurface: "Kind of surface",
  length: "Length",
  lengthHelp: "From back to front.",
  width: "Width",
  widthHelp: "From left to right.",
  frontPointsTo: "Front points to",
  frontPointsToHelp: "Degrees clockwise from north. If empty: the direction of the vehicle.",
  headingDegAssumed: (headingDeg: number) => `${headingDeg} assumed`,
  maxLoad: "Max load",
  maxLoadHelp: "What the surface can carry, from its maker. If empty, weight is not checked.",
  heightOfItsEdge: "Height of its edge",
  heightOfItsEdgeHelp: "Above the road or the water.",
  lowestBridge: "Lowest bridge",
  lowestBridgeHelp: "Or height barrier on your way; applies to all surfaces.",
  slope: "Slope",
  slopeHelp: "Degrees from level. Objects on it are drawn at right angles to it.",
  slopesDownTo: "Slopes down to",
  slopesDownToHelp: "Degrees clockwise from its front.",
  camber: "Camber",
  camberHelp: "How much higher the middle is than the sides.",
  leadsOfAPanel: "Leads of a panel",
  leadsOfAPanelHelp: "Length of each lead; applies to all panels.",
  n900Assumed: "900 assumed",
  hasRibs: "Has ribs",
  directionOfRibs: "Direction of ribs",
  fromBackToFront: "from back to front",
  fromLeftToRight: "from left to right",
  firstRibAt: "First rib at",
  fromTheLeftOrFromTheBack: "From the left, or from the back.",
  ribSpacing: "Rib spacing",
  fromMiddleToMiddle: "From middle to middle.",
  ribWidth: "Rib width",
  ribHeight: "Rib height",
  aboveTheSurface: "Above the surface.",
  deleteThisSurface: "Delete this surface",
};

export const photoTexts = {
  nameHasSizeBytesAllowedAtMost: (name: string, size: number, maxFileBytes: number) =>
    `${name} has ${size} bytes; allowed: at most ${maxFileBytes}.`,
  nameIsNotAReadablePictureSaveIt: (name: string) =>
    `${name} is not a readable picture. Save it as JPEG or PNG and choose it again.`,
  nameStaysAboveMaxPhotoBytesBytes: (name: string, maxPhotoBytes: number) =>
    `${name} stays above ${maxPhotoBytes} bytes even when scaled down.`,
};
