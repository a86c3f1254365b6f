import { z } from "zod";
import { mounts } from "../../sky";
import { field, id, name, stated } from "../fields";
import { isJson, type Json, type Loose, type Parts, twiceIn } from "../section";
import { type Plan } from "../document";

/** Where the plan is, how cold and hot it gets there, and the way it travels. */

/** How a value came here: typed, out of a weather file, of a kind of climate; null: nobody said. */
export const sources = ["typed", "file", "climateKind"] as const;
const sourceSchema = z.enum(sources).nullable();

const month = z.strictObject({
  /** Mean air, the usual extremes of a day, °C, and light on the flat, kWh/m² a day. */
  meanC: z.number().min(-80).max(60),
  dayHighC: z.number().min(-80).max(70),
  nightLowC: z.number().min(-90).max(60),
  ghiKwhM2: z.number().min(0).max(15),
  source: sourceSchema,
});

/** A point of the skyline: how high it stands in a direction. Between two points it runs straight. */
const skylinePoint = z.strictObject({ azimuthDeg: field("azimuthDeg"), elevationDeg: field("horizonDeg") });

/** A stay on the way. Dates as YYYY-MM-DD. */
const halt = z.strictObject({
  id,
  name,
  latitudeDeg: field("latitudeDeg"),
  longitudeDeg: field("longitudeDeg"),
  fromDate: z.iso.date(),
  toDate: z.iso.date(),
  /** Where the front points, degrees from north by east; null: not said. */
  headingDeg: stated("azimuthDeg"),
});

export const version = 2;
export const schema = z.strictObject({
  recordLowC: stated("recordLowC"),
  recordLowSource: sourceSchema,
  recordHighC: stated("recordHighC"),
  recordHighSource: sourceSchema,
  placeName: z.string().max(120),
  latitudeDeg: stated("latitudeDeg"),
  longitudeDeg: stated("longitudeDeg"),
  heightM: stated("heightM"),
  timeZone: z.string().max(60).nullable(),
  headingDeg: stated("azimuthDeg"),
  /** How panels are fixed unless a mount says otherwise: how hot they get. */
  mount: z.enum(mounts).nullable(),
  climate: z.strictObject({ kind: id.nullable(), months: z.array(month).length(12) }).nullable(),
  route: z.array(halt).max(60),
  /** The weather file whose hours the year is made of; null: typical months. */
  weather: z.strictObject({ id, name: z.string().max(120) }).nullable(),
  /** Trees, cliffs and houses all round. */
  horizon: z.array(skylinePoint).max(72),
  /** What the year takes off by its name; null: the usual. */
  losses: z.strictObject({
    dirtPct: stated("lossPct"),
    hazePct: stated("lossPct"),
    ageingPct: stated("lossPct"),
    cablePct: stated("lossPct"),
    storingPct: stated("lossPct"),
    /** Of the light on the ground, what it sends back. */ groundPct: stated("lossPct"),
  }),
});
export type Site = z.infer<typeof schema>;
export type ClimateMonth = z.infer<typeof month>;
export type Halt = z.infer<typeof halt>;

export const empty: Site = {
  recordLowC: null,
  recordLowSource: null,
  recordHighC: null,
  recordHighSource: null,
  placeName: "",
  latitudeDeg: null,
  longitudeDeg: null,
  heightM: null,
  timeZone: null,
  headingDeg: null,
  mount: null,
  climate: null,
  route: [],
  weather: null,
  horizon: [],
  losses: { dirtPct: null, hazePct: null, ageingPct: null, cablePct: null, storingPct: null, groundPct: null },
};

export const parts: Parts = { kind: "site", by: "field" };

export const changes = {
  setSite: (plan: Plan, { patch }: { readonly type: "setSite"; readonly patch: Partial<Site> }): Plan => ({
    ...plan,
    site: { ...plan.site, ...sourced(patch) },
  }),
};

/** A record is typed unless it says how else it came. */
function sourced(patch: Partial<Site>): Partial<Site> {
  const source = (valueC: number | null) => (valueC === null ? null : "typed");
  return {
    ...(patch.recordLowC === undefined ? {} : { recordLowSource: source(patch.recordLowC) }),
    ...(patch.recordHighC === undefined ? {} : { recordHighSource: source(patch.recordHighC) }),
    ...patch,
  };
}

export function looseIn({ site: { route } }: Plan): Loose | null {
  const backwards = route.findIndex(({ fromDate, toDate }) => fromDate > toDate);
  if (backwards >= 0) return { path: `site.route.${backwards}.toDate`, problem: "before the day it begins" };
  return twiceIn("site.route", route);
}

export function fromVersion3(plan: Json): unknown {
  const site = plan["site"];
  if (typeof site !== "object" || site === null || Array.isArray(site)) return site;
  const source = (value: unknown) => (typeof value === "number" ? "typed" : null);
  const { recordLowC, recordHighC } = site as Json;
  return {
    ...site,
    recordLowSource: source(recordLowC),
    recordHighSource: source(recordHighC),
    placeName: "",
    longitudeDeg: null,
    heightM: null,
    timeZone: null,
    headingDeg: null,
    climate: null,
    route: [],
  };
}

/** Version 2: the weather file it goes by, the skyline, what the year takes off. */
function toVersion2(older: unknown): unknown {
  const usual = { dirtPct: null, hazePct: null, ageingPct: null, cablePct: null, storingPct: null, groundPct: null };
  return isJson(older) ? { ...older, weather: null, horizon: [], losses: usual } : older;
}

export const upgrades = [toVersion2];
