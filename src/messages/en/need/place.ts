import { counted } from "../format";

export const climateOffersTexts = {
  noKnownKindOfClimateLiesThisFar: "No known kind of climate lies this far from the equator. This is the nearest.",
  theRecordLowsOfTheseClimates: (lowC: string) =>
    `The record lows of these climates differ by more than 10 °C. Until you enter the location’s own record low below, ${lowC} is assumed.`,
  kindsOfClimate: "Kinds of climate",
  recordLowRecordLowCRecordHigh: (
    recordLowC: string,
    recordHighC: string,
    januaryC: string,
    julyC: string,
    clearPct: string,
  ) =>
    `record low ${recordLowC}, record high ${recordHighC}; January ${januaryC}, July ${julyC}; ${clearPct} % of the sunlight reaches the ground`,
  confirmed: "Confirmed",
  useThisClimate: "Use this climate",
  roundedFromGeneralClimatology:
    "Rounded from general climatology, accurate to 10 to 15 % for a location of that kind. A weather file of the location is more accurate.",
};

export const monthsTexts = {
  meanAirC: "Mean air, °C",
  typicalHigh: "Typical high",
  typicalLow: "Typical low",
  sunlightOnFlatGroundKWhMADay: "Sunlight on flat ground, kWh/m² a day",
  confirmAKindOfClimateItsMonths: "Confirm a kind of climate: its months then appear here, and you can change them.",
  monthsOfTheLocation: "Months of the location",
  month: "Month",
  source: "Source",
};

export const placeLineTexts = {
  n57231Or5712N36W: "57.2, -3.1 or 57°12′N 3°6′W",
  placeLatitudeOnlyAddTheLongitude: (place: string) =>
    `${place}: latitude only. Add the longitude for the right hours of the sun.`,
};

export const placeSheetTexts = {
  location: "Location",
  pressTheMapWhereYouAre: "Press the map where you are.",
  timeZoneTimeZoneTheArrowKeysMove: (timeZone: string) => `Time zone ${timeZone}. The arrow keys move the pin.`,
  recordTemperaturesHeight: "Record temperatures, height, direction",
  route: "Route",
  kindOfClimate: "Kind of climate",
  weatherFile: "Weather file",
  months: "Months",
};

export const recordsTexts = {
  theColdestAirEverMeasuredAtThe:
    "The coldest air ever measured at the location. Cold raises voltage: Voc at this temperature is compared with each PV input’s max PV voltage.",
  theHottestAirEverMeasuredAtThe:
    "The hottest air ever measured at the location. Heat lowers voltage, so that a PV input can fall asleep.",
  heightAboveSeaLevelSavedWithThe:
    "Height above sea level. Saved with the plan; not used in the calculation (the months already include it).",
  directionTheFrontOfTheVehicle:
    "Direction the front of the vehicle points to, degrees clockwise from north. Panels measured from the front turn with it.",
  recordLow: "Record low",
  recordLowCAssumed: (recordLowC: string) => `${recordLowC} assumed`,
  recordHigh: "Record high",
  recordHighCAssumed: (recordHighC: string) => `${recordHighC} assumed`,
  height: "Height",
  frontPointsTo: "Front points to",
};

export const routeTexts = {
  nameTheFileHasSizeBytesAllowedAt: (name: string, size: number, maxGpxBytes: number) =>
    `${name}: the file has ${size} bytes; allowed: at most ${maxGpxBytes}.`,
  imported: (stays: number, undated: number) =>
    `${counted(stays, "stay")} imported.${undated > 0 ? ` ${undated} had no date: one week each is assumed, from today. Correct the dates.` : ""}`,
  forAJourneyOnlyEachMonthIs:
    "For a journey only. Each month is calculated where you spend most of it, with the kind of climate of your home location: an approximation, accurate to about 10 % where the climates are alike.",
  stayNumber: (number: number) => `Stay ${number}`,
  addAStay: "Add a stay",
  trackFile: "Track file",
  stay: "Stay",
  location: "Location",
  enterLatitudeAndLongitude: "Enter latitude and longitude.",
  deleteName: (name: string) => `Delete ${name}`,
  from: "From",
  to: "To",
  frontPointsTo: "Front points to",
  frontPointsToHelp: "Degrees clockwise from north that the vehicle’s front points to.",
  asAtHome: "as at home",
};

export const townSearchTexts = {
  orSearchATown: "or search a town",
  typeAtLeastTwoLetters: "Type at least two letters",
  noTownOfThatName: "No town of that name",
  firstLettersOfTheTown: "First letters of the town",
};

export const typedPlaceTexts = {
  latitudeAndLongitude: "Latitude and longitude",
};

export const weatherFileTexts = {
  nameTheFileHasSizeBytesAllowedAt: (name: string, size: number, maxEpwBytes: number) =>
    `${name}: the file has ${size} bytes; allowed: at most ${maxEpwBytes}.`,
  readingName: (name: string) => `Reading ${name}…`,
  theYearNowUsesTheHoursOfName: (name: string) => `The year now uses the hours of “${name}”.`,
  weatherFile: "Weather file",
  useTypicalMonthsAgain: "Use typical months again",
  theYearUsesTheHoursOfName: (name: string) => `The year uses the hours of “${name}”.`,
  placeElevationMColdestHour: (
    place: string,
    elevationM: string,
    coldestC: string,
    hottestC: string,
    lowC: string,
    highC: string,
  ) =>
    `, ${place}, ${elevationM}. Coldest hour ${coldestC}, hottest ${hottestC}. A typical year has no record temperatures in it: ${lowC} and ${highC} are proposed for you to confirm.`,
  useItsHours: "Use its hours",
  useItsLocation: "Use its location",
  useItsMonths: "Use its months",
  confirmTheseRecords: "Confirm these records",
};

export const worldMapTexts = {
  map: (place: string) => `Map of the world, ${place}. Press where you are, or move the pin with the arrow keys.`,
  noLocationYet: "no location yet",
};
