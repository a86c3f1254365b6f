import { cableAmpsRule } from "./cable-amps";
import { cableDropRule } from "./cable-drop";
import { guardsRule } from "./guards";
import { plugsRule } from "./plugs";
import { shockRule } from "./shock";
import { terminalsRule } from "./terminals";

/** Rules of cables, fuses, switches and plugs, in the order the ledger shows them: a new one is a line here. */
export const copperRules = [cableAmpsRule, cableDropRule, guardsRule, terminalsRule, plugsRule, shockRule] as const;
