import { operatingPoint } from "../core/engine/pv-input";
import { atVoltage } from "../core/engine/iv";
import { type Net, type NetSolution, solveNet } from "../core/engine/net";
import { fitLabel, type PanelModel } from "../core/engine/panel";
import { type CaseNet, type EngineCase } from "./net-case";

export type CaseAnswer = {
  readonly vocV: number;
  readonly iscA: number;
  readonly mpp: { readonly v: number; readonly i: number; readonly p: number };
  readonly localPeaks: readonly { readonly v: number; readonly p: number }[];
  readonly curve: readonly { readonly v: number; readonly i: number }[];
  readonly operating?: { readonly v: number; readonly i: number; readonly p: number; readonly limitedBy: string };
  readonly medianMs?: number;
};

/** Peaks lower than this share of the greatest are not reported. */
const minPeak = 0.02;

/** Solves a case. `nowMs` is a clock for the repeated solves, which time the net alone (labels are fitted once). */
export function answerCase(given: EngineCase, nowMs: () => number): CaseAnswer {
  const models = new Map([...given.panels].map(([key, label]) => [key, fitLabel(label).model]));
  const net = toEngineNet(given.net, models);
  const solution = solveNet(net);
  return {
    vocV: tidy(solution.vocV),
    iscA: tidy(solution.iscA),
    mpp: { v: tidy(solution.mpp.v), i: tidy(solution.mpp.i), p: tidy(solution.mpp.p) },
    localPeaks: solution.peaks
      .filter(({ p }) => p > minPeak * solution.mpp.p)
      .map(({ v, p }) => ({ v: tidy(v), p: tidy(p) })),
    curve: given.sampleV.map((v) => ({ v, i: tidy(atVoltage(solution.curve, v).i) })),
    ...(given.port === null ? {} : { operating: operatingOf(solution, given.port) }),
    ...(given.repeat === null ? {} : { medianMs: medianMs(net, given.repeat, nowMs) }),
  };
}

function operatingOf(
  solution: NetSolution,
  port: NonNullable<EngineCase["port"]>,
): NonNullable<CaseAnswer["operating"]> {
  const { v, i, p, limitedBy } = operatingPoint(solution, port);
  return { v: tidy(v), i: tidy(i), p: tidy(p), limitedBy };
}

function toEngineNet(net: CaseNet, models: ReadonlyMap<string, PanelModel>): Net {
  if (net.type !== "panel")
    return { type: net.type, members: net.members.map((member) => toEngineNet(member, models)) };
  const model = models.get(net.key);
  if (model === undefined) throw new Error(`a case that was read names only panels it has: ${net.key}`);
  return { type: "panel", model, cellTempC: net.cellTempC, irradianceWm2: net.irradianceWm2 };
}

function medianMs(net: Net, repeat: number, nowMs: () => number): number {
  const times = Array.from({ length: repeat }, () => {
    const start = nowMs();
    solveNet(net);
    return nowMs() - start;
  }).sort((a, b) => a - b);
  return tidy(times[Math.floor(times.length / 2)] ?? 0);
}

/** Seven significant digits: more than the model means, fewer than a reader minds. */
function tidy(value: number): number {
  return Number(value.toPrecision(7));
}
