export { Ledger } from "./Ledger";
export { ChecksPanel } from "./ChecksPanel";
export { FixButtons } from "./FixButtons";
export { applyFirstFix } from "./fixes";
export { VerdictStrip } from "./VerdictStrip";
export { StepFindings } from "./StepFindings";
