import { type BatteryReport } from "./battery-report";
import { type LaneReport } from "./lane-report";
import { type ProtectReport } from "./report";

/** The order of work as facts: how the leads are made, how it is connected, and how it is taken off again. */

type AtLane = { readonly lane: LaneReport };

export type Step =
  /** Making the leads, on the bench and on the roof. */
  | { readonly type: "listCables" }
  | ({ readonly type: "fitBox" } & AtLane)
  | { readonly type: "layCables" }
  | ({ readonly type: "threadGlands" } & AtLane)
  | { readonly type: "cutToLength" }
  | { readonly type: "crimp" }
  | { readonly type: "pullAndLabel" }
  | { readonly type: "testLeads" }
  /** Connecting. */
  | { readonly type: "darken" }
  | { readonly type: "allOff" }
  | ({ readonly type: "batteryFirst" } & { readonly battery: BatteryReport })
  | { readonly type: "inputOn" }
  | ({ readonly type: "measureRow"; readonly number: number; readonly vocV: number; readonly coldV: number } & AtLane)
  | ({ readonly type: "joinRows" } & AtLane)
  | ({ readonly type: "putFuses"; readonly amps: number } & AtLane)
  | ({ readonly type: "measureJoined"; readonly vocV: number } & AtLane)
  | ({ readonly type: "plugIn" } & AtLane)
  | ({ readonly type: "switchOn" } & AtLane)
  | { readonly type: "uncover" }
  | { readonly type: "waitAndLook" }
  /** Taking off. */
  | ({ readonly type: "switchOff" } & AtLane)
  | ({ readonly type: "unplugPort" } & AtLane)
  | ({ readonly type: "takeFuses" } & AtLane)
  | ({ readonly type: "partRows" } & AtLane)
  | ({ readonly type: "batteryLast" } & { readonly battery: BatteryReport });

export type WorkOrder = {
  readonly making: readonly Step[];
  readonly connecting: readonly Step[];
  readonly takingOff: readonly Step[];
};

/** Battery first, panels last, and off again the other way round; a gland is threaded before its cable is crimped. */
export function workOrder({ lanes, batteries }: Pick<ProtectReport, "lanes" | "batteries">): WorkOrder {
  const boxed = lanes.filter(({ joint }) => joint === "box");
  const joined = lanes.filter(({ rows }) => rows.length > 1);
  const fused = joined.flatMap((lane) => {
    const amps = lane.isFusedEach ? (lane.fuses?.sizeA ?? null) : null;
    return amps === null ? [] : [{ lane, amps }];
  });
  return {
    making: [
      { type: "listCables" },
      ...boxed.map((lane): Step => ({ type: "fitBox", lane })),
      { type: "layCables" },
      ...boxed.map((lane): Step => ({ type: "threadGlands", lane })),
      { type: "cutToLength" },
      { type: "crimp" },
      { type: "pullAndLabel" },
      { type: "testLeads" },
    ],
    connecting: [
      { type: "darken" },
      { type: "allOff" },
      ...batteries.map((battery): Step => ({ type: "batteryFirst", battery })),
      { type: "inputOn" },
      ...lanes.flatMap((lane) =>
        lane.rows.map(({ number, vocV, coldV }): Step => ({ type: "measureRow", lane, number, vocV, coldV })),
      ),
      ...joined.map((lane): Step => ({ type: "joinRows", lane })),
      ...fused.map(({ lane, amps }): Step => ({ type: "putFuses", lane, amps })),
      ...lanes.flatMap((lane): Step[] => [
        // side by side they stand no higher than the lowest by much
        { type: "measureJoined", lane, vocV: Math.min(...lane.rows.map(({ vocV }) => vocV)) },
        { type: "plugIn", lane },
        { type: "switchOn", lane },
      ]),
      { type: "uncover" },
      { type: "waitAndLook" },
    ],
    takingOff: [
      ...lanes.flatMap((lane): Step[] => [
        { type: "switchOff", lane },
        { type: "unplugPort", lane },
      ]),
      { type: "darken" },
      ...fused.map(({ lane }): Step => ({ type: "takeFuses", lane })),
      ...joined.map((lane): Step => ({ type: "partRows", lane })),
      ...batteries.map((battery): Step => ({ type: "batteryLast", battery })),
    ],
  };
}
