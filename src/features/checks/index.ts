export { Ledger } from "./Ledger";
export { LedgerDrawer } from "./LedgerDrawer";
export { applyFirstFix, applyFix } from "./fixes";
export { VerdictStrip } from "./VerdictStrip";
export { StepFindings } from "./StepFindings";
