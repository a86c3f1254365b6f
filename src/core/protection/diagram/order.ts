import { type BatteryReport } from "./battery-report";
import { type PortArrayReport } from "./port-array-report";
import { type ProtectReport } from "./report";

/** The order of work as facts: how the leads are made, how it is connected, and how it is taken off again. */

type AtPortArray = { readonly portArray: PortArrayReport };

export type Step =
  /** Making the leads, on the bench and on the roof. */
  | { readonly type: "listCables" }
  | ({ readonly type: "fitBox" } & AtPortArray)
  | { readonly type: "layCables" }
  | ({ readonly type: "threadGlands" } & AtPortArray)
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
      readonly type: "measureString";
      readonly number: number;
      readonly vocV: number;
      readonly coldV: number;
      readonly lowV: number;
    } & AtPortArray)
  | ({ readonly type: "joinStrings" } & AtPortArray)
  | ({ readonly type: "putFuses" } & AtPortArray)
  | ({ readonly type: "measureJoined"; readonly lowestV: number; readonly highestV: number } & AtPortArray)
  | ({ readonly type: "coverAgain" } & AtPortArray)
  | ({ readonly type: "plugIn" } & AtPortArray)
  | ({ readonly type: "switchOn" } & AtPortArray)
  | { readonly type: "uncover" }
  | { readonly type: "waitAndLook" }
  /** Taking off. */
  | ({ readonly type: "switchOff" } & AtPortArray)
  | ({ readonly type: "unplugPort" } & AtPortArray)
  | ({ readonly type: "takeFuses" } & AtPortArray)
  | ({ readonly type: "partStrings" } & AtPortArray)
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
export function workOrder({ portArrays, batteries }: Pick<ProtectReport, "portArrays" | "batteries">): WorkOrder {
  const boxed = portArrays.filter(({ joint }) => joint === "box");
  const joined = portArrays.filter(({ strings }) => strings.length > 1);
  const fused = portArrays.filter(({ branches }) => branches.some(({ fuseA }) => fuseA !== null));
  return {
    making: [
      { type: "listCables" },
      ...boxed.map((portArray): Step => ({ type: "fitBox", portArray })),
      { type: "layCables" },
      ...boxed.map((portArray): Step => ({ type: "threadGlands", portArray })),
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
      ...portArrays.flatMap((portArray) =>
        portArray.strings.map(({ number, vocV, coldV, lowV }): Step => ({
          type: "measureString",
          portArray,
          number,
          vocV,
          coldV,
          lowV,
        })),
      ),
      ...joined.map((portArray): Step => ({ type: "joinStrings", portArray })),
      ...fused.map((portArray): Step => ({ type: "putFuses", portArray })),
      ...portArrays.flatMap((portArray): Step[] => [
        {
          type: "measureJoined",
          portArray,
          lowestV: Math.min(...portArray.strings.map(({ vocV }) => vocV)),
          highestV: Math.max(...portArray.strings.map(({ vocV }) => vocV)),
        },
        ...(portArray.hasSwitch ? [] : [{ type: "coverAgain", portArray } as const]),
        { type: "plugIn", portArray },
        ...(portArray.hasSwitch ? [{ type: "switchOn", portArray } as const] : []),
      ]),
      { type: "uncover" },
      { type: "waitAndLook" },
    ],
    takingOff: [
      ...portArrays.filter(({ hasSwitch }) => hasSwitch).map((portArray): Step => ({ type: "switchOff", portArray })),
      { type: "darken" },
      ...portArrays.map((portArray): Step => ({ type: "unplugPort", portArray })),
      ...fused.map((portArray): Step => ({ type: "takeFuses", portArray })),
      ...joined.map((portArray): Step => ({ type: "partStrings", portArray })),
      ...batteries.map((battery): Step => ({ type: "batteryLast", battery })),
    ],
  };
}
