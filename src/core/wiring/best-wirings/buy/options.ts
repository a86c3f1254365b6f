import { type DeviceSheet, newPieces, type PanelSheet, type Plan } from "@/core/plan";
import { fillAnswers, frameMm, sizeOf } from "@/core/layout/roof";
import { parkedIn } from "@/core/plan-model";
import { folds, stow } from "@/core/layout/storage";

/** A sheet of the library. */
export type Sheet<T> = { readonly id: string; readonly sheet: T };
export type PanelOffer = Sheet<PanelSheet>;
export type InputOffer = Sheet<DeviceSheet>;

/** Panels of one kind tried at most, and room left around each on a plain area, mm. */
export const maxBought = 12;
const seamMm = 20;
/** Tries of a fill that only asks how many there is room for. */
const fillTries = 300;

/** The plan with some panels of the library in it, and where they went: nothing is wired. */
export function planWith(plan: Plan, { id, sheet }: PanelOffer, count: number): { plan: Plan; panelId: string } {
  const panelId = freeId(
    `bought-${id}`,
    plan.panels.map((panel) => panel.id),
  );
  const panel = { id: panelId, libraryId: id, label: sheet, ...newPieces(count), measured: null };
  return { plan: { ...plan, panels: [...plan.panels, panel] }, panelId };
}

export function freeId(wanted: string, taken: readonly string[]): string {
  const short = wanted.slice(0, 56);
  for (let k = 1; ; k++) {
    const made = k === 1 ? short : `${short}-${k}`;
    if (!taken.includes(made)) return made;
  }
}

/** For how many panels of a kind there is room and strength, at most. */
export function* maxOf(plan: Plan, panel: PanelOffer): Generator<undefined, number> {
  const { shopping, space } = plan;
  const { weightKg } = panel.sheet;
  const byWeight =
    shopping.carryKg === null || weightKg === null ? maxBought : Math.floor(shopping.carryKg / weightKg + 1e-9);
  const most = Math.min(maxBought, byWeight);
  switch (shopping.room) {
    case "any":
      return most;
    case "area": {
      const { lengthMm: long, widthMm: wide } = shopping;
      if (long === null || wide === null) return most;
      // where its sheet says no size, one of its watts is taken
      const size = sizeOf({ label: panel.sheet });
      if (size === null) return 0;
      const { lengthMm, widthMm } = size;
      const grid = (a: number, b: number) =>
        Math.floor((long + seamMm) / (a + seamMm)) * Math.floor((wide + seamMm) / (b + seamMm));
      return Math.min(most, Math.max(grid(lengthMm, widthMm), grid(widthMm, lengthMm)));
    }
    case "lockers": {
      const sheet = putAway(panel.sheet);
      let fits = 0;
      if (sheet === null) return fits;
      // one more, as long as all of them go in beside what is owned
      for (let count = 1; count <= most; count++) {
        const { plan: packed, panelId } = planWith(plan, { ...panel, sheet }, count);
        if (stow(packed).left.some((key) => key.startsWith(`${panelId}.`))) break;
        fits = count;
        yield undefined;
      }
      return fits;
    }
    case "surface": {
      const surface = space.surfaces.find(({ id }) => id === shopping.surfaceId) ?? space.surfaces[0];
      if (surface === undefined) return most;
      const { plan: laid, panelId } = planWith(plan, panel, 1);
      const added = laid.panels.find(({ id }) => id === panelId);
      if (added === undefined || sizeOf(added) === null) return 0;
      const answers = fillAnswers({
        plan: laid,
        surfaceId: surface.id,
        positionId: plan.positions[0]?.id ?? "",
        parked: parkedIn(plan),
        kinds: [{ panelId, asManyAsFit: true }],
        seamMm,
        kept: null,
        tries: fillTries,
      });
      for (let step = answers.next(); ; step = answers.next()) {
        if (step.done) return Math.min(most, step.value[0]?.panels.length ?? 0);
        yield undefined;
      }
    }
  }
}

/** A panel as it goes into a locker: folded, or as it lies, as thick as a frame, where it does not fold. Null: nobody knows its size. */
function putAway(sheet: PanelSheet): PanelSheet | null {
  if (folds(sheet)) return sheet;
  const size = sizeOf({ label: sheet });
  if (size === null) return null;
  return { ...sheet, stowedLengthMm: size.lengthMm, stowedWidthMm: size.widthMm, stowedDepthMm: frameMm };
}

/** How long kinds of panel are taken to last, years: nobody's promise, but what the trade has seen. */
export const assumedLifeYears: Readonly<Record<PanelSheet["kind"], number>> = {
  rigid: 25,
  thinFilm: 15,
  folding: 10,
  blanket: 8,
  flexible: 6,
};
