import { z } from "zod";
import { mounts } from "../../sky";
import { field, id, name, stated } from "../fields";
import { type Json, type Parts } from "../section";
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

export const version = 1;
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
});
export type Site = z.infer<typeof schema>;

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

export function looseIn({ site: { route } }: Plan) {
  const backwards = route.findIndex(({ fromDate, toDate }) => fromDate > toDate);
  return backwards < 0 ? null : { path: `site.route.${backwards}.toDate`, problem: "before the day it begins" };
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

export const upgrades = [];
