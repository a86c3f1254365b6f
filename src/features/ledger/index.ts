export { Ledger } from "./Ledger";
export { LedgerDrawer } from "./LedgerDrawer";
export { applyFirstMend } from "./mends";
export { VerdictStrip } from "./VerdictStrip";
