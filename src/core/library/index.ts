export { type CellFault, type Column, formulaLike } from "./column";
export {
  heldBy,
  libraryJsonSchema,
  maxColumns,
  maxLibraryBytes,
  maxSheets,
  readLibraryText,
  type Refused,
  type Sheets,
  writeLibrary,
} from "./file";
export { type FileFault } from "./file-fault";
export { panelColumns } from "./panel-columns";
export { blankLine, devicesOf, linesOf, portColumns } from "./port-columns";
export { type Absent, type ColumnReport, readTable, writeTable } from "./table";
