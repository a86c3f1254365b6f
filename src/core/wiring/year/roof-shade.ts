import { type Plan } from "../../plan";
import { createRoofLight, type RoofLight } from "../../layout/roof";
import { keyOf, type PanelKey } from "../../engine/array";
import { type SkyHour } from "../../engine/weather";
import { createTrackerCache, type Stay } from "./facing";

/** Share of the beam on each substring of a panel; null where nothing shades it, or it lies nowhere. */
export type RoofShade = (key: PanelKey, hour: SkyHour, stay: Stay, positionId: string) => readonly number[] | null;

/** Ways of standing kept: those of a day in which panels are turned every hour, and of some positions. */
const maxStandings = 200;
/** Hours kept. */
const maxHours = 2000;

/** Roofs whose shadows are kept: neither how panels are wired nor panels that lie elsewhere change them. */
const maxKept = 4;
const kept: { readonly parts: readonly unknown[]; readonly shade: RoofShade }[] = [];

/**
 * Shadows of what stands on the plan's surfaces, and of panels on one another, worked out once for each place of the sun. Panels on
 * mounts that turn, by season or by hour, throw the shadows of how they then stand. The same roof is given the same shadows again.
 */
export function createRoofShade(plan: Plan): RoofShade {
  const laid = new Set(plan.space.places.map(({ panelId }) => panelId));
  const parts = [plan.space, plan.positions, plan.mounts, ...plan.panels.filter(({ id }) => laid.has(id))];
  const known = kept.find(
    (each) => each.parts.length === parts.length && each.parts.every((part, k) => part === parts[k]),
  );
  if (known !== undefined) return known.shade;
  const shade = shadeOf(plan);
  kept.unshift({ parts, shade });
  kept.splice(maxKept);
  return shade;
}

function shadeOf(plan: Plan): RoofShade {
  const laid = new Set(plan.space.places.map(keyOf));
  if (laid.size === 0) return () => null;
  const makers = new Map<string, RoofLight>();
  const known = new Map<string, ReturnType<RoofLight>>();
  const turn = createTrackerCache();
  const turns = plan.mounts.some(({ turning }) => turning.type !== "fixed");

  function mountsAt(hour: SkyHour, stay: Stay): Plan["mounts"] {
    if (!turns) return plan.mounts;
    return plan.mounts.map((mount) => {
      if (mount.turning.type === "fixed") return mount;
      const { tiltDeg, azimuthDeg } = turn(mount, { ...hour, sun: hour.light.sun }, stay);
      return { ...mount, tiltDeg, azimuthDeg, azimuthFrom: "north" };
    });
  }

  return (key, hour, stay, positionId) => {
    if (!laid.has(key)) return null;
    const at = `${positionId}/${stay.headingDeg}/${stay.latitudeDeg}/${hour.dayOfYear}/${hour.atHour}`;
    // every kind of day of a month has the same sun at an hour
    const before = known.get(at);
    if (before !== undefined) return before.get(key) ?? null;
    const mounts = mountsAt(hour, stay);
    const turned = mounts.map(({ tiltDeg, azimuthDeg }) => `${tiltDeg.toFixed(1)} ${(azimuthDeg ?? -1).toFixed(1)}`);
    const standing = `${positionId}/${stay.headingDeg}/${stay.latitudeDeg}/${turned.join()}`;
    const maker = makers.get(standing) ?? createRoofLight({ ...plan, mounts }, positionId, stay);
    if (makers.size > maxStandings) makers.clear();
    makers.set(standing, maker);
    if (known.size > maxHours) known.clear();
    const shades = maker(hour.light.sun);
    known.set(at, shades);
    return shades.get(key) ?? null;
  };
}

/** Whether a panel lies somewhere, and so has shadows of its own. */
export function isLaid({ space }: Pick<Plan, "space">, key: PanelKey): boolean {
  return space.places.some((place) => keyOf(place) === key);
}
