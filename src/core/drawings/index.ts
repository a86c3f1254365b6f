export { cutList } from "./cut-list";
export { drawSurface, ribLines, type SurfaceDrawing } from "./drawing";
export { type Mark, type Paper, papers, pens, type Sheet } from "./marks";
export { diagramSheet, diagramSheets, labelSheets } from "./diagram-sheet";
export { planSheet } from "./plan-sheet";
export { sheetSvg } from "./svg";
export { templateSheets } from "./template";
