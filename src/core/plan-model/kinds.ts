import {
  assumedFieldsOf,
  doubtsAbout,
  impossibleIn,
  type LabelDoubt,
  type LabelReading,
  readLabel,
  type RequiredField,
} from "../engine/panel";
import { type Facing, facingOf } from "../engine/light";
import { fixedPosition, labelOf, type Plan, type PlanPanel } from "../plan";
import { type Mount } from "../engine/sky";
import { keyOf, type Stand, type PanelRef } from "../engine/array";
import { type SharedContext, type Kind, solverFor } from "./port-array-context";
import { coldVoltsOf } from "./cold";
import { type SolveCache } from "./solve-cache";
import { clearDayOfOnePanel, powerByLight } from "./clear-month";
import { siteOf, assumptionsOf } from "./assumed-site";

/** The label of a kind, and of each piece of it that has another: what is read, and of how many panels. */
type Sheet = Pick<PlanPanel, "id" | "label" | "measured"> & { readonly count: number };

export function sheetsOf({ id, label, pieces, measured }: PlanPanel): Sheet[] {
  const own = pieces.filter((piece) => piece.own.length > 0);
  return [
    { id, label, measured, count: pieces.length - own.length },
    ...own.map((piece) => ({
      id: keyOf({ panelId: id, piece: piece.number }),
      label: { ...labelOf({ label }, piece), name: `${label.name}, ${piece.tag || `number ${piece.number}`}` },
      // points measured on the kind say nothing of a piece whose curve is another
      measured: piece.own.every(({ field }) => field === "maxSeriesFuseA" || field === "maxSystemV") ? measured : null,
      count: 1,
    })),
  ];
}

/** One panel of a plan by its own label; null where there is none, or where its label is not enough. Solves no wiring. */
export function kindOfPiece(plan: Pick<Plan, "panels">, ref: Pick<PanelRef, "panelId" | "piece">, cache: SolveCache) {
  const sheets = plan.panels.filter(({ id }) => id === ref.panelId).flatMap(sheetsOf);
  const sheet = sheets.find(({ id }) => id === keyOf(ref)) ?? sheets[0];
  const read = sheet === undefined ? null : readKind(sheet, cache);
  return read?.type === "kind" ? read.kind : null;
}

export function readKind(
  { id, label, measured }: Sheet,
  { fit, reading: readingOf }: SolveCache,
): { type: "kind"; kind: Kind } | { type: "missing"; missing: Missing } {
  const reading = readLabel(label);
  if (reading.type !== "label")
    return { type: "missing", missing: { type: "labelIncomplete", panelName: label.name, fields: reading.missing } };
  // what follows from stated numbers is judged as they are; what is assumed says nothing of them
  const stated = reading.assumed.length > 0 ? label : { ...label, ...reading.label };
  const impossible = impossibleIn(stated);
  if (impossible.length > 0) {
    const missing = {
      type: "labelImpossible",
      panelName: label.name,
      doubts: impossible,
      reading: readingOf(label),
    } as const;
    return { type: "missing", missing };
  }
  const doubts = doubtsAbout(stated);
  const { label: fitted, points } = fit(reading.label, measured);
  const model = points?.type === "model" ? points.model : fitted.model;
  return {
    type: "kind",
    kind: {
      id,
      name: label.name,
      fit: fitted,
      model,
      assumedFields: assumedFieldsOf(reading),
      measured: points?.type === "model",
      doubts,
      reading: doubts.length > 0 ? readingOf(label) : null,
    },
  };
}

export function commonOf(plan: Plan, sheets: readonly Sheet[], kinds: ReadonlyMap<string, Kind>): SharedContext {
  const site = siteOf(plan);
  const counted = sheets.flatMap(({ id, count }) => {
    const kind = kinds.get(id);
    return kind === undefined ? [] : [{ kind, count: count + extraPanels }];
  });
  const daysOf = onceEach((kind: Kind) =>
    onceEach((mount: Mount) => {
      const powerAt = powerByLight(kind.model, { mount });
      return onceEach((facing: string) => clearDayOfOnePanel(powerAt, JSON.parse(facing) as Facing, site));
    }),
  );
  const clearDay = (kind: Kind, stand: Stand) =>
    daysOf(kind)(stand.mount ?? site.mount)(JSON.stringify(facingOf(stand, site)));
  const cold = onceEach((kind: Kind) => coldVoltsOf(kind, site));
  const fixed = fixedPosition(plan);
  const mounts = [...fixed.values()].flatMap(({ mount }) => mount ?? []);
  return {
    site,
    siteAssumptions: assumptionsOf(plan),
    kinds,
    solve: solverFor(counted, site, mounts),
    standards: plan.standards,
    fixed,
    clearDay,
    cold,
  };
}

/** Worked out for each key when first asked for. */
function onceEach<K, T>(make: (key: K) => T): (key: K) => T {
  const made = new Map<K, T>();
  return (key) => {
    const known = made.get(key) ?? make(key);
    made.set(key, known);
    return known;
  };
}

/** What has to be there before a port array can be judged. */
export type Missing =
  | { readonly type: "noPanel" }
  | { readonly type: "labelIncomplete"; readonly panelName: string; readonly fields: readonly RequiredField[] }
  | {
      readonly type: "labelImpossible";
      readonly panelName: string;
      readonly doubts: readonly LabelDoubt[];
      /** A reading of it that would agree with itself, if there is one. */
      readonly reading: LabelReading | null;
    }
  | { readonly type: "recordsCrossed"; readonly lowC: number; readonly highC: number }
  /** No kind of climate known lies so far north or south: nobody can guess how cold it gets. */
  | { readonly type: "recordLowAsked"; readonly latitudeDeg: number }
  | { readonly type: "noInput" };

/** Panels to buy that a fix may ask for at most; the solver is made wide enough for them. */
export const extraPanels = 3;
