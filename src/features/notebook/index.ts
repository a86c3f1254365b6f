export { notebookStop } from "./stop";
export { NotesField } from "./NotesField";
