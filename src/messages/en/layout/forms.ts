export const cornersFormTexts = {
  cornerCountCornersAsNumbers: (cornerCount: number) => `${cornerCount} corners, as numbers`,
  atFromTheLeft: (at: number) => `${at}, from the left`,
  positionOfThisCorner: "Position of this corner.",
  atFromTheBack: (at: number) => `${at}, from the back`,
  addACornerAfterAt: (at: number) => `Add a corner after ${at}`,
  deleteCornerAt: (at: number) => `Delete corner ${at}`,
};

export const glandFormTexts = {
  name: "Name",
  holeDiameter: "Hole diameter",
  holeDiameterHelp: "Diameter of the hole.",
  alreadyThere: "Already there",
  delete: "Delete",
  useOneHoleIfPossibleAndAn:
    "Use one hole if possible, and an existing hole before a new one. Look from inside for cables and ribs before you drill.",
};

export const obstacleFormTexts = {
  name: "Name",
  length: "Length",
  lengthHelp: "From back to front.",
  width: "Width",
  widthHelp: "From left to right.",
  turnedBy: "Turned by",
  turnedByHelp: "Degrees clockwise.",
  radius: "Radius",
  radiusHelp: "Half of the diameter.",
  height: "Height",
  heightHelp: "From its foot to its top: it decides the shadow.",
  footAboveTheRoof: "Foot above the roof",
  footAboveTheRoofHelp: "0 if it stands on the roof; more for a boom.",
  freeSpaceAroundIt: "Free space around it",
  freeSpaceAroundItHelp: "So that it opens and can be reached.",
  makeItRound: "Make it round",
  makeItRectangular: "Make it rectangular",
  plannedForLater: "Planned for later",
  delete: "Delete",
};

export const photoFormTexts = {
  theTwoPointsCoincidePressTwo: "The two points coincide: press two points that are apart.",
  addAPhotoUnderneath: "Add a photo underneath",
  replaceThePhoto: "Replace the photo",
  scaleByTwoPoints: "Scale by two points",
  deleteThePhoto: "Delete the photo",
  pressTheFirstOfTwoPointsOnThe: "Press the first of two points on the photo whose distance you have measured.",
  pressTheSecondPoint: "Press the second point.",
  enterTheDistanceBetweenThePoints: "Enter the distance between the points.",
  measuredDistance: "Measured distance",
  measuredDistanceHelp: "From the first point to the second, on the real object.",
  setTheScale: "Set the scale",
  photoFromTheLeft: "Photo from the left",
  toItsCorner: "To its top left corner.",
  photoFromTheBack: "Photo from the back",
  photoTurnedBy: "Photo turned by",
  photoTurnedByHelp: "Degrees clockwise.",
  thePhotoStaysOnThisComputerThe:
    "The photo stays on this computer. The location and time that your camera wrote into it are removed.",
};

export const placeFormTexts = {
  turnedBy: "Turned by",
  turnedByHelp: "Degrees clockwise; at 0 the longer edge points to the front.",
  heightAboveTheRoof: "Height above the roof",
  heightAboveTheRoofHelp: "From the surface to the back of the panel.",
  tilt: "Tilt",
  tiltHelp: (name: string) => `Degrees from level, in position “${name}”.`,
  tiltedTowards: "Tilted towards",
  tiltedTowardsHelp: "Degrees clockwise from north. If empty: towards the noon sun.",
  noonSun: "noon sun",
  cellGroupsRun: "Cell groups run",
  alongItsLongerEdge: "along its longer edge",
  resetToTheDefaultPosition: "Reset to the default position",
  inNameSlidOver: (name: string) => `In “${name}” slid over`,
  inNameFoldedOnto: (name: string) => `In “${name}” folded onto`,
  sizeOrCellsAreMissingOnItsLabel: (lengthMm: number, widthMm: number, cellsAlong: number, cellsAcross: number) =>
    `Size or cells are missing on its label. Drawn with ${lengthMm} × ${widthMm} mm and ${cellsAlong} × ${cellsAcross} cells, both assumed.`,
  turnBy90: "Turn by 90°",
  removeFromTheRoof: "Remove from the roof",
  noOtherPanel: "no other panel",
};

export const severalFormTexts = {
  alignLeftEdges: "Align left edges",
  alignRightEdges: "Align right edges",
  alignBackEdges: "Align back edges",
  alignFrontEdges: "Align front edges",
  alignMiddlesBackToFront: "Align middles, back to front",
  alignMiddlesLeftToRight: "Align middles, left to right",
  chosenCountObjectsSelected: (chosenCount: number) => `${chosenCount} objects selected`,
  equalGapsFromLeftToRight: "Equal gaps from left to right",
  equalGapsFromBackToFront: "Equal gaps from back to front",
  theFirstSelectedObjectStaysWhere: "The first selected object stays where it is. Selected objects move together.",
};

export const wayFormTexts = {
  name: "Name",
  fromTheLeadsOf: "From the leads of",
  to: "To",
  itsLastCorner: "its last corner",
  onwardLength: "Onward length",
  onwardLengthHelp: "From the last corner to where it is connected.",
  extraLength: "Extra length",
  extraLengthHelp: "Share added to the measured length. Cut the cable last.",
  cutLengthOverMmOnTheSurfaceOnMm: (overMm: string, onMm: string, slackPct: number) =>
    `cut length: ${overMm} on the surface, ${onMm} onward, ${slackPct} % extra. Needed twice: for + and −.`,
  thePanelsOwnLeadsOfLeadMmAreLong: (leadMm: string) => ` The panel’s own leads of ${leadMm} are long enough.`,
  thePanelsOwnLeadsOfLeadMmAre: (leadMm: string, shortMm: string) =>
    ` The panel’s own leads of ${leadMm} are ${shortMm} too short.`,
  followTheEdges: "Follow the edges",
  straight: "Straight",
  aroundACorner: "Around a corner",
  delete: "Delete",
};

export const zoneFormTexts = {
  mustStayFree: "must stay free",
  adhesiveDoesNotHold: "adhesive does not hold",
  hiddenCablesOrRibs: "hidden cables or ribs",
  name: "Name",
  kindOfZone: "Kind of zone",
  kindOfZoneHelp: "No panel is placed on it. No hole is drilled where it is weak or hides something.",
  delete: "Delete",
};
