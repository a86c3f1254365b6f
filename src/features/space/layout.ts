import { type Plan, type Surface, usualPose } from "@/core/plan";
import {
  bodyOf,
  createShadows,
  faultsOf,
  footprintOf,
  type LayoutFault,
  obstaclesOn,
  panelsOn,
  type PanelShade,
  type Polygon,
  type RoofPanel,
  shadowsOnSurface,
} from "@/core/roof";
import { sunPosition } from "@/core/sky";
import { assumedLatitudeDeg } from "@/core/rules";

/** The sun looked at: a month's middle, and an hour by the sun. */
export type SunTime = { readonly month: number; readonly hour: number };

export type Layout = {
  readonly panels: readonly (RoofPanel & { readonly shape: Polygon; readonly shade: PanelShade })[];
  readonly shadows: readonly Polygon[];
  readonly faults: readonly LayoutFault[];
  /** Of the sun, clockwise from the roof's front, and how high it stands. */
  readonly sun: { readonly azimuthDeg: number; readonly elevationDeg: number };
};

/** Where the front of a surface points, degrees from north; north where nobody says. */
export function headingOf({ site }: Pick<Plan, "site">, { headingDeg }: Pick<Surface, "headingDeg">): number {
  return headingDeg ?? site.headingDeg ?? 0;
}

export function sunAt({ site }: Pick<Plan, "site">, { month, hour }: SunTime) {
  const longitudeDeg = site.longitudeDeg ?? 0;
  const atMs = Date.UTC(2026, month - 1, 15) + (hour - longitudeDeg / 15) * 3_600_000;
  return sunPosition(atMs, site.latitudeDeg ?? assumedLatitudeDeg, longitudeDeg);
}

/** A surface with its panels as a wiring's usual pose has them, under a sun: shadows, and what is wrong with it. */
export function layoutOf(plan: Plan, surface: Surface, time: SunTime): Layout {
  const headingDeg = headingOf(plan, surface);
  const noonDeg = (plan.site.latitudeDeg ?? assumedLatitudeDeg) >= 0 ? 180 : 0;
  const [wiring] = plan.wirings;
  const pose = usualPose(plan, wiring ?? { poseIds: [] });
  const panels = panelsOn(plan, surface, pose, { headingDeg, noonDeg });
  const obstacles = obstaclesOn(plan, surface);
  const { azimuthDeg, elevationDeg } = sunAt(plan, time);
  const sun = { azimuthDeg: azimuthDeg - headingDeg, elevationDeg };
  const shades = createShadows(panels, obstacles)(sun);
  return {
    panels: panels.flatMap((panel, k) => {
      const shade = shades[k];
      return shade === undefined ? [] : [{ ...panel, shape: footprintOf(panel), shade }];
    }),
    shadows: shadowsOnSurface(panels, obstacles, sun),
    faults: faultsOf(plan, surface, panels, bodyOf),
    sun,
  };
}

/** Edges this near to one another meet, mm. */
const snapMm = 25;
/** What a hand sets down elsewhere falls on whole centimetres. */
const gridMm = 10;

/** Where a shape whose sides are at `from` and `to` comes to rest, so that one of them meets an edge if any is near. */
export function snapped(middle: number, half: number, edges: readonly number[]): number {
  const near = edges
    .flatMap((edge) => [edge - half, edge + half, edge])
    .reduce<number | null>(
      (best, candidate) =>
        Math.abs(candidate - middle) <= snapMm &&
        (best === null || Math.abs(candidate - middle) < Math.abs(best - middle))
          ? candidate
          : best,
      null,
    );
  return near ?? Math.round(middle / gridMm) * gridMm;
}

/** The box round a shape: least and most of x and y. */
export function boundsOf(shape: Polygon): {
  readonly x: readonly [number, number];
  readonly y: readonly [number, number];
} {
  const [xs, ys] = [shape.map(([x]) => x), shape.map(([, y]) => y)];
  return { x: [Math.min(...xs), Math.max(...xs)], y: [Math.min(...ys), Math.max(...ys)] };
}
