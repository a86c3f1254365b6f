import { isJson, type Json, type DanglingReference, type Parts, duplicateId } from "../section";
import { type Plan } from "../plan";
import { type Site } from "../schemas/site";

export { schema } from "../schemas/site";

export const version = 2;

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

export function findDangling({ site: { route } }: Plan): DanglingReference | null {
  const backwards = route.findIndex(({ fromDate, toDate }) => fromDate > toDate);
  if (backwards >= 0) return { path: `site.route.${backwards}.toDate`, problem: "before the day it begins" };
  return duplicateId("site.route", route);
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
