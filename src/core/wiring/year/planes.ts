import { dayMs, hourMs } from "../../engine/numeric";
import { type Plane } from "../../engine/light";
import { type Plan } from "../../plan";
import { assumedSite } from "../../plan-model";
import { sunPosition } from "../../engine/sky";
import { type PanelKey } from "../../engine/array";
import { createTrackerCache, facingsIn } from "./facing";

/** How each panel of a plan lies at a moment: as its position has it, at the tilt of the season, or turned to the sun. */
export function createPlanes(
  plan: Plan,
  positionId: string,
  longitudeDeg: number,
): (key: PanelKey, atMs: number) => Plane {
  const facingOf = facingsIn(plan, positionId);
  const turn = createTrackerCache();
  const { latitudeDeg } = assumedSite(plan.site);
  const longitude = plan.site.longitudeDeg ?? longitudeDeg;
  // by the sun's own clock, which is all that turning by day needs
  const utcOffsetH = Math.round(longitude / 15);
  const stay = { latitudeDeg, longitudeDeg: longitude, utcOffsetH, headingDeg: plan.site.headingDeg ?? 0 };
  return (key, atMs) => {
    const localMs = atMs + utcOffsetH * hourMs;
    const dayOfYear = Math.min(
      365,
      Math.floor((localMs - Date.UTC(new Date(localMs).getUTCFullYear(), 0, 1)) / dayMs) + 1,
    );
    const atHour = (localMs % dayMs) / hourMs;
    const sun = sunPosition(atMs, latitudeDeg, longitude);
    return turn(facingOf(key).facing, { dayOfYear, atHour, sun }, stay);
  };
}
