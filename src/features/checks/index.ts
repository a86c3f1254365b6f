export { Ledger } from "./Ledger";
export { LedgerDrawer } from "./LedgerDrawer";
export { applyFirstMend, applyMend } from "./fixes";
export { VerdictStrip } from "./VerdictStrip";
export { StepFindings } from "./StepFindings";
