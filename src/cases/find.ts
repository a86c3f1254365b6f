import { fullSunWm2 } from "@/core/engine/numeric";
import { z } from "zod";
import { createPowerBound, type FindAsk, findWirings, type NetMix, type StringMix } from "../core/wiring/best-wirings";
import { operatingPoint } from "../core/engine/pv-input";
import { atVoltage } from "../core/engine/iv";
import { besideOneAnother, createSolver, type Net } from "../core/engine/net";
import { fitLabel, type PanelModel } from "../core/engine/panel";
import { drain } from "../core/engine/generators";
import { labelSchema, type Malformation, Malformed, orMalformed, parse, portSchema, toLabels, toWindow } from "./parts";

/** A case that asks for the best wirings of some panels on some ports. */
const findSchema = z.strictObject({
  type: z.literal("find"),
  panels: z.record(z.string(), labelSchema),
  have: z.record(z.string(), z.number().int().min(0).max(60)),
  ports: z
    .array(portSchema.extend({ id: z.string() }))
    .min(1)
    .max(8),
  site: z.strictObject({
    recordLowC: z.number().min(-90).max(60),
    recordHighC: z.number().min(-40).max(70),
    rossK: z.number().min(0).max(0.2),
  }),
  judge: z.strictObject({ irradianceWm2: z.number().positive().max(1500), cellTempC: z.number().min(-60).max(120) }),
  keep: z.number().int().min(1).max(200),
});

type NetAnswer =
  { readonly panel: string } | { readonly series: readonly NetAnswer[] } | { readonly parallel: readonly NetAnswer[] };
export type FindAnswer = {
  readonly best: readonly {
    readonly watts: number;
    readonly panels: number;
    readonly portArrays: readonly { readonly port: string; readonly net: NetAnswer }[];
  }[];
  readonly considered: number;
};

/** The answer, or where in the case the trouble lies. */
export function answerFindCase(
  value: unknown,
): { readonly type: "answer"; readonly answer: FindAnswer } | Malformation {
  return orMalformed(() => ({ type: "answer", answer: found(parse(findSchema, value, "$")) }) as const);
}

function found({ panels, have, ports, site, judge, keep }: z.infer<typeof findSchema>): FindAnswer {
  const labels = toLabels(panels, new Map());
  const kinds = Object.entries(have).map(([key, count]) => {
    const label = labels.get(key);
    if (label === undefined) throw new Malformed(`$.have.${key}`, `no panel "${key}" among panels`);
    return { key, count, label, model: fitLabel(label).model };
  });
  const counts = kinds.map(({ count }) => count);
  /** All panels side by side, each alone: no net of them carries more. */
  const widest = kinds.flatMap(({ count }, kind) => Array.from({ length: count }, () => single(kind, kinds.length)));
  if (widest.length === 0) return { best: [], considered: 0 };
  // strings are solved once, nets are added up from them
  const solverFor = (cellTempC: number, irradianceWm2: number) => {
    const netIn = (net: NetMix) => netOf(net, kinds, cellTempC, irradianceWm2);
    const solve = createSolver(netIn(widest));
    const stringCurve = remembered((string: NetMix) => solve(netIn(string)).curve);
    return (net: NetMix) => {
      const [first, ...others] = net.map((string) => stringCurve([string]));
      if (first === undefined) throw new Error("a net has a row");
      return besideOneAnother([first, ...others]);
    };
  };
  const [judged, cold] = [solverFor(judge.cellTempC, judge.irradianceWm2), solverFor(site.recordLowC, fullSunWm2)];
  const coldVoc = remembered((net: NetMix) => cold(net).vocV);
  const ask: FindAsk = {
    have: counts,
    keep,
    ports: ports.map(({ minV, maxV, maxW, currentLimits }) => {
      const port = { minV, maxV, maxW, currentLimits };
      const window = toWindow(port);
      if (window === null) throw new Malformed("$.ports", "a port has a window");
      const bearsString = (string: StringMix) => {
        const volts = coldVoc([string]);
        return volts <= port.maxV && volts <= minSystemV([string], kinds);
      };
      const own = kinds.map((_, kind) => judged([single(kind, kinds.length)]).mpp.p);
      return {
        bearsString,
        bearsNet: (net) => {
          const least = minSystemV(net, kinds);
          // joined strings stand no higher than the highest of them alone
          return Math.max(...net.map((string) => coldVoc([string]))) <= least || coldVoc(net) <= least;
        },
        takesW: (net) => operatingPoint(judged(net), window).p,
        maxOfNetW: createPowerBound(window, (string, volts) => {
          const { curve, vocV } = judged([string]);
          return volts >= vocV ? 0 : atVoltage(curve, volts).i;
        }),
        maxW: (used) => Math.min(port.maxW, used.reduce((sum, n, kind) => sum + n * (own[kind] ?? 0), 0) * 1.001),
      };
    }),
  };
  const { best, considered } = drain(findWirings(ask));
  return {
    best: best.map(({ watts, panels: used, portArrays }) => ({
      watts,
      panels: used,
      portArrays: portArrays.map(({ port, net }) => ({ port: ports[port]?.id ?? "", net: told(net, kinds) })),
    })),
    considered,
  };
}

function single(kind: number, kinds: number): StringMix {
  return Array.from({ length: kinds }, (_, k) => (k === kind ? 1 : 0));
}

type Kind = {
  readonly key: string;
  readonly label: { readonly maxSystemV: number | null };
  readonly model: PanelModel;
};

function netOf(net: NetMix, kinds: readonly Kind[], cellTempC: number, irradianceWm2: number): Net {
  const strings = net.map((string): Net => {
    const members = string.flatMap((n, kind): Net[] => {
      const model = kinds[kind]?.model;
      return model === undefined
        ? []
        : Array.from({ length: n }, () => ({ type: "panel", model, cellTempC, irradianceWm2: [irradianceWm2] }));
    });
    return { type: "series", members };
  });
  return strings.length === 1 && strings[0] !== undefined ? strings[0] : { type: "parallel", members: strings };
}

/** The least that the insulation of any panel in it bears, V. */
function minSystemV(net: NetMix, kinds: readonly Kind[]): number {
  const stated = net.flatMap((string) =>
    string.flatMap((n, kind) => (n > 0 ? [kinds[kind]?.label.maxSystemV ?? Infinity] : [])),
  );
  return Math.min(Infinity, ...stated);
}

function told(net: NetMix, kinds: readonly Kind[]): NetAnswer {
  const strings = net.map((string): NetAnswer => {
    const panels = string.flatMap((n, kind) => Array.from({ length: n }, () => ({ panel: kinds[kind]?.key ?? "" })));
    return panels.length === 1 && panels[0] !== undefined ? panels[0] : { series: panels };
  });
  return strings.length === 1 && strings[0] !== undefined ? strings[0] : { parallel: strings };
}

function remembered<T>(of: (net: NetMix) => T): (net: NetMix) => T {
  const known = new Map<string, T>();
  return (net) => {
    const key = JSON.stringify(net);
    const before = known.get(key);
    if (before !== undefined) return before;
    const value = of(net);
    known.set(key, value);
    return value;
  };
}
