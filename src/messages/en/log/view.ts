import { counted } from "../format";

export const dueJobsTexts = {
  since: (job: string, day: string) => `${job} (since ${day})`,
  dueDue: (due: string) => `Due: ${due}.`,
  jobs: "Jobs",
};

export const entryTexts = {
  stateOfCharge: "State of charge",
  aNearlyFullBatteryAcceptsFew: "A nearly full battery accepts few watts: that is not a fault.",
  kWhToday: "kWh today",
  whatTheDisplayHasCountedSince: "What the display has counted since this morning.",
  airTemperature: "Air temperature",
  warmCellsGiveLess: "Warm cells give less.",
  volts: "Volts",
  operatingVoltageOfTheArrayVolts: "Operating voltage of the array: volts times amps are watts.",
  amps: "Amps",
  operatingCurrentOfTheArrayAtThe: "Operating current of the array, at the same moment.",
  textIsNotANumberOfWattsEnterA: (text: string) =>
    `“${text}” is not a number of watts. Enter a number between 0 and 100000.`,
  entrySaved: (entry: string) => `${entry} saved.`,
  now: "Now",
  skyNow: "Sky now",
  wattsNow: "Watts now",
  saveEntry: "Save entry",
  fromTheSimulatorShownInTheLogBut: "From the simulator: shown in the log, but not used to judge your panels.",
  readFromTheSimulatedStation: "Read from the simulated station",
};

export const eventsTexts = {
  eventNameAddedToTheLog: (eventName: string) => `${eventName}: added to the log.`,
  eventToday: "Event today",
  whatWasDoneOrHappened: "What was done or happened",
  comment: "Comment",
  optionalBeforeYouPressAnEvent: "optional, before you press an event",
};

export const jobLinesTexts = {
  dueSince: (day: string) => `due since ${day}`,
  dueOn: (day: string) => `due on ${day}`,
};

export const jobsSheetTexts = {
  jobs: "Jobs",
  iCalendar: "iCalendar",
  noJobsYetTheJobsThatThisPlan: "No jobs yet. The jobs that this plan needs are proposed below.",
  proposedJobs: "Proposed jobs",
  roundFirstDayProposal: (round: string, day: string, proposal: string) => `, ${round}, first ${day}. ${proposal}`,
  addJobNameDay: (name: string, day: string) => `Add job: ${name}, ${day}`,
  mountNameToTiltDeg: (mountName: string, tiltDeg: number) => `${mountName} to ${tiltDeg}°`,
  addJob: "Add job",
  doneDay: (day: string) => `done ${day}`,
  doneDay2: (day: string) => `, done ${day}`,
  markAsDoneTodayTitle: (title: string) => `Mark as done today: ${title}`,
  markAsDoneToday: "Mark as done today",
  deleteTheJobTitle: (title: string) => `Delete the job: ${title}`,
  delete: "Delete",
};

export const logPrintTexts = {
  log: "Log",
  when: "When",
  what: "What",
  battery: "Battery",
  sky: "Sky",
  note: "Note",
  lithiumCellsMustNotBeCharged: "Lithium cells must not be charged below freezing.",
  toDo: "To do",
};

export const logSheetTexts = {
  theYearSoFar: "The year so far",
  findings: "Findings",
  entriesEntryCount: (entryCount: number) => `Entries: ${entryCount}`,
  csv: "CSV",
  notes: "Notes",
  anythingUnusual: "Anything unusual.",
  readingTheLog: "Reading the log…",
  readingTheLogShare: (share: string) => `Reading the log: ${share} %`,
  noEntriesYetOneEntryOnAClearDay: "No entries yet. One entry on a clear day tells as much as ten under clouds.",
  nothingUnusualLabelsMeter:
    "Nothing unusual: labels, meter accuracy and weather explain all entries. Entries of clear days tell most; a calculated clear sky is accurate to 10 %.",
  findingsOfTheLog: "Findings of the log",
  testIt: "Test it",
  noneYet: "None yet.",
  fromTheSimulator: ", from the simulator",
  deleteTheEntryOfMoment: (moment: string) => `Delete the entry of ${moment}`,
  delete: "Delete",
  lineCountOlderEntriesSeeTheChart: (lineCount: number) =>
    `${lineCount} older entries: see the chart, or export the CSV.`,
};

