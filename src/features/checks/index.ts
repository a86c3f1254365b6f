export { Ledger } from "./Ledger";
export { LedgerDrawer } from "./LedgerDrawer";
export { FixButtons } from "./FixButtons";
export { applyFirstFix } from "./fixes";
export { VerdictStrip } from "./VerdictStrip";
export { StepFindings } from "./StepFindings";
