export const drawingTexts = {
  windowChartCurrentAgainstVoltage: "Window chart: current against voltage",
  volts: "volts →",
  amps: "amps",
  aboveMaxPvVoltageMaxV: (maxV: string) => `above max PV voltage ${maxV}`,
};

export const lazyWindowChartTexts = {
  drawingTheWindow: "Drawing the window…",
};

export const windowChartTexts = {
  theSunIsDown0W: "The sun is down: 0 W.",
  drawing: "Drawing",
  table: "Table",
  exportTheCurvesAsCsv: "Export the curves as CSV",
  csv: "CSV",
  exportTheDrawingAsSvg: "Export the drawing as SVG",
  svg: "SVG",
  exportTheArrayAsASpiceNetlist: "Export the array as a SPICE netlist",
  spice: "SPICE",
  windowChartAsATable: "Window chart as a table",
  conditions: "Conditions",
  voc: "Voc",
  isc: "Isc",
  vmp: "Vmp",
  pmax: "Pmax",
  operatingPoint: "Operating point",
  harvest: "Harvest",
  limitedBy: "Limited by",
  curveWithAllSwitchedOnVocV: (vocV: string) => `curve, with all switched on: ${vocV}`,
  volts: "Volts",
  amps: "Amps",
  watts: "Watts",
};

export const labelsTexts = {
  belowMinV: (minV: string) => `below ${minV}`,
};
