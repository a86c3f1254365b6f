import { lightOn, type Plane, skylineOf } from "../../engine/light";
import { type Plan, positionIn, type Surface } from "../../plan";
import {
  boundsOf,
  createShadows,
  type Frame,
  frameOf,
  heldInGroups,
  type LaidPanel,
  obstaclesOn,
  panelsOn,
  pointsOf,
  type Polygon,
  shadowsOnSurface,
  sunOver,
} from "../../layout/roof";
import { type SunPosition } from "../../engine/sky";
import { kindsOfDay, type SkyHour, type WeatherYear } from "../../engine/weather";
import { partsOfKey, standOf } from "../../engine/array";
import { type Stay } from "./facing";
import { sharesOf } from "./shares";
import { skyOf } from "./sky-of";

/** What shadows take of a surface's light in a year, spot by spot, and of its panels. */
export type ShadeMap = {
  readonly spotMm: number;
  readonly leftMm: number;
  readonly backMm: number;
  readonly columns: number;
  readonly rows: number;
  /** By spot, row by row from the back: kWh/m² a year that what stands there takes of it. */
  readonly lostKwhM2: Float32Array;
  /** What the surface would get with nothing on it, kWh/m² a year. */ readonly openKwhM2: number;
  readonly panels: readonly PanelShadeYear[];
};

/** A panel by itself in a year: what it would bring out of all shadows, and what they cost, as its substrings run and the other way. */
export type PanelShadeYear = {
  readonly id: string;
  readonly couldKwh: number;
  readonly lostKwh: number;
  readonly otherWayLostKwh: number;
};

export type ShadeMapParts = {
  readonly plan: Plan;
  readonly surfaceId: string;
  readonly positionId: string;
  readonly weather: WeatherYear | null;
};

/** Spots are of this size, and larger where a surface would have too many. */
const finestSpotMm = 50;
const maxSpots = 6000;
/** Spots lie as high as panels usually do over a roof. */
const spotHeightMm = 40;

/**
 * The year's light under every place the sun takes: hours of one month and time of day are taken together, under the sun of the day
 * nearest its middle (a typical month has no other). Straight light only can be lost to a shadow. The panels' kWh are each panel's by
 * itself, its substrings bypassed where that brings more: within a few per cent of the year, which counts the whole net. `step` says
 * the share it has been through.
 */
