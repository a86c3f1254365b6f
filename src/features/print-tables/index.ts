export { allRuns, cableName, cableTable, drawingNote, wholeDropWords } from "./cables";
export { surfacePapers, type SurfacePapers } from "./surfaces";
export { jobTable } from "./job";
export { type PaperTable } from "./paper-table";
export { type WorkList, workLists } from "./work";
