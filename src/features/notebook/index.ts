export { NotebookStop } from "./NotebookStop";
export { isNotebookStop } from "./pages";
