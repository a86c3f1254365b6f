export { openLibrarianWorker } from "./open";
export {
  type FileContents,
  type FileFault,
  letterVersion,
  type ReadAnswer,
  type ReadLetter,
  type ShelfName,
} from "./letters";
export { readFile } from "./read-file";
