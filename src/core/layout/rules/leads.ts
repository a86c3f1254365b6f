import { pieceName } from "../../plan";
import { shortLeads, defaultLeadMm } from "../roof";
import { type PortArray, partsOfKey } from "../../engine/array";
import { type RoofContext, type RoofJudged, type RoofRule } from "./context";

export type LeadsReason = {
  readonly type: "leads";
  readonly fromName: string;
  readonly toName: string;
  readonly apartMm: number;
  readonly reachMm: number;
  readonly leadMm: number;
  /** Whether nobody said how long the leads are. */ readonly isAssumed: boolean;
};

/** Neighbours in a string that lie farther apart than their own leads go. */
function leads({ plan, surfaces }: RoofContext, portArrays: readonly PortArray[]): readonly RoofJudged<LeadsReason>[] {
  const leadMm = plan.space.leadMm ?? defaultLeadMm;
  const strings = portArrays.flatMap((portArray) => portArray.strings);
  return surfaces.flatMap(({ panels }) =>
    shortLeads(strings, new Map(panels.map((panel) => [panel.id, panel])), leadMm).map(
      ({ from, to, apartMm, reachMm }) => ({
        // an extension cable joins them: something to buy, and no reason not to connect
        level: "note" as const,
        value: { value: apartMm, unit: "mm" as const },
        limit: { value: reachMm, unit: "mm" as const },
        marginPct: 100 * (1 - apartMm / reachMm),
        assumptions: [],
        reason: {
          type: "leads" as const,
          fromName: pieceName(plan, from),
          toName: pieceName(plan, to),
          apartMm,
          reachMm,
          leadMm,
          isAssumed: plan.space.leadMm === null,
        },
        tiles: [],
        subject: { type: "piece" as const, ...partsOfKey(to) },
        about: from,
      }),
    ),
  );
}

export const leadsRule: RoofRule<"leads", LeadsReason> = {
  id: "leads",
  step: "layout",
  sense: "atMost",
  chart: { skies: [], edge: null },
  fixedBy: "parts",
  ofInput: false,
  judge: leads,
};