export function* shadeMap({
  plan,
  surfaceId,
  positionId,
  weather,
}: ShadeMapParts): Generator<{ share: number }, ShadeMap> {
  const surface = plan.space.surfaces.find(({ id }) => id === surfaceId);
  if (surface === undefined) throw new Error(`no surface "${surfaceId}" in the plan`);
  const sky = skyOf(plan, weather, kindsOfDay);
  const bins = binsOf(sky.hours());
  const grid = gridOf(surface);
  const { ground, haze, dirt } = sharesOf(plan.site);
  const skyline = skylineOf(plan.site.horizon);
  const lost = new Float32Array(grid.columns * grid.rows);
  const obstacles = obstaclesOn(plan, surface);
  const lifted = obstacles.map((each) => ({ ...each, zMm: each.zMm - spotHeightMm }));
  const perStay = new Map<string, Standing>();
  const totals = new Map<string, { could: number; got: number; otherGot: number }>();
  let openWhM2 = 0;
  const halfCut = new Set(plan.panels.filter(({ label }) => label.cellCut === "half").map(({ id }) => id));
  const watts = new Map(plan.panels.map(({ id, label }) => [id, label.pmaxW ?? 0]));
  const left = (1 - haze) * (1 - dirt);
  for (const [k, { sun, month, hours }] of bins.entries()) {
    if (k % 8 === 0) yield { share: k / bins.length };
    const stay = sky.stays[month - 1] ?? sky.stays[0];
    if (stay === undefined) throw new Error("a year is spent somewhere");
    const key = `${stay.headingDeg}/${stay.latitudeDeg}`;
    const standing = perStay.get(key) ?? standingOf(plan, surface, positionId, stay);
    perStay.set(key, standing);
    const { frame, panels, planes, surfacePlane } = standing;
    const over = sunOver(sun, frame);
    const known = new Map<Plane, { straight: number; even: number }>();
    const lightOf = (plane: Plane) => {
      const light = known.get(plane) ?? lightIn(hours, plane);
      known.set(plane, light);
      return light;
    };
    const onSurface = lightOf(surfacePlane);
    openWhM2 += onSurface.straight + onSurface.even;
    if (onSurface.straight > 0 && over.elevationDeg > 0)
      markShadows(lost, grid, shadowsOnSurface([], lifted, over), onSurface.straight / 1000);
    const shades = createShadows(panels, obstacles)(over);
    for (const [p, panel] of panels.entries()) {
      const { straight, even } = lightOf(planes[p] ?? surfacePlane);
      const shade = shades[p];
      if (shade === undefined) continue;
      const { panelId } = partsOfKey(panel.id);
      const total = totals.get(panel.id) ?? { could: 0, got: 0, otherGot: 0 };
      const scale = ((watts.get(panelId) ?? 0) * left) / 1000 / 1000;
      const of = (otherWay: boolean) => {
        if (panel.faceDown) return 0;
        if (shade.lit > 1 - 1e-6) return straight + even;
        return bestBypassed(
          heldInGroups(shade, panel, halfCut.has(panelId), otherWay).map((held) => straight * held + even),
        );
      };
      total.could += scale * (straight + even);
      total.got += scale * of(false);
      total.otherGot += scale * of(true);
      totals.set(panel.id, total);
    }
  }
  return {
    ...grid,
    lostKwhM2: lost,
    openKwhM2: openWhM2 / 1000,
    panels: [...totals].map(([id, { could, got, otherGot }]) => ({
      id,
      couldKwh: could,
      lostKwh: could - got,
      otherWayLostKwh: could - otherGot,
    })),
  };

  /** Wh/m² of some hours on a plane: straight, and from everywhere. */
  function lightIn(hours: readonly SkyHour[], plane: Plane): { straight: number; even: number } {
    let [straight, even] = [0, 0];
    for (const { light, hours: count } of hours) {
      const seen = lightOn(plane, light, ground, skyline.seenFrom(plane, light.sun));
      straight += count * seen.straightWm2;
      even += count * (seen.insideWm2 - seen.straightWm2);
    }
    return { straight, even };
  }
}

/** Substrings in series at the light each has: at the amps of any of them those with less are bypassed; the best of these. */
function bestBypassed(light: readonly number[]): number {
  const sorted = light.toSorted((a, b) => b - a);
  return Math.max(...sorted.map((each, k) => (each * (k + 1)) / sorted.length));
}

type Bin = { readonly sun: SunPosition; readonly month: number; readonly hours: readonly SkyHour[] };

function binsOf(hours: Iterable<SkyHour>): Bin[] {
  const bins = new Map<number, SkyHour[]>();
  for (const hour of hours) {
    const key = hour.month * 100 + hour.atHour;
    const known = bins.get(key) ?? [];
    known.push(hour);
    bins.set(key, known);
  }
  return [...bins.values()].flatMap((of) => {
    const [first] = of;
    if (first === undefined) return [];
    const days = of.map(({ dayOfYear }) => dayOfYear);
    const middle = (Math.min(...days) + Math.max(...days)) / 2;
    const typical = of.reduce((near, each) =>
      Math.abs(each.dayOfYear - middle) < Math.abs(near.dayOfYear - middle) ? each : near,
    );
    return [{ sun: typical.light.sun, month: first.month, hours: of }];
  });
}

type Standing = {
  readonly frame: Frame;
  readonly panels: readonly LaidPanel[];
  readonly planes: readonly Plane[];
  readonly surfacePlane: Plane;
};

function standingOf(plan: Plan, surface: Surface, positionId: string, stay: Stay): Standing {
  const frame = frameOf(surface, stay.headingDeg);
  const surfacePlane = { tiltDeg: frame.slopeDeg, azimuthDeg: (frame.headingDeg + frame.fallsToDeg) % 360 };
  const panels = panelsOn(plan, surface, positionId, stay);
  const position = positionIn(plan, positionId);
  const noonDeg = stay.latitudeDeg >= 0 ? 180 : 0;
  const planes = panels.map(({ id, tiltDeg }): Plane => {
    if (tiltDeg === 0) return surfacePlane;
    const stand = standOf(position, partsOfKey(id));
    const azimuthDeg = ((stand.azimuthDeg ?? noonDeg) + (stand.tiltDeg < 0 ? 180 : 0)) % 360;
    return { tiltDeg: Math.abs(stand.tiltDeg), azimuthDeg };
  });
  return { frame, panels, planes, surfacePlane };
}

