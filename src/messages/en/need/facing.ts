export const lossesTexts = {
  dirt: "Dirt",
  shareOfTheLightThatDustPollenAnd: "Share of the light that dust, pollen and soot block over the year.",
  haze: "Haze",
  shareOfTheLightLostWhereTheAirIs:
    "Share of the light lost where the air is hazier than usual for the climate: smoke, sea mist, a city.",
  aging: "Aging",
  whatThePanelsHaveLostSinceThey: "What the panels have lost since they were new: about 0.5 % a year.",
  cable: "Cable",
  voltageDropBetweenPanelsAnd: "Voltage drop between panels and controller at full sun, in %.",
  controllerAndBattery: "Controller and battery",
  shareLostInConversionIntoThe: "Share lost in conversion, into the battery and out again.",
  groundReflectionAlbedo: "Ground reflection (albedo)",
  shareOfTheLightThatTheGround: "Share of the light that the ground reflects: grass 20 %, sand 30 %, snow 70 %.",
  losses: "Losses",
  lossPctAssumed: (lossPct: number) => `${lossPct} assumed`,
};

export const mountsTexts = {
  fixed: "fixed",
  tiltedBySeason: "tilted by season",
  turnedToTheSunByHand: "turned to the sun by hand",
  trackingTheSun: "tracking the sun",
  tiltAndDirectionOfThePanels: "Tilt and direction of the panels",
  allPanelsLieFlatAddAGroupHereFor:
    "All panels lie flat. Add a group here for panels that are tilted, turned during the day or tilted by season. A position set at Wiring overrides the group.",
  groupNumber: (number: number) => `Group ${number}`,
  addAnotherGroup: "Add another group",
  addAGroup: "Add a group",
  noPanelsInThisPlanYet: "No panels in this plan yet.",
  panelsFlatInNoGroup: (panels: number) => `${panels} flat, in no group.`,
  group: "Group",
  mountingType: "Mounting type",
  movement: "Movement",
  deleteName: (name: string) => `Delete ${name}`,
  tilt: "Tilt",
  tiltHelp: "Degrees from flat. Negative: tilted to the opposite direction.",
  timesADay: "Times a day",
  directionAzimuth: "Direction (azimuth)",
  directionAzimuthHelp: "Degrees clockwise from the reference: 90 is to its right, 180 behind it.",
  theNoonSun: "the noon sun",
  directionMeasuredFrom: "Direction measured from",
  theVehiclesFront: "the vehicle’s front",
  panelsInThisGroup: "Panels in this group",
  fromTheMonth: "From the month",
  day: "Day",
  tiltHelp2: "Degrees from flat.",
  deleteTheTiltFromFromDay: (fromDay: string) => `Delete the tilt from ${fromDay}`,
  addASeasonalTilt: "Add a seasonal tilt",
};

export const positionHoursTexts = {
  positionsThroughTheDay: "Positions through the day",
  whenNameApplies: (name: string) => `When ${name} applies`,
  atAllOtherHours: "at all other hours",
  atCertainHours: "at certain hours",
  from: "From",
  solarHour: "Hour of the day, solar time.",
  to: "To",
  whatEachPositionMeansIsSetAt:
    "What each position means is set at Wiring. At any hour the first position set for that hour applies; otherwise the one for all other hours. In solar time, 12 is when the sun is highest.",
};

export const skylineTexts = {
  skyline: "Skyline",
  deleteAllPoints: "Delete all points",
  skylineAllRoundPressToAddAPoint:
    "Skyline all round. Press to add a point; arrow keys move a point, Delete deletes it.",
  pointNumberAtAzimuthDeg: (number: number, azimuthDeg: number) => `Point ${number} at ${azimuthDeg}°`,
  pointsOfTheSkyline: "Points of the skyline",
  pointNumberDirectionInDegrees: (number: number) => `Point ${number}, direction in degrees`,
  pointNumberHeightInDegrees: (number: number) => `Point ${number}, height in degrees`,
  deletePointNumber: (number: number) => `Delete point ${number}`,
  openAllRoundPressWhereATreeOrA:
    "Open all round. Press where a tree or a roof stands against the sky: left to right is the direction, up is the height. ",
  directionAndHeightOfEachPointIn: "Direction and height of each point, in degrees. ",
  aFistAtArmsLengthCoversAbout10:
    "A fist at arm’s length covers about 10°. Between two points the skyline is a straight line.",
};
