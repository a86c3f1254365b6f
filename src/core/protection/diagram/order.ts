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
  | ({
      readonly type: "measureRow";
      readonly number: number;
      readonly vocV: number;
      readonly coldV: number;
      readonly lowV: number;
    } & AtLane)
  | ({ readonly type: "joinRows" } & AtLane)
  | ({ readonly type: "putFuses" } & AtLane)
  | ({ readonly type: "measureJoined"; readonly lowestV: number; readonly highestV: number } & AtLane)
  | ({ readonly type: "coverAgain" } & AtLane)
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

/**
 * To connect: battery first, then panels; strings are joined dark, fuses go in before the isolator is closed. To disconnect: isolator off,
 * panels covered before any connector is opened, battery last. A gland is threaded before its cable is crimped.
 */
export function workOrder({ lanes, batteries }: Pick<ProtectReport, "lanes" | "batteries">): WorkOrder {
  const boxed = lanes.filter(({ joint }) => joint === "box");
  const joined = lanes.filter(({ rows }) => rows.length > 1);
  const fused = lanes.filter(({ branches }) => branches.some(({ fuseA }) => fuseA !== null));
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
      { type: "allOff" },
      { type: "darken" },
      ...batteries.map((battery): Step => ({ type: "batteryFirst", battery })),
      { type: "inputOn" },
      ...lanes.flatMap((lane) =>
        lane.rows.map(({ number, vocV, coldV, lowV }): Step => ({
          type: "measureRow",
          lane,
          number,
          vocV,
          coldV,
          lowV,
        })),
      ),
      ...joined.map((lane): Step => ({ type: "joinRows", lane })),
      ...fused.map((lane): Step => ({ type: "putFuses", lane })),
      ...lanes.flatMap((lane): Step[] => [
        {
          type: "measureJoined",
          lane,
          lowestV: Math.min(...lane.rows.map(({ vocV }) => vocV)),
          highestV: Math.max(...lane.rows.map(({ vocV }) => vocV)),
        },
        ...(lane.hasSwitch ? [] : [{ type: "coverAgain", lane } as const]),
        { type: "plugIn", lane },
        ...(lane.hasSwitch ? [{ type: "switchOn", lane } as const] : []),
      ]),
      { type: "uncover" },
      { type: "waitAndLook" },
    ],
    takingOff: [
      ...lanes.filter(({ hasSwitch }) => hasSwitch).map((lane): Step => ({ type: "switchOff", lane })),
      { type: "darken" },
      ...lanes.map((lane): Step => ({ type: "unplugPort", lane })),
      ...fused.map((lane): Step => ({ type: "takeFuses", lane })),
      ...joined.map((lane): Step => ({ type: "partRows", lane })),
      ...batteries.map((battery): Step => ({ type: "batteryLast", battery })),
    ],
  };
}