type Grid = Pick<ShadeMap, "spotMm" | "leftMm" | "backMm" | "columns" | "rows">;

function gridOf({ outline }: Surface): Grid {
  const { x, y } = boundsOf(pointsOf(outline));
  const [leftMm, backMm] = [x[0], y[0]];
  const [wideMm, deepMm] = [x[1] - leftMm, y[1] - backMm];
  const spotMm = Math.max(finestSpotMm, Math.ceil(Math.sqrt((wideMm * deepMm) / maxSpots) / 10) * 10);
  return { spotMm, leftMm, backMm, columns: Math.ceil(wideMm / spotMm), rows: Math.ceil(deepMm / spotMm) };
}

/** Adds what is lost to every spot whose middle lies in one of some convex shadows: once, however many fall on it. */
function markShadows(lost: Float32Array, grid: Grid, shadows: readonly Polygon[], kwhM2: number): void {
  const { spotMm, leftMm, backMm, columns, rows } = grid;
  const marked = new Uint8Array(columns * rows);
  for (const shape of shadows) {
    const [from, to] = boundsOf(shape).y;
    const first = Math.max(0, Math.ceil((from - backMm) / spotMm - 0.5));
    for (let row = first; row < rows && backMm + (row + 0.5) * spotMm < to; row++) {
      const y = backMm + (row + 0.5) * spotMm;
      let [left, right] = [Infinity, -Infinity];
      for (const [k, [ax, ay]] of shape.entries()) {
        const [bx, by] = shape[(k + 1) % shape.length] ?? [ax, ay];
        if (ay > y === by > y) continue;
        const x = ax + ((y - ay) / (by - ay)) * (bx - ax);
        left = Math.min(left, x);
        right = Math.max(right, x);
      }
      for (let column = Math.max(0, Math.ceil((left - leftMm) / spotMm - 0.5)); column < columns; column++) {
        if (leftMm + (column + 0.5) * spotMm > right) break;
        marked[row * columns + column] = 1;
      }
    }
  }
  for (let at = 0; at < marked.length; at++) if (marked[at] === 1) lost[at] = (lost[at] ?? 0) + kwhM2;
}

/** Of the light that would fall on a rectangle of the surface, the share that shadows leave in a year, as a map has it. */
export function keptLightOf(
  map: Pick<ShadeMap, "spotMm" | "leftMm" | "backMm" | "columns" | "rows" | "lostKwhM2" | "openKwhM2">,
) {
  const { spotMm, leftMm, backMm, columns, rows, lostKwhM2, openKwhM2 } = map;
  const stride = columns + 1;
  const sums = new Float64Array(stride * (rows + 1));
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++)
      sums[(row + 1) * stride + column + 1] =
        (lostKwhM2[row * columns + column] ?? 0) +
        (sums[row * stride + column + 1] ?? 0) +
        (sums[(row + 1) * stride + column] ?? 0) -
        (sums[row * stride + column] ?? 0);
  const within = (value: number, most: number) => Math.max(0, Math.min(most, value));
  return (left: number, right: number, back: number, front: number): number => {
    const from = within(Math.floor((left - leftMm) / spotMm + 0.5), columns - 1);
    const to = Math.max(from + 1, within(Math.round((right - leftMm) / spotMm), columns));
    const first = within(Math.floor((back - backMm) / spotMm + 0.5), rows - 1);
    const last = Math.max(first + 1, within(Math.round((front - backMm) / spotMm), rows));
    const at = (row: number, column: number) => sums[row * stride + column] ?? 0;
    const lost = at(last, to) - at(first, to) - at(last, from) + at(first, from);
    return openKwhM2 > 0 ? Math.max(0, 1 - lost / ((to - from) * (last - first)) / openKwhM2) : 1;
  };
}
