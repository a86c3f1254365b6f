import { type Facing, lightOnPlane } from "../engine/light";
import { solveNet } from "../engine/net";
import { type PanelModel, stcIrradianceWm2 } from "../engine/panel";
import { brightNoonAirC, cellTempC, clearDiffuseShare, longestClearDay } from "../engine/sky";
import { lying, type Stand, standOf } from "../engine/array";
import {
  type Kind,
  kindOf,
  kindsIn,
  type PortArrayContext,
  type PanelHour,
  type Site,
  type SkyState,
  panelNoonW,
} from "./port-array-context";

const daysPerMonth = 30;
/** Light at which one panel is solved, in steps up to more than a clear sky sends to a tilted one, W/m². */
const irradianceSteps = 6;
const maxWm2 = 1.4 * stcIrradianceWm2;

/** Watts of one panel at its free maximum by the light on it, on an ordinary day; between few solved points nearly straight. */
export function powerByLight(model: PanelModel, { mount }: Pick<Site, "mount">): (irradianceWm2: number) => number {
  const wattsPerWm2 = Array.from({ length: irradianceSteps + 1 }, (_, k) => {
    const irradianceWm2 = Math.max(1, (k * maxWm2) / irradianceSteps);
    const warm = cellTempC(brightNoonAirC, irradianceWm2, mount);
    return solveNet({ type: "panel", model, cellTempC: warm, irradianceWm2: [irradianceWm2] }).mpp.p / irradianceWm2;
  });
  return (irradianceWm2) => {
    const at = (irradianceWm2 / maxWm2) * irradianceSteps;
    const k = Math.min(irradianceSteps - 1, Math.floor(at));
    const [low, high] = [wattsPerWm2[k] as number, wattsPerWm2[k + 1] as number];
    return irradianceWm2 * (low + (at - k) * (high - low));
  };
}

/** What one panel, facing so, makes through the year's longest cloudless day. */
export function clearDayOfOnePanel(
  powerAt: (irradianceWm2: number) => number,
  facing: Facing,
  { latitudeDeg }: Pick<Site, "latitudeDeg">,
): PanelHour[] {
  return longestClearDay(latitudeDeg).map(({ hours, ...sample }) => ({
    panelW: powerAt(lightOnPlane(facing, { ...sample, diffuseShare: clearDiffuseShare })),
    hours,
  }));
}

/**
 * A port array at bright noon, and where it runs there; null where nobody knows, or nothing is taken. `flat`: solved with all
 * panels flat, else tilted as they stand.
 */
export type NoonState = Pick<SkyState, "array" | "operating"> & { readonly flat: boolean };

/**
 * Energy of a month of such days, and what a watt limit over all these port arrays together cuts off what they then take, kWh.
 * Panels get the light of the plane they are tilted to. What unequal panels lose to each other at noon they are taken to
 * lose all day: within about 1 % of solving every hour.
 */
export function clearMonthKwh(
  portArrays: readonly PortArrayContext[],
  limitW: number,
  noonOf: (portArray: PortArrayContext) => NoonState,
): { totalKwh: number; clippedKwh: number } {
  const [first] = portArrays;
  if (first === undefined) return { totalKwh: 0, clippedKwh: 0 };
  const days = portArrays.map((portArray) => {
    const counted = termsById(portArray);
    const day = counted.map(({ kind, stand, count }) => ({ count, hours: portArray.clearDay(kind, stand) }));
    const noon = noonOf(portArray);
    const ownW = counted.reduce(
      (sum, { kind, stand, count }) =>
        sum + count * panelNoonW(portArray, kind, noon.flat ? { ...lying, mount: stand.mount } : stand),
      0,
    );
    return { day, joined: ownW > 0 ? noon.array.mpp.p / ownW : 0, taken: takenBy(noon) };
  });
  let totalWh = 0;
  let clippedWh = 0;
  const [sample] = days[0]?.day ?? [];
  for (const [k, { hours }] of (sample?.hours ?? []).entries()) {
    const portArrayW = days.reduce(
      (sum, { day, joined, taken }) =>
        sum + taken(joined * day.reduce((all, { count, hours: of }) => all + count * (of[k]?.panelW ?? 0), 0)),
      0,
    );
    totalWh += portArrayW * hours;
    clippedWh += Math.max(0, portArrayW - limitW) * hours;
  }
  return { totalKwh: (totalWh * daysPerMonth) / 1000, clippedKwh: (clippedWh * daysPerMonth) / 1000 };
}

/** What a port by itself takes of an array's free watts, going by what limits it at noon. */
function takenBy({ array, operating }: NoonState): (freeW: number) => number {
  if (operating === null) return (freeW) => freeW;
  const { p } = operating;
  switch (operating.limitedBy) {
    case "watts":
    case "current":
      return (freeW) => Math.min(freeW, p);
    case "none":
    case "lowPeak":
    case "battery":
    case "window":
    case "asleep":
    case "overVoltage":
      return (freeW) => (array.mpp.p > 0 ? (freeW * p) / array.mpp.p : 0);
  }
}

/** The panels of a port array counted by kind and by how they are fixed and turned; shade and stowing aside. */
function termsById(portArray: PortArrayContext): { kind: Kind; stand: Stand; count: number }[] {
  return kindsIn(portArray).flatMap((kind) => {
    const stands = new Map<string, { kind: Kind; stand: Stand; count: number }>();
    for (const tile of portArray.tiles.filter((each) => kindOf(portArray, each) === kind)) {
      const { tiltDeg, azimuthDeg, mount } = standOf(portArray.position, tile);
      const key = JSON.stringify([tiltDeg, azimuthDeg, mount]);
      const known = stands.get(key) ?? { kind, stand: { ...lying, tiltDeg, azimuthDeg, mount }, count: 0 };
      stands.set(key, { ...known, count: known.count + 1 });
    }
    return [...stands.values()];
  });
}
