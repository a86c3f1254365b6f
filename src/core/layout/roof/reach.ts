import { type CableWay, type Plan } from "../../plan";
import { keyOf, type PvString, type PanelRef, usedIn } from "../../engine/array";
import { type LaidPanel } from "./placed-panels";
import { level, type Point } from "./vector";

/** Leads of a usual panel, each, mm. */
export const defaultLeadMm = 900;
/** From the end of a panel to the box its leads come from, mm. */
const boxInMm = 120;
/** What goes round corners and into plugs, of a straight line. */
const roundabout = 1.1;

/** Where a panel's leads come out: by its end to the front as it is turned, in the middle. */
export function leadsOf({ xMm, yMm, alongMm, acrossMm, turnDeg }: LaidPanel): Point {
  // a panel whose substrings run across is told turned: its longer edge is the other one
  const [longMm, toDeg] = alongMm >= acrossMm ? [alongMm, turnDeg] : [acrossMm, turnDeg - 90];
  const [x, y] = level(toDeg);
  const out = longMm / 2 - boxInMm;
  return [xMm + x * out, yMm + y * out];
}

/** Two panels that are joined by their own leads, which do not reach. */
export type ShortLead = {
  readonly from: string;
  readonly to: string;
  /** As cables go. */ readonly apartMm: number;
  readonly reachMm: number;
};

/** Neighbours in a string whose leads do not reach one another. Strings of branches are joined by more than leads. */
export function shortLeads(
  strings: readonly PvString[],
  panels: ReadonlyMap<string, LaidPanel>,
  leadMm: number,
): readonly ShortLead[] {
  return strings.flatMap((string) => {
    const tiles: PanelRef[] = usedIn([string]);
    return tiles.slice(1).flatMap((tile, k): ShortLead[] => {
      const [from, to] = [keyOf(tiles[k] ?? tile), keyOf(tile)];
      const [a, b] = [panels.get(from), panels.get(to)];
      if (a === undefined || b === undefined) return [];
      const apartMm = roundabout * distanceMm(leadsOf(a), leadsOf(b));
      return apartMm > 2 * leadMm ? [{ from, to, apartMm, reachMm: 2 * leadMm }] : [];
    });
  });
}

export function distanceMm(a: Point, b: Point): number {
  return Math.hypot(a[0] - b[0], a[1] - b[1]);
}

/** The corners of a cable way from one end to the other, as far as they are known. */
export function wayLine(way: CableWay, { space }: Pick<Plan, "space">, panels: readonly LaidPanel[]): readonly Point[] {
  const panel = way.from === null ? undefined : panels.find(({ id }) => way.from !== null && id === keyOf(way.from));
  const gland = space.glands.find(({ id }) => id === way.glandId);
  return [
    ...(panel === undefined ? [] : [leadsOf(panel)]),
    ...way.corners.map(({ xMm, yMm }): Point => [xMm, yMm]),
    ...(gland === undefined ? [] : [[gland.xMm, gland.yMm] as const]),
  ];
}

/** How long a cable has to be cut for a way: over the surface, on from the gland, and the slack. */
export type WayLength = { readonly overMm: number; readonly onMm: number; readonly cutMm: number };

export function wayLength(way: CableWay, line: readonly Point[]): WayLength {
  const overMm = line.slice(1).reduce((sum, point, k) => sum + distanceMm(line[k] ?? point, point), 0);
  return { overMm, onMm: way.onMm, cutMm: (overMm + way.onMm) * (1 + way.slackPct / 100) };
}
