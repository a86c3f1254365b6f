import { type z } from "zod";
import { keyOf, mapPortArrays, newTile, stringOf, type PanelKey, tilesOf } from "../../engine/array";
import { type Plan } from "../plan";
import { fieldNames, type PanelFieldName, panelFields } from "../panel-fields";
import { defaultCurrency } from "../fields";
import { withMorePieces, keepOnly, newPieces } from "../pieces";
import { type Piece } from "../schemas/piece";
import { type Json, listOf, type DanglingReference, type Parts, patchById, duplicateId } from "../section";
import { labelFromAnyVersion, labelSteps, sheetUpgrades } from "../sheets";
import { keptEnds } from "./protect";
import { firstPort, withPortArrays } from "./wirings";
import { type schema, type PanelSheet, type PlanPanel } from "../schemas/panels";

export { schema } from "../schemas/panels";

export const upgrades = sheetUpgrades("labels", "label", labelSteps);
export const version = 1 + upgrades.length;

export const empty: z.infer<typeof schema> = [];
export const parts: Parts = { kind: "panel", by: "item" };

/** The label of one piece: its kind's, where nothing else is said of it. */
export function labelOf({ label }: Pick<PlanPanel, "label">, { own }: Pick<Piece, "own">): PanelSheet {
  return own.length === 0 ? label : { ...label, ...Object.fromEntries(own.map(({ field: of, value }) => [of, value])) };
}

export const changes = {
  addPanel: (
    plan: Plan,
    change: {
      readonly type: "addPanel";
      readonly id: string;
      readonly libraryId: string | null;
      readonly label: PanelSheet;
    },
  ): Plan => {
    const { id: panelId, libraryId, label } = change;
    const panels = [...plan.panels, { id: panelId, libraryId, label, ...newPieces(1), measured: null }];
    return withPortArrays({ ...plan, panels }, (portArrays) =>
      tilesOf(portArrays).length > 0
        ? portArrays
        : [...portArrays, { ...firstPort(plan), strings: [stringOf([newTile(panelId, 1)])] }],
    );
  },
  setLabel: (
    plan: Plan,
    { panelId, patch }: { readonly type: "setLabel"; readonly panelId: string; readonly patch: Partial<PanelSheet> },
  ): Plan => withKind(plan, panelId, (panel) => ({ ...panel, label: { ...panel.label, ...patch } })),
  setMeasured: (
    plan: Plan,
    {
      panelId,
      measured,
    }: { readonly type: "setMeasured"; readonly panelId: string; readonly measured: PlanPanel["measured"] },
  ): Plan => withKind(plan, panelId, (panel) => ({ ...panel, measured })),
  /** What is said of some pieces alone. */
  setPieces: (
    plan: Plan,
    change: {
      readonly type: "setPieces";
      readonly panelId: string;
      readonly numbers: readonly number[];
      readonly patch: Partial<Omit<Piece, "number">>;
    },
  ): Plan =>
    withKind(plan, change.panelId, (panel) => ({
      ...panel,
      pieces: panel.pieces.map((piece) =>
        change.numbers.includes(piece.number) ? { ...piece, ...change.patch } : piece,
      ),
    })),
  setCount: (
    plan: Plan,
    { panelId, count }: { readonly type: "setCount"; readonly panelId: string; readonly count: number },
  ): Plan => {
    const panel = plan.panels.find((known) => known.id === panelId);
    if (panel === undefined) return plan;
    const more = count - panel.pieces.length;
    if (more >= 0) return withKind(plan, panelId, (known) => withMorePieces(known, more));
    const gone = new Set(leastUsedPieces(plan, panel).slice(0, -more));
    return withoutPieces(
      withKind(plan, panelId, (known) => ({
        ...known,
        pieces: known.pieces.filter(({ number }) => !gone.has(number)),
      })),
      new Set([...gone].map((piece) => keyOf({ panelId, piece }))),
    );
  },
  removePanel: (plan: Plan, { panelId }: { readonly type: "removePanel"; readonly panelId: string }): Plan => {
    const panel = plan.panels.find((known) => known.id === panelId);
    if (panel === undefined) return plan;
    return withoutPieces(
      keptEnds({ ...plan, panels: plan.panels.filter((known) => known !== panel) }),
      new Set(panel.pieces.map(({ number }) => keyOf({ panelId, piece: number }))),
    );
  },
};

function withKind(plan: Plan, panelId: string, change: (panel: PlanPanel) => PlanPanel): Plan {
  return { ...plan, panels: patchById(plan.panels, panelId, change) };
}

/** The pieces of a kind, those first that the fewest wirings use: of equal ones the last that came. */
function leastUsedPieces({ wirings }: Plan, { id: panelId, pieces }: PlanPanel): number[] {
  const used = wirings.map(({ portArrays }) => new Set(tilesOf(portArrays).map(keyOf)));
  const uses = (piece: number) => used.filter((keys) => keys.has(keyOf({ panelId, piece }))).length;
  return pieces
    .map(({ number }) => ({ number, uses: uses(number) }))
    .sort((a, b) => a.uses - b.uses || b.number - a.number)
    .map(({ number }) => number);
}

/** Nothing speaks of panels any more that are gone. */
function withoutPieces(plan: Plan, gone: ReadonlySet<PanelKey>): Plan {
  const stays = (ref: { readonly panelId: string; readonly piece: number }) => !gone.has(keyOf(ref));
  return withPortArrays(keepOnly(plan, stays), (portArrays) =>
    mapPortArrays(portArrays, (tile) => (stays(tile) ? tile : null)),
  );
}

export function findDangling({ panels }: Plan): DanglingReference | null {
  const twice = duplicateId("panels", panels);
  if (twice !== null) return twice;
  for (const [k, { pieces, given }] of panels.entries()) {
    const seen = new Set<number>();
    for (const [n, { number, own }] of pieces.entries()) {
      const path = `panels.${k}.pieces.${n}`;
      if (number > given) return { path: `${path}.number`, problem: `${number}, but only ${given} were ever given` };
      if (seen.has(number)) return { path: `${path}.number`, problem: `${number} is used twice` };
      seen.add(number);
      if (new Set(own.map(({ field: of }) => of)).size < own.length)
        return { path: `${path}.own`, problem: "a field is there twice" };
    }
  }
  return null;
}

/** Kinds of version 3 were counted; each of them becomes a piece of its own, by the number it went by. */
export function fromVersion3({ panels }: Json): unknown {
  if (!Array.isArray(panels)) return panels;
  return listOf(panels).map(({ count, ...panel }) => {
    const many = typeof count === "number" && Number.isInteger(count) ? Math.min(200, Math.max(0, count)) : 0;
    return {
      ...panel,
      label: labelFromAnyVersion(panel["label"]),
      pieces: Array.from({ length: many }, (_, k) => ({ number: k + 1, tag: "", own: [], substringsRun: null })),
      given: many,
    };
  });
}

/** A label with nothing on it yet. */
export function blankLabel(labelName: string): PanelSheet {
  const numbers = Object.fromEntries(fieldNames(panelFields).map((each) => [each, null])) as Record<
    PanelFieldName,
    null
  >;
  return {
    name: labelName,
    kind: "rigid",
    cellType: "mono",
    ...numbers,
    cellCut: "unknown",
    currency: defaultCurrency,
  };
}
