import { panelKindFacts, type Plan, type Surface } from "../../plan";
import { keyOf } from "../../engine/array";
import { baseOf, faultsOf, footprintOf, frameMm, type LayoutFault, topOf } from "./check";
import { frameOf, planeOver } from "./frame";
import { panelsOn, type Parked, placeIn, sizeOf } from "./placed-panels";
import { boundsOf } from "./convex";
import { coveredMm2 } from "./outline";
import { type JudgedPanel } from "./clearances";

type Laying = Parameters<typeof panelsOn>[0] & Pick<Plan, "space">;

/** The panels on a surface as a position has them, with all that a layout is judged by. */
export function judgedPanels(
  plan: Laying,
  surface: Surface,
  positionId: string,
  parked: Parked,
): readonly JudgedPanel[] {
  const places = new Map(plan.space.places.map((place) => [keyOf(place), place]));
  const kinds = new Map(plan.panels.map(({ id, label }) => [id, label.kind]));
  const legs = legsIn(plan, surface, parked);
  return panelsOn(plan, surface, positionId, parked).flatMap((panel): JudgedPanel[] => {
    const place = places.get(panel.id);
    const kind = kinds.get(place?.panelId ?? "");
    if (place === undefined || kind === undefined) return [];
    return [{ ...panel, kind, gapMm: placeIn(place, positionId).gapMm, legsTiltToDeg: legs.get(panel.id) ?? null }];
  });
}

/** Panels whose legs are set by hand, in some position or in the course of the year, and to where they then tilt from the front. */
function legsIn({ positions, mounts }: Laying, surface: Surface, parked: Parked): ReadonlyMap<string, number> {
  const frame = frameOf(surface, parked.headingDeg);
  const noonDeg = parked.latitudeDeg >= 0 ? 180 : 0;
  const towards = (azimuthDeg: number | null, tiltDeg: number) =>
    planeOver(
      { tiltDeg: Math.max(1, Math.abs(tiltDeg)), azimuthDeg: (azimuthDeg ?? noonDeg) + (tiltDeg < 0 ? 180 : 0) },
      frame,
    ).tiltTowardsDeg;
  const turned = mounts
    .filter(({ turning }) => turning.type !== "fixed")
    .flatMap(({ pieces, azimuthDeg, azimuthFrom, tiltDeg }) => {
      const toDeg = azimuthDeg === null || azimuthFrom === "north" ? azimuthDeg : azimuthDeg + parked.headingDeg;
      return pieces.map((ref) => [keyOf(ref), towards(toDeg, tiltDeg)] as const);
    });
  const positioned = positions.flatMap(({ stands }) =>
    stands
      .filter(({ tiltDeg, stance }) => tiltDeg !== 0 && stance === "out")
      .map((stand) => [keyOf(stand), towards(stand.azimuthDeg, stand.tiltDeg)] as const),
  );
  return new Map([...turned, ...positioned]);
}

/** All that is wrong on a surface in a position. */
export function layoutFaults(plan: Laying, surface: Surface, positionId: string, parked: Parked): LayoutFault[] {
  return faultsOf(plan, surface, judgedPanels(plan, surface, positionId, parked));
}

/** A hole that would be cut where something lies under the skin, or the skin is weak. */
export type DrillFault = { readonly glandId: string; readonly zoneId: string };

/** Zones that no drill may go through. */
const undrilled: readonly Plan["space"]["zones"][number]["kind"][] = ["hidden", "weak"];

export function drillFaults({ space }: Pick<Plan, "space">, surface: Pick<Surface, "id">): DrillFault[] {
  const here = ({ surfaceId }: { readonly surfaceId: string }) => surfaceId === surface.id;
  return space.glands
    .filter((gland) => here(gland) && !gland.existing)
    .flatMap(({ id: glandId, xMm, yMm, holeMm }): DrillFault[] => {
      const hole = baseOf({ type: "pole", xMm, yMm, zMm: 0, radiusMm: holeMm / 2, heightMm: 1 });
      return space.zones
        .filter((zone) => here(zone) && undrilled.includes(zone.kind) && coveredMm2(hole, zone.outline) > 1)
        .map(({ id: zoneId }) => ({ glandId, zoneId }));
    });
}

