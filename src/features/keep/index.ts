export { type Autosave, type OnServer, startAutosave } from "./autosave";
export { type Draft, type DraftKind, type DraftShelf, draftShelf, keeping } from "./drafts";
export { type LeftDraft, type SaveState, type Standing, standingOf, type Version } from "./standing";
export { SaveStanding } from "./SaveStanding";
export { isWorried, saveWords } from "./save-words";
export { useIsKept } from "./useIsKept";
export { type Letter, openOutbox, type OutboxShelf } from "./outbox";
export { type Readings, type ReadingsState, startReadings } from "./readings";
