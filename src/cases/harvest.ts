import {
  readEpw,
  hoursOfFile,
  type SkyHour,
  type TypicalMonths,
  typicalYear,
  type WeatherPlace,
  type WeatherYear,
} from "../core/engine/weather";
import { type CaseAnswering } from "@/cases/reading";
import { z } from "zod";
import { harvestYear } from "../core/wiring/harvest";
import { type InputWindow } from "../core/engine/pv-input";
import { type HourLight, lightOn } from "../core/engine/light";
import { type Net } from "../core/engine/net";
import { fitLabel, type PanelLabel, type PanelModel } from "../core/engine/panel";
import { drain } from "../core/engine/generators";
import {
  labelSchema,
  type Malformation,
  orMalformed,
  parse,
  portSchema,
  toPanelsAndNet,
  toWindow,
  type Tree,
} from "./parts";

/** A panel of a net in the open: how it lies, how it warms, and the share of the light its parts get. */
export type OpenLeaf = {
  readonly type: "panel";
  readonly key: string;
  readonly tiltDeg: number;
  readonly azimuthDeg: number;
  /** K per W/m² */ readonly rossK: number;
  readonly light: readonly number[];
};

export type HarvestCase = {
  readonly site: Pick<WeatherPlace, "latitudeDeg" | "longitudeDeg" | "utcOffsetH">;
  /** A weather file by its name, or typical months. */
  readonly weather: { readonly epw: string } | { readonly monthly: TypicalMonths };
  readonly albedo: number;
  readonly soiling: number;
  readonly panels: ReadonlyMap<string, PanelLabel>;
  readonly net: Tree<OpenLeaf>;
  readonly port: InputWindow | null;
};

export type HarvestReading = { readonly type: "case"; readonly case: HarvestCase } | Malformation;

const share = z.number().min(0).max(1);
const leafSchema = z.strictObject({
  panel: z.string(),
  tiltDeg: z.number().min(0).max(180),
  azimuthDeg: z.number().min(-360).max(360),
  rossK: z.number().min(0).max(0.2),
  light: z.union([share, z.array(share).min(1).max(1000)]).optional(),
});

/** What a case of a net in the open says besides its kind. */
export const inTheOpen = {
  site: z.strictObject({
    latitudeDeg: z.number().min(-90).max(90),
    longitudeDeg: z.number().min(-180).max(180),
    utcOffsetH: z.number().min(-14).max(14).default(0),
    elevationM: z.number().min(-1000).max(10000).optional(),
  }),
  weather: z.union([
    z.strictObject({ epw: z.string().regex(/^[^/\\]{1,200}$/, "a plain file name, without a path") }),
    z.strictObject({
      monthly: z.strictObject({
        clearness: z.array(share).length(12),
        airTempC: z.array(z.number().min(-90).max(70)).length(12),
        dailyRangeK: z.array(z.number().min(0).max(60)).length(12),
      }),
    }),
  ]),
  albedo: share.default(0.2),
  soiling: share.default(1),
  panels: z.record(z.string(), labelSchema),
  net: z.unknown(),
  port: portSchema.optional(),
};
const caseSchema = z.strictObject({ type: z.literal("harvest"), ...inTheOpen });

export function readHarvestCase(value: unknown): HarvestReading {
  return orMalformed(() => ({ type: "case", case: toCase(value) }) as const);
}

function toCase(value: unknown): HarvestCase {
  return ofParsed(parse(caseSchema, value, "$"));
}

export function ofParsed(parsed: Omit<z.infer<typeof caseSchema>, "type">): HarvestCase {
  const { panels, net } = toPanelsAndNet(parsed, "light", (given, path): OpenLeaf => {
    const { panel: key, light = 1, ...lies } = parse(leafSchema, given, path);
    return { type: "panel", key, ...lies, light: typeof light === "number" ? [light] : light };
  });
  const { site, weather, albedo, soiling } = parsed;
  return { site, weather, albedo, soiling, panels, net, port: toWindow(parsed.port) };
}

