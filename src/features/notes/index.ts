export { CableWays } from "./CableWays";
export { NotesField } from "./NotesField";
