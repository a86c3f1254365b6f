export { LibraryView } from "./LibraryView";
