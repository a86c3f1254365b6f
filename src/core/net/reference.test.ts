import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { operatingPoint } from "../input";
import { atVoltage } from "../iv";
import { fitLabel, type PanelLabel } from "../panel";
import { type Net, solveNet } from ".";

/**
 * Cases solved by a general circuit simulator from the true parameters of made-up panels; only the
 * rounded label is known here. Bars: 0.2 % for Voc, Isc and powers, 0.5 % of Isc along the curve.
 */
const folder = path.join(__dirname, "../fixtures/reference");

type CaseNet = { panel: string; cellTempC?: number; irradianceWm2?: number[] } | { series: CaseNet[] } | { parallel: CaseNet[] };
type Case = {
  case: { panels: Record<string, Partial<PanelLabel>>; net: CaseNet; port?: { minV: number; maxV: number; maxW: number; currentLimits: { fromV: number; toV: number; amps: number }[] } };
  answer: {
    vocV: number;
    iscA: number;
    mpp: { v: number; i: number; p: number };
    localPeaks: { v: number; p: number }[];
    curve: { v: number; i: number }[];
    operating?: { p: number; limitedBy: string };
  };
};

const silent = {
  tempCoVocPctPerC: null, tempCoIscPctPerC: null, tempCoPmaxPctPerC: null, cellsInSeries: null,
  bypassDiodes: null, maxSeriesFuseA: null, maxSystemV: null, cellType: "mono",
} as const;

function toNet(net: CaseNet, models: Map<string, ReturnType<typeof fitLabel>>): Net {
  if ("series" in net) return { type: "series", members: net.series.map((member) => toNet(member, models)) };
  if ("parallel" in net) return { type: "parallel", members: net.parallel.map((member) => toNet(member, models)) };
  const fit = models.get(net.panel);
  if (fit === undefined) throw new Error(`the case names no panel ${net.panel}`);
  return { type: "panel", model: fit.model, cellTempC: net.cellTempC ?? 25, irradianceWm2: net.irradianceWm2 ?? [1000] };
}

function withinPct(actual: number, expected: number, pct: number): void {
  expect(Math.abs(actual - expected)).toBeLessThanOrEqual((pct / 100) * Math.abs(expected) + 1e-9);
}

const files = readdirSync(folder).filter((file) => file.endsWith(".json"));

test("the fixtures are there", () => expect(files.length).toBe(21));

describe.each(files)("%s", (file) => {
  const { case: given, answer } = JSON.parse(readFileSync(path.join(folder, file), "utf8")) as Case;
  const models = new Map(Object.entries(given.panels).map(([key, label]) => [key, fitLabel({ ...silent, ...label } as PanelLabel)]));
  const solution = solveNet(toNet(given.net, models));

  test("open circuit, short circuit and maximum power are within 0.2 %", () => {
    withinPct(solution.vocV, answer.vocV, 0.2);
    withinPct(solution.iscA, answer.iscA, 0.2);
    withinPct(solution.mpp.p, answer.mpp.p, 0.2);
  });

  test("the curve is within 0.5 % of short-circuit current everywhere", () => {
    const worstA = Math.max(...answer.curve.map(({ v, i }) => Math.abs(atVoltage(solution.curve, v).i - i)));
    expect(worstA).toBeLessThanOrEqual(0.005 * answer.iscA);
  });

  test("every real peak is found, and no other", () => {
    const high = (peaks: readonly { v: number; p: number }[]) => peaks.filter(({ p }) => p > 0.05 * answer.mpp.p);
    const found = high(solution.peaks);
    expect(found.length).toBe(high(answer.localPeaks).length);
    high(answer.localPeaks).forEach((peak, k) => withinPct(found[k]?.p ?? 0, peak.p, 0.5));
  });

  const { port } = given;
  if (port === undefined || answer.operating === undefined) return;
  const expected = answer.operating;
  test("it runs where the simulator's port runs", () => {
    const operating = operatingPoint(solution, { ...port, ceilingOnVoc: true });
    expect(operating.limitedBy).toBe(expected.limitedBy);
    withinPct(operating.p, expected.p, 0.2);
  });
});
