export { notebookStop } from "./stop";