export const logStepTexts = {
  log: "Log",
  jobs: "Jobs",
  month: "Month",
  phoneSheet: "Phone sheet",
};

export const monthSheetTexts = {
  readingTheLog: "Reading the log…",
  noEntriesYetTheFirstEntryOfThe: "No entries yet: the first entry of the log opens the first month.",
  print: "Print",
  findings: "Findings",
  nothingUnusualWeatherAndMeter: "Nothing unusual: weather and meter accuracy explain all entries.",
  month: "Month",
  monthToShow: "Month to show",
  daysWithEntries: "Days with entries",
  clearDaysAmongThem: "Clear days among them",
  expectedOnThoseDays: "Expected on those days",
  harvestedAbout: "Harvested, about",
  bestDay: "Best day",
  events: "Events",
  none: "None.",
  toDo: "To do",
  noJobsYetSeeJobs: "No jobs yet: see Jobs.",
};

export const newJobTexts = {
  dayIsNotADateEnterADate: (day: string) => `“${day}” is not a date. Enter a date.`,
  describeTheJob: "Describe the job.",
  nameAdded: (name: string) => `${name}: added.`,
  addAJobOfYourOwn: "Add a job of your own",
  job: "Job",
  howOften: "How often",
  firstDate: "First date",
  description: "Description",
  whichPanelsWhichBolts: "which panels, which bolts",
  addThisJob: "Add this job",
};

export const readTableTexts = {
  leftOut: "left out",
  kWhOfTheDay: "kWh of the day",
  stateOfCharge: "state of charge",
  noRowIsAReadingAReadingNeedsA: "No row is a reading: a reading needs a date, and watts or kWh.",
  entryCountReadingsImported: (entryCount: number) =>
    `${counted(entryCount, "reading")} imported. Readings that were already in the log are not doubled.`,
  importATable: "Import a table",
  tableOfReadings: "Table of readings",
  importACsv: "Import a CSV",
  columns: "Columns",
  rowsNotUnderstood: "Rows not understood",
  lineLineColumnValueProblem: (line: number, column: string, value: string, problem: string) =>
    `Line ${line}, ${column}: “${value}” ${problem}.`,
  faultCountMore: (faultCount: number) => `${faultCount} more.`,
  importEntryCountReadings: (entryCount: number) => `Import ${counted(entryCount, "reading")}`,
  dayBeforeMonth: ", day before month",
};

export const sameHourTexts = {
  comparedWithTheSameHourLastMonth: "Compared with the same hour last month.",
};

export const yearDrawingTexts = {
  eachDayWithAnEntryBecomesAMark:
    "Each day with an entry becomes a mark here, compared with what was expected for the sky of that day.",
  calculatingWhatWasExpected: "Calculating what was expected…",
  dayCountDaysComparedWithWhatWas: (dayCount: number, day: string, lastDay: string) =>
    `${counted(dayCount, "day")} compared with what was expected, from ${day} to ${lastDay}`,
  filledMarksAreClearDaysWhichTell:
    "100 % is what was expected. Filled marks are clear days, which tell most; hollow marks are days under haze or cloud. Blue ticks: rain.",
};

export const timesTexts = {
  twiceAYear: "twice a year",
  everyWeeksWeeks: (weeks: number) => `every ${weeks} weeks`,
  everyEveryDaysDays: (everyDays: number) => `every ${everyDays} days`,
};

export const useStationTexts = {
  theSimulatedStationsDisplayShows: "The simulated station’s display shows nothing.",
};
