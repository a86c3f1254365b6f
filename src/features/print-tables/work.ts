import { type ProtectReport, type Step, workOrder } from "@/core/protection/diagram";
import { workTexts } from "@/messages/en/print-tables/view";

export type WorkList = { readonly name: string; readonly steps: readonly Step[] };

/** The orders of work of a wiring by their names: making the leads, connecting, taking off. */
export function workLists(report: ProtectReport): readonly [WorkList, WorkList, WorkList] {
  const { making, connecting, takingOff } = workOrder(report);
  return [
    { name: workTexts.makingTheLeads, steps: making },
    { name: workTexts.connecting, steps: connecting },
    { name: workTexts.disconnecting, steps: takingOff },
  ];
}
