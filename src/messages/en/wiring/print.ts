export const laneDrawingTexts = {
  drawingOfTheWiring: "Drawing of the wiring",
};

export const wirePrintTexts = {
  checkedForTheWorstOfItsPositions: (posesUsed: string) => `Checked for the worst of its positions: ${posesUsed}.`,
  noControllerChosenYet: "No controller chosen yet",
  lanesADashedPanelIsBypassedIts: (lanes: string) =>
    `${lanes}. A dashed panel is bypassed: its leads are joined past it.`,
  checks: "Checks",
  verdict: "Verdict",
  check: "Check",
  valueLimit: "Value, limit",
  explanation: "Explanation",
  assumedAssumptions: (assumptions: string) => ` Assumed: ${assumptions}.`,
  ofValue: (value: string) => ` of ${value}`,
};
