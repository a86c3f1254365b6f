/** Sentences that several views say, each once. */
export const commonTexts = {
  couldNotCalculate: (fault: string) => `Could not calculate this: ${fault}.`,
  noPanels: "No panels in this plan yet: add them at Panels.",
  fileTooLarge: (name: string, size: number, maxBytes: number) =>
    `“${name}” has ${size} bytes; allowed: at most ${maxBytes}.`,
  noListedSize: "no listed size is enough",
  planHasChanged: "The plan has changed since. These results are for the plan as it was before: search again.",
  nothingWired: "Nothing is wired to a PV input yet: see Wiring.",
  noSimulator: "No simulator is open.",
  windowLater: "The window appears once the max PV voltage is entered.",
  mountingTypeHelp: "How much air reaches the back of the panels: it decides how hot the cells get.",
  lineFault: (name: string, line: number, field: string, problem: string) =>
    `${name}: line ${line}, ${field}: ${problem}.`,
  couldNotCalculateYear: (fault: string) => `Could not calculate the year: ${fault}`,
};
