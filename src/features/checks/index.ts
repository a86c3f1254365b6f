export { Ledger } from "./Ledger";
export { LedgerDrawer } from "./LedgerDrawer";
export { applyFirstMend, applyMend } from "./mends";
export { VerdictStrip } from "./VerdictStrip";
export { StopFindings } from "./StopFindings";
