export const portArrayDrawingTexts = {
  drawingOfTheWiring: "Drawing of the wiring",
};

export const wirePrintTexts = {
  checkedForTheWorstOfItsPositions: (positionsUsed: string) =>
    `Checked for the worst of its positions: ${positionsUsed}.`,
  noControllerChosenYet: "No controller chosen yet",
  portArraysADashedPanelIsBypassedIts: (portArrays: string) =>
    `${portArrays}. A dashed panel is bypassed: its leads are joined past it.`,
  checks: "Checks",
  verdict: "Verdict",
  check: "Check",
  valueLimit: "Value, limit",
  explanation: "Explanation",
  assumedAssumptions: (assumptions: string) => ` Assumed: ${assumptions}.`,
  ofValue: (value: string) => ` of ${value}`,
};
