export { type Bar, type Cut, type CutList, cutList } from "./cut-list";
export { type DrawnPoint, drawSurface, ribLines, type SurfaceDrawing } from "./drawing";
export { type Mark, type Paper, papers, pens, type Sheet } from "./marks";
export { diagramSheet, diagramSheets, labelSheets } from "./diagram-sheet";
export { planSheet } from "./plan-sheet";
export { sheetSvg } from "./svg";
export { type Template, templateSheets } from "./template";
