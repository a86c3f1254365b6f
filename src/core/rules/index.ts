export { assess, type Assessment, assumedSite, type Fitter, type Missing, portOf } from "./assess";
export { codeTableFactor } from "./cold-voc";
export { type RuleContext, type Site, type SkyState } from "./context";
export { type Amount, type Assumption, type Finding, type Level, levels, type Mend, type Reason, type RuleId, ruleIds, skiesOfRule, worstLevel } from "./finding";
export { passes } from "./mend";
export { rules } from "./rules";
