export { type Autosave, startAutosave } from "./autosave";
export { type DraftKind, type DraftShelf, draftShelf, keeping } from "./drafts";
export { type LeftDraft, type Standing, standingOf } from "./standing";
export { SaveStanding } from "./SaveStanding";
export { needsAttention } from "./attention";
export { useIsKept } from "./useIsKept";
export { openOutbox } from "./outbox";
export { type Readings, type ReadingsState, startReadings } from "./readings";
