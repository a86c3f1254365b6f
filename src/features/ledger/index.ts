export { Ledger } from "./Ledger";
export { LedgerDrawer } from "./LedgerDrawer";
export { fieldWords, findingSentence, mountWords, verdictWords } from "./messages";
export { applyFirstMend } from "./mends";
export { VerdictStrip } from "./VerdictStrip";
