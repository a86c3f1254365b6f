import { type LabelDoubt, type LabelReading } from "../../engine/panel";
import { type PortArrayContext, kindsIn } from "../../plan-model";
import { type RuleOutcome, type PortArrayRule } from "../../checks";

export type DoubtedLabel = {
  readonly panelName: string;
  readonly doubts: readonly LabelDoubt[];
  readonly reading: LabelReading | null;
};

export type LabelReason = { readonly type: "label"; readonly panels: readonly DoubtedLabel[] };

/**
 * A label that is odd, though a panel could have it: everything judged of the port array rests on it. How little a panel gives
 * for its size is only worth knowing; any other doubt may stand for volts or amps that are not the panel's.
 */
export function doubts(context: PortArrayContext): RuleOutcome<LabelReason> | null {
  const panels = kindsIn(context).flatMap(({ name, doubts: found, reading }) =>
    found.length === 0 ? [] : [{ panelName: name, doubts: found, reading }],
  );
  if (panels.length === 0) return null;
  const mild = panels.every((panel) =>
    panel.doubts.every(({ type, value, least }) => type === "wattsPerArea" && value < least),
  );
  return {
    level: mild ? "note" : "care",
    value: null,
    limit: null,
    marginPct: null,
    assumptions: [],
    reason: { type: "label", panels },
    tiles: [],
  };
}

export const doubtsRule: PortArrayRule<"label", LabelReason> = {
  id: "label",
  step: "panels",
  sense: "atMost",
  chart: { skies: [], edge: null },
  fixedBy: "nothing",
  ofInput: false,
  judge: doubts,
};
