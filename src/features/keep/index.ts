export { type Draft, type DraftKind, type DraftShelf, draftShelf } from "./drafts";
