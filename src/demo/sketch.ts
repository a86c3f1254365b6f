import { type DeviceSheet, type End, type PanelSheet, type Plan, type Cable, plainRun } from "@/core/plan";
import { type PortArray, type PvString } from "@/core/engine/array";

export type Sketch = {
  readonly name: string;
  readonly site: Partial<Plan["site"]>;
  readonly panels: readonly { readonly id: string; readonly count: number; readonly sheet: PanelSheet }[];
  readonly inputs: readonly { readonly id: string; readonly sheet: DeviceSheet }[];
  readonly wirings: readonly {
    readonly id: string;
    readonly name: string;
    readonly note: string;
    readonly positionIds?: readonly string[];
    readonly portArrays: readonly PortArray[];
    readonly runs?: Plan["wirings"][number]["runs"];
    readonly guards?: Plan["wirings"][number]["guards"];
  }[];
  readonly protect?: Partial<Plan["protect"]>;
  readonly positions?: Plan["positions"];
  readonly need?: Partial<Plan["need"]>;
  readonly mounts?: Plan["mounts"];
  readonly fixings?: readonly Plan["fixings"]["list"][number][];
  readonly space?: Plan["space"];
  readonly notes: Partial<Plan["notes"]>;
};

export const portArray = (inputId: string, portId: string, strings: readonly PvString[]): PortArray => ({
  inputId,
  portId,
  strings,
});

type Load = Plan["need"]["loads"][number];

export type Battery = Plan["need"]["batteries"][number];

/** An appliance, on the battery all year and all day unless said otherwise. */
export const load = (id: string, name: string, more: Partial<Load>): Load => ({
  id,
  name,
  count: 1,
  watts: null,
  amps: null,
  use: "hours",
  hoursADay: null,
  timesADay: null,
  timesWh: null,
  supply: "dc",
  seasons: ["winter", "spring", "summer", "autumn"],
  when: "allDay",
  batteryId: null,
  ...more,
});

export const battery = (id: string, name: string, more: Partial<Battery>): Battery => ({
  id,
  name,
  chemistry: "lithium",
  volts: null,
  capacityAh: null,
  usablePct: null,
  maxChargeA: null,
  keptWarm: false,
  standingW: null,
  inputIds: [],
  ...more,
});

/** A thing on the roof of the Lantern. */
export const standing = (
  id: string,
  name: string,
  kind: Plan["space"]["obstacles"][number]["kind"],
  [xMm, yMm]: readonly [number, number],
  [lengthMm, widthMm, heightMm]: readonly [number, number, number],
  clearanceMm: number,
): Plan["space"]["obstacles"][number] => ({
  id,
  name,
  surfaceId: "roof",
  kind,
  xMm,
  yMm,
  zMm: 0,
  shape: { type: "box", lengthMm, widthMm, heightMm, turnDeg: 0 },
  clearanceMm,
  planned: false,
});

export const pressEnd = (type: "junction" | "isolator" | "port"): End => ({ type, inputId: "press", portId: "pv" });

/** A cable of the Lantern, on its roof unless said otherwise. */
export const cable = (id: string, from: End, to: End, more: Partial<Cable>): Cable => ({
  ...plainRun(id, "Cable", from, to),
  ...more,
});

/** One of the folding pair, closed in the book bay. */
export const closed = (piece: number): Plan["positions"][number]["stands"][number] => ({
  panelId: "bookbay",
  piece,
  stance: "stowed",
  light: [1],
  tiltDeg: 0,
  azimuthDeg: null,
});
