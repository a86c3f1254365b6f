export { notebookStop } from "./stop";
export { CableWays } from "./CableWays";
export { NotesField } from "./NotesField";
