import { type Curve } from "@/core/engine/iv";
import { behindCable, besideOneAnother, createBulkSolver, type Net, type NetSolution } from "@/core/engine/net";
import { stcCellTempC, stcIrradianceWm2 } from "@/core/engine/panel";
import { runPort } from "../../year";
import { type NetMix, type StringMix } from "../exact";
import { type PortCables, type PortKind, type Problem } from "./problem";

/** What a port takes of a net: Wh over all hours (W at noon), and W in each of them. */
export type Taken = { readonly wh: number; readonly wattsAt: Float64Array };

/**
 * What ports take of nets, hour by hour. Strings are solved once for each hour, with the cables that are theirs, and nets are added up
 * from them. Where no cable was measured all of them lie in the strings, as their share of the volts.
 */
export function createMeter({ classes, hours, newDay, cable }: Problem) {
  const solve = createBulkSolver();
  const known = new Map<string, readonly NetSolution[]>();

  function netOf(
    string: StringMix,
    light: (kind: number) => { cellTempC: number; irradianceWm2: readonly number[] },
  ): Net {
    const members = string.flatMap((n, kind): Net[] => {
      const model = classes[kind]?.kind.model;
      if (model === undefined || n === 0) return [];
      const panel: Net = { type: "panel", model, ...light(kind) };
      return Array.from({ length: n }, () => panel);
    });
    return { type: "series", members };
  }

  /** One string under each of some hours; under all unless some are named. */
  function solveString(string: StringMix, cables: PortCables | null, at?: readonly number[]): NetSolution[] {
    const ohm = cables === null ? shareOhm(string) : cables.stringOhm;
    return (at ?? hours.map((_, k) => k)).map((k) => {
      const net = netOf(string, (kind) => lightAt(kind, k));
      return solve(ohm > 0 ? { type: "series", members: [net, { type: "cable", ohm }] } : net);
    });
  }

  function shareOhm(string: StringMix): number {
    const { mpp } = solve(netOf(string, () => ({ cellTempC: stcCellTempC, irradianceWm2: [stcIrradianceWm2] })));
    return mpp.i > 0 ? (cable * mpp.v) / mpp.i : 0;
  }

  function lightAt(kind: number, hour: number) {
    const light = classes[kind]?.light[hour];
    if (light === undefined) throw new Error("every class has its light in every hour");
    return light;
  }

  function stringThrough(string: StringMix, cables: PortCables | null): readonly NetSolution[] {
    const key = `${string.join()} ${cables?.stringOhm ?? ""}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    const made = solveString(string, cables);
    known.set(key, made);
    return made;
  }

  function taken({ running, cables }: Pick<PortKind, "running" | "cables">, net: NetMix): Taken {
    const wattsAt = new Float64Array(hours.length);
    const strings = net.map((string) => stringThrough(string, cables));
    const arrayOhm = cables?.arrayOhm ?? 0;
    let [wh, isAwake] = [0, false];
    for (const [k, long] of hours.entries()) {
      if (newDay[k] === true) isAwake = false;
      const curves = strings.flatMap((string) => string[k]?.curve ?? []);
      const [first, ...others] = curves as [Curve, ...Curve[]];
      const joined = strings.length === 1 ? strings[0]?.[k] : besideOneAnother([first, ...others]);
      if (joined === undefined) continue;
      const whole = arrayOhm > 0 ? behindCable(joined, arrayOhm) : joined;
      const run = runPort(running, whole, isAwake);
      isAwake = run.isAwake;
      wattsAt[k] = run.point.p;
      wh += run.point.p * long;
    }
    return { wh, wattsAt };
  }

  return { taken, solveString, stringThrough };
}

export type Meter = ReturnType<typeof createMeter>;
