import { atCurrent, atVoltage, type Curve } from "../iv";
import { type Compiler, substringLight } from "./compile";
import { type Net, type PanelNet } from "./net";

export type Flow = { readonly v: number; readonly i: number; readonly p: number };
export type SubstringState = Flow & { readonly bypassed: boolean };

/** What a part of the net does; shaped like the net itself. */
export type BranchState = Flow &
  (
    | { readonly type: "panel"; readonly substrings: readonly SubstringState[] }
    | { readonly type: "group"; readonly members: readonly BranchState[] }
    | { readonly type: "part" }
  );

/** A substring this far below 0 V is carried by its bypass diode, V. */
const bypassedV = -0.15;

/** First step of the search for a current shared in series, A: about what interpolation leaves open. */
const firstReachA = 1e-7;

const flow = (v: number, i: number): Flow => ({ v, i, p: v * i });

/** The state of every part while the net's ends stand at a voltage. Reverse current is negative. */
export function stateAt(compiler: Compiler, net: Net, v: number): BranchState {
  const { curve } = compiler.branch(net);
  return descend(compiler, net, v, curve === null ? 0 : atVoltage(curve, v).i);
}

function descend(compiler: Compiler, net: Net, v: number, i: number): BranchState {
  switch (net.type) {
    case "panel":
      return { ...flow(v, i), type: "panel", substrings: substrings(compiler, net, v, i) };
    case "cable":
    case "blockingDiode":
    case "fuse":
      return { ...flow(v, i), type: "part" };
    case "parallel":
      return {
        ...flow(v, i),
        type: "group",
        members: net.members.map((member) => branchAtVoltage(compiler, member, v)),
      };
    case "series":
      return { ...flow(v, i), type: "group", members: seriesMembers(compiler, net.members, v, i) };
  }
}

function branchAtVoltage(compiler: Compiler, net: Net, v: number): BranchState {
  const { curve } = compiler.branch(net);
  return descend(compiler, net, v, curve === null ? 0 : atVoltage(curve, v).i);
}

/** Members share the current. With one open there is none: the rest stand at open circuit, the open one takes what is left. */
function seriesMembers(compiler: Compiler, members: readonly Net[], v: number, i: number): BranchState[] {
  const curves = members.map((member) => compiler.branch(member).curve);
  const whole = curves.filter((curve) => curve !== null);
  if (whole.length === curves.length) {
    const shared = sharedCurrent(whole, v, i);
    return members.map((member, k) => descend(compiler, member, shared.volts[k] as number, shared.i));
  }
  const open = curves.findIndex((curve) => curve === null);
  const volts = curves.map((curve) => (curve === null ? 0 : atCurrent(curve, 0).v));
  volts[open] = v - volts.reduce((sum, each) => sum + each, 0);
  return members.map((member, k) => descend(compiler, member, volts[k] as number, 0));
}

/**
 * Volts of members in series whose sum is v. Where their curves are flat, the last digits of a
 * current stand for whole volts, so the current read off the sum is refined against the members.
 */
function sharedCurrent(curves: readonly Curve[], v: number, nearI: number): { i: number; volts: number[] } {
  const volts = (i: number) => curves.map((curve) => atCurrent(curve, i).v);
  // more current, less volts: the excess falls as the current rises, so a bracket is safe at any kink
  const excessV = (i: number) => volts(i).reduce((sum, each) => sum + each, -v);
  let low = nearI;
  let high = nearI;
  for (let reach = firstReachA; reach < 1e6 && excessV(low) < 0; reach *= 4) low = nearI - reach;
  for (let reach = firstReachA; reach < 1e6 && excessV(high) > 0; reach *= 4) high = nearI + reach;
  for (let step = 0; step < 60 && high - low > 1e-15 * (1 + Math.abs(low)); step++) {
    const middle = (low + high) / 2;
    if (excessV(middle) > 0) low = middle;
    else high = middle;
  }
  const i = (low + high) / 2;
  return { i, volts: volts(i) };
}

function substrings(compiler: Compiler, net: PanelNet, v: number, nearI: number): SubstringState[] {
  const { i, volts } = sharedCurrent(
    substringLight(net).map((light) => compiler.substring(net, light)),
    v,
    nearI,
  );
  return volts.map((each) => ({ ...flow(each, i), bypassed: net.model.bypassDiodes > 0 && each < bypassedV }));
}
