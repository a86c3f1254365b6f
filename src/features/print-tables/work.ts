import { type ProtectReport, type Step, workOrder } from "@/core/protection/diagram";

export type WorkList = { readonly name: string; readonly steps: readonly Step[] };

/** The orders of work of a wiring by their names: making the leads, connecting, taking off. */
export function workLists(report: ProtectReport): readonly [WorkList, WorkList, WorkList] {
  const { making, connecting, takingOff } = workOrder(report);
  return [
    { name: "Making the leads", steps: making },
    { name: "Connecting it", steps: connecting },
    { name: "Taking it off", steps: takingOff },
  ];
}
