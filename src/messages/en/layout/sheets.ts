export const sheetsTexts = {
  drawARoofFirstItsDrawingsAnd: "Draw a roof first: its drawings and templates then appear here.",
  surfaces: "Surfaces",
  drawingOfNameToScaleWith: (name: string) => `Drawing of ${name} to scale, with distances from all four edges`,
  paperSize: "Paper size",
  drawingToScale: "Drawing to scale",
  eachPositionIsMeasuredFromBoth:
    "Each position is measured from both edges: the two numbers of a line add up to the size of the roof, so that a measuring mistake shows.",
  pdf: "PDF",
  svg: "SVG",
  dxfTrueSize: "DXF, true size",
  drillTemplateTrueSize: "Drill template, true size",
  holesOnly: "Holes only",
  alsoCornersOfPanels: "Also corners of panels",
  noHolesToDrillHereAddAGlandToThe:
    "No holes to drill here: add a gland to the drawing, or choose the corners of panels.",
  sheetCountOfName: (sheetCount: string, name: string) => `${sheetCount} of ${name}`,
  leftOutLeftOutTooManyToTape: (leftOut: string) => `; ${leftOut} left out: too many to tape together`,
  printAt100CheckThe100MmRulerWith:
    ". Print at 100 %, check the 100 mm ruler with a tape measure, then tape the pages together at the corner marks.",
  templateAsPdf: "Template as PDF",
  cutList: "Cut list",
  stockLengthOfRail: "Stock length of rail",
  stockLengthOfRailHelp: "Length as sold.",
  noPanelsPlacedHereYet: "No panels placed here yet.",
  railsToCut: "Rails to cut",
  acrossUnderPanel: (panel: string) => `across, under ${panel}`,
  cutsMmLeftMmLeftOver: (cutsMm: string, leftMm: number) => `${cutsMm} (${leftMm} left over)`,
  tooLongLongerThanTheStockLength: (tooLong: string) =>
    ` ${tooLong} longer than the stock length: join two, or buy longer rail.`,
  orBracketsInsteadOfRails: (brackets: string) => `Or ${brackets} instead of rails.`,
  drillOnlyWhereYouCanSeeBothSides:
    "Drill only where you can see both sides; stop once you are through the surface and look. Ladders, roofs and skylights: step only on what carries your weight.",
};
