export { Ledger } from "./Ledger";
export { LedgerDrawer } from "./LedgerDrawer";
export { fieldWords, mountWords } from "./messages";
export { VerdictStrip } from "./VerdictStrip";
