import { assumedFuseA } from "../../engine/fuse";
import { readLabel } from "../../engine/panel";
import { labelOf, type PanelSheet, type Plan } from "../../plan";
import { type PvString, type PanelRef } from "../../engine/array";
import { type RatedPanel } from "./branches";
import { isUsed, isUsedItem } from "./used";

/** What a string, or strings side by side, give by their labels: in series the strongest short circuit and the weakest running amps. */
export type LabelAmps = { readonly iscA: number; readonly impA: number; readonly vmpV: number };

/** Null where a label in it lacks a figure, or nothing in it is in use. */
export function ampsOfStrings(plan: Pick<Plan, "panels">, strings: readonly PvString[]): LabelAmps | null {
  return together(strings.filter(isUsed).map((string) => ampsOfString(plan, string)));
}

export function ampsOfString(plan: Pick<Plan, "panels">, { items }: PvString): LabelAmps | null {
  const parts = items.filter(isUsedItem).map((item) => {
    if (item.type === "group") return ampsOfStrings(plan, item.strings);
    const sheet = sheetOf(plan, item);
    const reading = sheet === null ? null : readLabel(sheet);
    return reading?.type === "label" ? reading.label : null;
  });
  if (parts.length === 0) return null;
  return parts.reduce((sum, each) =>
    sum === null || each === null
      ? null
      : {
          iscA: Math.max(sum.iscA, each.iscA),
          impA: Math.min(sum.impA, each.impA),
          vmpV: sum.vmpV + each.vmpV,
        },
  );
}

/** Amps add, volts are the lowest string's. */
function together(strings: readonly (LabelAmps | null)[]): LabelAmps | null {
  const [first, ...others] = strings;
  return others.reduce<LabelAmps | null>(
    (sum, each) =>
      sum === null || each === null
        ? null
        : { iscA: sum.iscA + each.iscA, impA: sum.impA + each.impA, vmpV: Math.min(sum.vmpV, each.vmpV) },
    first ?? null,
  );
}

/** The label of one panel, its own figures in it. */
export function sheetOf(
  { panels }: Pick<Plan, "panels">,
  { panelId, piece }: { readonly panelId: string; readonly piece: number },
): PanelSheet | null {
  const kind = panels.find(({ id }) => id === panelId);
  const own = kind?.pieces.find(({ number }) => number === piece);
  return kind === undefined ? null : own === undefined ? kind.label : labelOf(kind, own);
}

/** A panel of a plan as its fuses are judged; null while its label lacks Isc. */
export function ratedPanel(plan: Pick<Plan, "panels">, tile: PanelRef): RatedPanel | null {
  const sheet = sheetOf(plan, tile);
  if (sheet === null || sheet.iscA === null) return null;
  const stated = sheet.maxSeriesFuseA;
  return {
    iscA: sheet.iscA,
    ratingA: stated ?? assumedFuseA(sheet.pmaxW ?? 0),
    name: sheet.name,
    isAssumed: stated === null,
  };
}