export type HarvestAnswer = {
  readonly yearKwh: number;
  readonly monthsKwh: readonly number[];
  readonly offeredKwh: number;
  readonly clippedKwh: number;
  readonly asleepKwh: number;
  readonly poaKwhM2: readonly number[];
};

/** Goes through the year of a case, hour by hour as its weather has them. */
export function answerHarvest(given: HarvestCase, hours: Iterable<SkyHour>): HarvestAnswer {
  const { albedo, soiling, port } = given;
  const models = new Map([...given.panels].map(([key, label]) => [key, fitLabel(label).model]));
  const first = firstLeaf(given.net);
  const poaKwhM2 = Array.from({ length: 12 }, () => 0);
  const { takenKwh, takenByMonthKwh, offeredKwh, clippedKwh, asleepKwh } = drain(
    harvestYear({
      hours,
      port,
      netAt: ({ light, airTempC, month, hours: long }) => {
        poaKwhM2[month - 1] = (poaKwhM2[month - 1] ?? 0) + (long * lightOn(first, light, albedo).totalWm2) / 1000;
        return netInLight(given.net, models, light, airTempC, { albedo, soiling });
      },
    }),
  );
  return { yearKwh: takenKwh, monthsKwh: takenByMonthKwh, offeredKwh, clippedKwh, asleepKwh, poaKwhM2 };
}

/** The hours of a case's weather; those of a file are read by `open`. */
export function hoursOfCase(
  { site, weather }: HarvestCase,
  open: (name: string) => WeatherYear | Malformation,
): Iterable<SkyHour> | Malformation {
  if ("monthly" in weather) return typicalYear(weather.monthly, site);
  const year = open(weather.epw);
  return "type" in year ? year : hoursOfFile(year, site);
}

export function netInLight(
  tree: Tree<OpenLeaf>,
  models: ReadonlyMap<string, PanelModel>,
  light: HourLight,
  airTempC: number,
  { albedo, soiling }: Pick<HarvestCase, "albedo" | "soiling">,
): Net {
  if (tree.type !== "panel")
    return {
      type: tree.type,
      members: tree.members.map((member) => netInLight(member, models, light, airTempC, { albedo, soiling })),
    };
  const model = models.get(tree.key);
  if (model === undefined) throw new Error(`a case that was read names only panels it has: ${tree.key}`);
  const insideWm2 = soiling * lightOn(tree, light, albedo).insideWm2;
  const irradianceWm2 = tree.light.map((part) => part * insideWm2);
  const meanWm2 = irradianceWm2.reduce((sum, each) => sum + each, 0) / irradianceWm2.length;
  return { type: "panel", model, cellTempC: airTempC + tree.rossK * meanWm2, irradianceWm2 };
}

function firstLeaf(tree: Tree<OpenLeaf>): OpenLeaf {
  if (tree.type === "panel") return tree;
  const [first] = tree.members;
  if (first === undefined) throw new Error("a group of a case that was read has members");
  return firstLeaf(first);
}

/** Reads a file that lies beside the case, by its plain name; null where there is none. */
export type Beside = (name: string) => string | null;

/** The year of a net in the open: what it offers and what its port takes, by a weather file. */
export function answerHarvestCase(value: unknown, beside: Beside): CaseAnswering {
  const reading = readHarvestCase(value);
  if (reading.type === "malformed") return reading;
  const path = "$.weather.epw";
  const hours = hoursOfCase(reading.case, (name) => {
    const text = beside(name);
    if (text === null) return { type: "malformed", path, problem: `no file "${name}" beside the case` };
    const weather = readEpw(text);
    if (weather.type === "weather") return weather.year;
    return { type: "malformed", path, problem: `${name}, line ${weather.line}, ${weather.field}: ${weather.problem}` };
  });
  return "type" in hours ? hours : { type: "answer", answer: answerHarvest(reading.case, hours) };
}
