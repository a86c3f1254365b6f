import { type LimitedBy, type OperatingPoint, type SharedLimit, sharedOut } from "../../engine/pv-input";
import { portOf, type SolvableWiring } from "../../plan-model";
import { keyOf, tilesOf } from "../../engine/array";
import { type SkyHour } from "../../engine/weather";
import { type Stay } from "./facing";
import { type PortArraySun, type YearPortArray, yearPortArray } from "./port-array";
import { type LossName, type Losses, noLosses } from "./losses";
import { type Surroundings } from "./panel-hour";
import { nothing, runPort } from "./port-operation";

/** A port array in an hour, W. `couldW` less its losses is `takenW`. */
export type PortArrayHour = {
  readonly couldW: number;
  readonly offeredW: number;
  readonly takenW: number;
  /** Whether the port takes anything. */ readonly awake: boolean;
  readonly losses: Losses;
};

/** Why a port leaves something, as a loss of the year. */
const lossBy: Readonly<Record<LimitedBy, LossName>> = {
  // what is left at a free maximum is the last digits of two sums
  none: "clippedVolts",
  current: "clippedAmps",
  watts: "clippedWatts",
  window: "clippedVolts",
  lowPeak: "lowPeak",
  battery: "pwm",
  asleep: "asleep",
  overVoltage: "overVoltage",
};

type Group = { readonly members: readonly number[]; readonly limit: SharedLimit; readonly loss: LossName };

/** The port arrays of a wiring through the hours of a year. Those whose labels cannot be read or whose port is gone are left out. */
export function createArray(ready: SolvableWiring, positionIds: readonly string[], around: Surroundings) {
  const { plan, common } = ready;
  const portArrays = ready.wired.flatMap((portArray): YearPortArray[] => {
    const found = portOf(plan, portArray);
    const isRead = tilesOf([portArray]).every(
      (tile) => common.kinds.has(keyOf(tile)) || common.kinds.has(tile.panelId),
    );
    if (found === undefined || !isRead) return [];
    return [yearPortArray(ready, portArray, found.port, positionIds, around)].flatMap((made) => made ?? []);
  });
  const groups = plan.inputs.flatMap(({ id, device }) =>
    device.groups.flatMap(({ portIds, maxW, maxA }): Group[] => {
      const members = portArrays.flatMap(({ portArray: { inputId, portId } }, k) =>
        inputId === id && portId !== null && portIds.includes(portId) ? [k] : [],
      );
      if (members.length === 0 || (maxW === null && maxA === null)) return [];
      return [{ members, limit: { maxW, maxA }, loss: maxW === null ? "clippedAmps" : "clippedWatts" }];
    }),
  );
  const awake = new Set<YearPortArray>();

  function runningAlone(portArray: YearPortArray, { solution }: PortArraySun): OperatingPoint {
    const before = awake.has(portArray);
    const { point, isAwake } = runPort(portArray, solution, before);
    if (isAwake) awake.add(portArray);
    else if (before) awake.delete(portArray);
    return point;
  }

  /** What the ports of each group then give way to, W, by port array, and to what. */
  function givenWay(suns: readonly PortArraySun[], alone: readonly OperatingPoint[]) {
    const taken = alone.map(({ p }) => p);
    const by = alone.map((): LossName => "clippedWatts");
    for (const { members, limit, loss } of groups) {
      const running = members.flatMap((k) => {
        const [portArray, sun, point] = [portArrays[k], suns[k], alone[k]];
        if (
          portArray === undefined ||
          portArray.window === null ||
          sun === undefined ||
          point === undefined ||
          !(point.p > 0)
        )
          return [];
        return [{ k, array: sun.solution, window: portArray.window, tracking: portArray.tracking, alone: point }];
      });
      for (const [n, { p }] of sharedOut(running, limit).entries()) {
        const k = running[n]?.k;
        if (k === undefined || p >= (taken[k] ?? 0)) continue;
        taken[k] = p;
        by[k] = loss;
      }
    }
    return { taken, by };
  }

  /** Every port array through one hour. With a new day all ports are asleep. */
  function hourOf(hour: SkyHour, stay: Stay, positionId: string, isNewDay: boolean): readonly PortArrayHour[] {
    if (isNewDay) awake.clear();
    const suns = portArrays.map((portArray) => portArray.sunOf(hour, stay, positionId));
    const alone = suns.map((sun, k) => {
      const portArray = portArrays[k];
      return portArray === undefined ? nothing : runningAlone(portArray, sun);
    });
    const { taken, by } = groups.length === 0 ? { taken: alone.map(({ p }) => p), by: [] } : givenWay(suns, alone);
    return suns.map((sun, k) => accountOf(sun, alone[k] ?? nothing, taken[k] ?? 0, by[k] ?? "clippedWatts"));
  }

  return { portArrays: portArrays.map(({ portArray }) => portArray), hourOf };
}

function accountOf(
  { panels, solution, cableW }: PortArraySun,
  alone: OperatingPoint,
  takenW: number,
  sharedBy: LossName,
) {
  const offeredW = solution.mpp.p;
  // the net is solved by a curve of few points: what it has above the sum of its panels is no gain
  const ownW = Math.max(panels.ownW, offeredW + cableW);
  const aloneW = Math.min(offeredW, alone.p);
  const lastW = Math.min(aloneW, takenW);
  const losses = noLosses();
  losses.slant = panels.slantW;
  losses.skyline = panels.skylineW;
  losses.shade = panels.shadeW;
  losses.stowed = panels.stowedW;
  losses.dirt = panels.dirtW;
  losses.haze = panels.hazeW;
  losses.ageing = panels.ageingW;
  losses.heat = panels.heatW + panels.ownW - ownW;
  losses.unequal = ownW - offeredW - cableW;
  losses.cable = cableW;
  losses[lossBy[alone.limitedBy]] += offeredW - aloneW;
  losses[sharedBy] += aloneW - lastW;
  return { couldW: panels.couldW, offeredW, takenW: lastW, awake: lastW > 0, losses };
}
