import { clearHeightRule } from "./clear-height";
import { layoutRule } from "./layout";
import { leadsRule } from "./leads";
import { roofLoadRule } from "./roof-load";

/** Rules of how panels lie, in the order the ledger shows them: a new one is a line here. */
export const roofRules = [layoutRule, roofLoadRule, clearHeightRule, leadsRule] as const;
