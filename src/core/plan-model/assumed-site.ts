import { carefulRecords, doKindsAgree, extremeRecords } from "../site/climate";
import { type Plan } from "../plan";
import { brightNoonAirC, type Mount } from "../engine/sky";
import { type Site } from "./port-array-context";
import { type Assumption } from "./assumption";

/** Taken for a site that says no latitude. */
export const assumedLatitudeDeg = 45;

const assumedMount: Mount = "roofGap";

/**
 * What is taken for a site where it does not say. Records: the lowest and the highest of every kind of climate there may be at
 * its latitude and at every halt of its route; where there is none, of all kinds anywhere, and they are asked.
 */
export function assumedSite({ latitudeDeg, route }: Pick<Plan["site"], "latitudeDeg" | "route">): Site {
  const at = latitudeDeg ?? assumedLatitudeDeg;
  const records = [at, ...route.map((halt) => halt.latitudeDeg)].map((each) => carefulRecords(each) ?? extremeRecords);
  const lowC = Math.min(...records.map((each) => each.lowC));
  const highC = Math.max(...records.map((each) => each.highC));
  return { recordLowC: lowC, recordHighC: highC, latitudeDeg: at, longitudeDeg: null, mount: assumedMount };
}

type LowOf = "unsaid" | "kind" | "kindsDiffer";

/**
 * The record low that holds, and on whose word: a kind of climate says nothing of the place itself, and while the kinds there may be differ
 * by more than 10 K the coldest of them holds. Null: typed, or of a weather file.
 */
export function recordLowOf(site: Plan["site"]): { readonly lowC: number; readonly by: LowOf | null } {
  const assumedC = assumedSite(site).recordLowC;
  if (site.recordLowC === null) return { lowC: Math.min(assumedC, site.recordHighC ?? assumedC), by: "unsaid" };
  if (site.recordLowSource !== "climateKind") return { lowC: site.recordLowC, by: null };
  const places = [site.latitudeDeg ?? assumedLatitudeDeg, ...site.route.map(({ latitudeDeg }) => latitudeDeg)];
  return places.every(doKindsAgree)
    ? { lowC: site.recordLowC, by: "kind" }
    : { lowC: Math.min(site.recordLowC, assumedC), by: "kindsDiffer" };
}

export function siteOf({ site }: Plan): Site {
  const assumed = assumedSite(site);
  const recordLowC = recordLowOf(site).lowC;
  return {
    recordLowC,
    recordHighC: site.recordHighC ?? Math.max(assumed.recordHighC, recordLowC),
    latitudeDeg: assumed.latitudeDeg,
    longitudeDeg: site.longitudeDeg,
    mount: site.mount ?? assumed.mount,
  };
}

export function assumptionsOf(plan: Plan): Assumption[] {
  const { site } = plan;
  const { recordLowC, recordHighC, latitudeDeg, mount } = siteOf(plan);
  const assumed: Assumption[] = [{ type: "noonAir", valueC: brightNoonAirC }];
  const { by } = recordLowOf(site);
  if (by !== null) assumed.push({ type: "recordLow", valueC: recordLowC, by });
  if (site.recordHighC === null) assumed.push({ type: "recordHigh", valueC: recordHighC });
  if (site.latitudeDeg === null) assumed.push({ type: "latitude", valueDeg: latitudeDeg });
  if (site.mount === null) assumed.push({ type: "mount", mount });
  return assumed;
}
