export { Ledger } from "./Ledger";
export { LedgerDrawer } from "./LedgerDrawer";
export { fieldWords, findingSentence, mountWords, verdictWords } from "./messages";
export { VerdictStrip } from "./VerdictStrip";
