import { hourMs } from "@/core/engine/numeric";
import { z } from "zod";
import { operatingPoint } from "../core/engine/pv-input";
import {
  findingsOf,
  lightOfWord,
  type LogEvent,
  type LogFinding,
  type logFindingIds,
  type LogPoint,
} from "../core/log";
import { createBulkSolver, type Net, substringCount } from "../core/engine/net";
import { fitLabel, type PanelModel } from "../core/engine/panel";
import { clearHour } from "../core/engine/weather";
import { type HarvestCase, inTheOpen, netInLight, ofParsed, type OpenLeaf } from "./harvest";
import { type Malformation, orMalformed, parse, type Tree } from "./parts";

/** Cases about a log: what each reading should have been for its light, and what the whole of them shows. */

const words = ["clear", "haze", "broken", "overcast"] as const;
const at = z.iso.datetime();
const schema = z.strictObject({
  type: z.literal("logbook"),
  ...inTheOpen,
  readings: z
    .array(
      z
        .strictObject({
          atUtc: at,
          watts: z.number().min(-1e6).max(1e6).optional(),
          kwh: z.number().min(-1e4).max(1e4).optional(),
          cloud: z.enum(words).optional(),
          airTempC: z.number().min(-60).max(60).optional(),
          batterySoc: z.number().min(0).max(100).optional(),
        })
        .refine(({ watts, kwh }) => (watts === undefined) !== (kwh === undefined), {
          message: "watts or kwh, one of them",
          path: ["watts"],
        }),
    )
    .max(50_000),
  events: z.array(z.strictObject({ atUtc: at, what: z.enum(["cleaned", "tilted", "rain", "stormed"]) })).max(10_000),
});
type Reading = z.infer<typeof schema>["readings"][number];

export type LogbookAnswer = {
  readonly days: readonly { readonly date: string; readonly expectedKwh: number; readonly share: number }[];
  readonly findings: readonly {
    readonly id: (typeof logFindingIds)[number];
    readonly sinceUtc: string;
    readonly lossPct: number;
  }[];
};

const defaultAirC = 15;

export function answerLogbookCase(
  value: unknown,
): { readonly type: "answer"; readonly answer: LogbookAnswer } | Malformation {
  return orMalformed(() => {
    const { readings, events, ...open } = parse(schema, value, "$");
    return { type: "answer", answer: answered(ofParsed(open), readings, events) } as const;
  });
}

function answered(
  given: HarvestCase,
  readings: readonly Reading[],
  events: z.infer<typeof schema>["events"],
): LogbookAnswer {
  const due = createDue(given);
  const byDate = new Map<string, { kwh: number; shares: number[] }>();
  const points: LogPoint[] = [];
  for (const reading of [...readings].sort((a, b) => (a.atUtc < b.atUtc ? -1 : 1))) {
    const atMs = Date.parse(reading.atUtc);
    const date = localDate(atMs, given.site.utcOffsetH);
    const light = reading.cloud === undefined ? 1 : lightOfWord[reading.cloud];
    const airC = reading.airTempC ?? defaultAirC;
    const before = byDate.get(date);
    const day = before ?? { kwh: due.dayKwh(date, light, airC), shares: [] };
    byDate.set(date, day);
    const moment = reading.kwh === undefined ? due.at(atMs, light, airC) : due.noon(date);
    if (moment === null) continue;
    const most = reading.kwh === undefined ? moment.watts : day.kwh;
    const share = most > minDue ? (reading.watts ?? reading.kwh ?? 0) / most : 0;
    if (most <= minDue) continue;
    day.shares.push(share);
    points.push({
      atMs,
      share,
      cloud: reading.cloud ?? null,
      socPct: reading.batterySoc ?? null,
      azimuthDeg: moment.azimuthDeg,
      elevationDeg: moment.elevationDeg,
    });
  }
  const log = events.map(({ atUtc, what }): LogEvent => ({ atMs: Date.parse(atUtc), what }));
  return {
    days: [...byDate].map(([date, { kwh, shares }]) => ({ date, expectedKwh: kwh, share: middle(shares) })),
    findings: findingsOf(points, log, arrayOf(given)).map(told),
  };
}
/** Less than this is due of nothing, W or kWh. */
const minDue = 1e-3;

function told({ id, sinceMs, lossPct }: LogFinding) {
  return { id, sinceUtc: new Date(sinceMs).toISOString(), lossPct };
}

function middle(shares: readonly number[]): number {
  const sorted = [...shares].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
}

function localDate(atMs: number, utcOffsetH: number): string {
  return new Date(atMs + utcOffsetH * hourMs).toISOString().slice(0, 10);
}

/** What the array of a case should give under a cloudless sky, and a share of its light. */
function createDue({ site, net, panels, albedo, soiling, port }: HarvestCase) {
  const models = new Map<string, PanelModel>([...panels].map(([key, label]) => [key, fitLabel(label).model]));
  const solve = createBulkSolver();
  const at = (atMs: number, share: number, airC: number) => {
    const hour = clearHour(atMs, site.latitudeDeg, site.longitudeDeg);
    if (hour === null) return null;
    // a share of the light is a share of all of it: what clouds take they take from everywhere
    const lit = netInLight(net, models, hour, airC, { albedo, soiling: soiling * share });
    const solved = solve(lit satisfies Net);
    const watts = port === null ? solved.mpp.p : Math.min(solved.mpp.p, operatingPoint(solved, port).p);
    return { watts, ...hour.sun };
  };
  const dayOf = (date: string) => Date.parse(`${date}T00:00:00Z`) - site.utcOffsetH * hourMs;
  return {
    at,
    noon: (date: string) => at(dayOf(date) + 12 * hourMs, 1, defaultAirC),
    dayKwh: (date: string, share: number, airC: number) =>
      Array.from({ length: 24 }, (_, hour) => at(dayOf(date) + (hour + 0.5) * hourMs, share, airC)?.watts ?? 0).reduce(
        (sum, watts) => sum + watts / 1000,
        0,
      ),
  };
}

function arrayOf({ net, panels }: HarvestCase) {
  const leaves = leavesOf(net);
  const parts = leaves.map(({ key }) => {
    const label = panels.get(key);
    return label === undefined ? 1 : substringCount(fitLabel(label).model);
  });
  return { panels: Math.max(1, leaves.length), partsOfPanel: Math.max(1, ...parts) };
}

function leavesOf(tree: Tree<OpenLeaf>): readonly OpenLeaf[] {
  return tree.type === "panel" ? [tree] : tree.members.flatMap(leavesOf);
}