/** What lies on a surface weighs: as labels say, and what is taken for those that do not. Mounts come on top. */
export type Burden = {
  readonly totalKg: number;
  /** Of the total, taken for panels whose label states no weight. */ readonly assumedKg: number;
  readonly panels: number;
};

/** A rigid panel of glass, and any that bends, kg to the square metre. */
const defaultKgM2 = { rigid: 12, bending: 4 } as const;

/** What a panel weighs by its label, or what is taken for it. */
export function weightOf(panel: Plan["panels"][number]): { readonly kg: number; readonly isAssumed: boolean } {
  if (panel.label.weightKg !== null) return { kg: panel.label.weightKg, isAssumed: false };
  const measures = sizeOf(panel);
  const kgM2 = panelKindFacts[panel.label.kind].bends ? defaultKgM2.bending : defaultKgM2.rigid;
  return { kg: measures === null ? 0 : (kgM2 * measures.lengthMm * measures.widthMm) / 1e6, isAssumed: true };
}

export function burdenOn({ panels, space }: Pick<Plan, "panels" | "space">, { id }: Pick<Surface, "id">): Burden {
  const kinds = new Map(panels.map((panel) => [panel.id, panel]));
  let [totalKg, assumedKg, count] = [0, 0, 0];
  for (const { panelId, surfaceId } of space.places) {
    const panel = kinds.get(panelId);
    if (surfaceId !== id || panel === undefined) continue;
    count += 1;
    const { kg, isAssumed } = weightOf(panel);
    totalKg += kg;
    if (isAssumed) assumedKg += kg;
  }
  return { totalKg, assumedKg, panels: count };
}

/** How much a surface bulges at most between two places from its left, mm: a parabola over its width, 0 at both edges. */
function camberUnder({ camberMm, outline }: Surface, [fromMm, toMm]: readonly [number, number]): number {
  if (camberMm === 0) return 0;
  const xs = outline.map(({ xMm }) => xMm);
  const [leftMm, rightMm] = [Math.min(...xs), Math.max(...xs)];
  const [middleMm, halfMm] = [(leftMm + rightMm) / 2, (rightMm - leftMm) / 2];
  const nearestMm = Math.min(Math.max(middleMm, fromMm), toMm);
  return camberMm * Math.max(0, 1 - ((nearestMm - middleMm) / halfMm) ** 2);
}

/** The highest thing on a surface in a position, over the road or the water; null where the surface's own height is not known. */
export function highestOn(
  plan: Laying,
  surface: Surface,
  positionId: string,
  parked: Parked,
): { readonly heightMm: number; readonly name: string | null; readonly panel: string | null } | null {
  if (surface.heightMm === null) return null;
  const over = surface.heightMm;
  const things = plan.space.obstacles
    .filter(({ surfaceId, planned }) => surfaceId === surface.id && !planned)
    .map(({ name, xMm, yMm, zMm, shape }) => ({
      heightMm: over + camberUnder(surface, boundsOf(baseOf({ ...shape, xMm, yMm, zMm })).x) + zMm + shape.heightMm,
      name,
      panel: null,
    }));
  const panels = panelsOn(plan, surface, positionId, parked).map((panel) => ({
    heightMm: over + camberUnder(surface, boundsOf(footprintOf(panel)).x) + topOf(panel) + frameMm,
    name: null,
    panel: panel.id,
  }));
  return [...things, ...panels].reduce<{ heightMm: number; name: string | null; panel: string | null }>(
    (highest, each) => (each.heightMm > highest.heightMm ? each : highest),
    { heightMm: over + surface.camberMm, name: surface.name, panel: null },
  );
}
