import { z } from "zod";
import { type InputWindow } from "../core/engine/pv-input";
import { completeLabel, impossibleIn, type PanelLabel } from "../core/engine/panel";

/** What cases of several kinds are made of: labels, ports, and nets whose leaves say what the kind needs. */
export type Tree<Leaf> = Leaf | { readonly type: "series" | "parallel"; readonly members: readonly Tree<Leaf>[] };

const positive = z.number().positive().max(1e6);
const coefficient = z.number().min(-5).max(5);
export const labelSchema = z.strictObject({
  pmaxW: positive,
  vocV: positive,
  iscA: positive,
  vmpV: positive,
  impA: positive,
  tempCoVocPctPerC: coefficient.optional(),
  tempCoIscPctPerC: coefficient.optional(),
  tempCoPmaxPctPerC: coefficient.optional(),
  cellsInSeries: z.number().int().min(1).max(10000).optional(),
  bypassDiodes: z.number().int().min(0).max(1000).optional(),
  maxSeriesFuseA: positive.optional(),
  maxSystemV: positive.optional(),
});

const tierSchema = z.strictObject({ fromV: z.number().min(0), toV: z.number().min(0), amps: z.number().min(0) });
export const portSchema = z.strictObject({
  minV: z.number().min(0),
  maxV: z.number().positive(),
  maxW: z.number().positive(),
  currentLimits: z.array(tierSchema).max(100),
});

/** Deeper than any roof, and shallow enough that reading one cannot exhaust the stack. */
const deepest = 200;

export class Malformed extends Error {
  constructor(
    readonly path: string,
    problem: string,
  ) {
    super(problem);
  }
}

export type Malformation = { readonly type: "malformed"; readonly path: string; readonly problem: string };

/** What `read` makes of a value, or where in it the trouble lies; nothing else is thrown. */
export function orMalformed<T>(read: () => T): T | Malformation {
  try {
    return read();
  } catch (error) {
    if (error instanceof Malformed) return { type: "malformed", path: error.path, problem: error.message };
    throw error;
  }
}

/** Labels by key, each one a panel can have. `maxParts`: of how many parts some leaf of it speaks, at most. */
export function toLabels(
  given: Readonly<Record<string, z.infer<typeof labelSchema>>>,
  maxParts: ReadonlyMap<string, number>,
): ReadonlyMap<string, PanelLabel> {
  const panels = new Map(Object.entries(given).map(([key, each]) => [key, toLabel(each, maxParts.get(key) ?? 1)]));
  for (const [key, label] of panels) {
    const [doubt] = impossibleIn({ ...label, lengthMm: null, widthMm: null });
    if (doubt !== undefined)
      throw new Malformed(
        `$.panels.${key}.${doubt.field}`,
        `no panel has such a label (${doubt.type}: ${Number(doubt.value.toPrecision(4))}); allowed: ${doubt.least} to ${doubt.most}`,
      );
  }
  return panels;
}

/**
 * A case does not say of what its cells are. Thin film is told by amps that hardly change with heat and by a bypass diode
 * for every few cells, as silicon has neither; with silicon's band gap its cold amps would be 0.9 % off.
 */
function looksLikeFilm({ tempCoIscPctPerC, cellsInSeries, bypassDiodes }: z.infer<typeof labelSchema>): boolean {
  if (tempCoIscPctPerC === undefined || cellsInSeries === undefined || bypassDiodes === undefined) return false;
  return tempCoIscPctPerC <= maxFilmIscPctPerC && cellsInSeries <= maxFilmCells * bypassDiodes;
}
const maxFilmIscPctPerC = 0.02;
const maxFilmCells = 6;

/** A label with gaps as null. One silent about its diodes has as many as the case gives irradiances. */
function toLabel(given: z.infer<typeof labelSchema>, maxIrradiances: number): PanelLabel {
  return {
    pmaxW: given.pmaxW,
    vocV: given.vocV,
    iscA: given.iscA,
    vmpV: given.vmpV,
    impA: given.impA,
    tempCoVocPctPerC: given.tempCoVocPctPerC ?? null,
    tempCoIscPctPerC: given.tempCoIscPctPerC ?? null,
    tempCoPmaxPctPerC: given.tempCoPmaxPctPerC ?? null,
    cellsInSeries: given.cellsInSeries ?? null,
    bypassDiodes: given.bypassDiodes ?? (maxIrradiances > 1 ? maxIrradiances : null),
    maxSeriesFuseA: given.maxSeriesFuseA ?? null,
    maxSystemV: given.maxSystemV ?? null,
    cellType: looksLikeFilm(given) ? "cigs" : "mono",
  };
}

/** A port as an input's window: all its limits are drawn up to, and its ceiling is meant with nothing connected. */
export function toWindow(port: z.infer<typeof portSchema> | undefined): InputWindow | null {
  if (port === undefined) return null;
  checkPort(port);
  return { ...port, ceilingOnVoc: true };
}

function checkPort({ minV, maxV, currentLimits }: z.infer<typeof portSchema>): void {
  if (minV > maxV) throw new Malformed("$.port.minV", `${minV} is above maxV (${maxV})`);
  const wrong = currentLimits.findIndex((tier) => tier.fromV > tier.toV);
  if (wrong >= 0)
    throw new Malformed(
      `$.port.currentLimits[${wrong}].fromV`,
      `${currentLimits[wrong]?.fromV} is above toV (${currentLimits[wrong]?.toV})`,
    );
}

/** A net of series and parallel whose leaves are read by `toLeaf`. */
function toTree<Leaf>(
  value: unknown,
  path: string,
  toLeaf: (value: object, path: string) => Leaf,
  depth = 0,
): Tree<Leaf> {
  if (depth > deepest) throw new Malformed(path, `nested deeper than ${deepest} levels`);
  if (typeof value !== "object" || value === null || Array.isArray(value))
    throw new Malformed(path, 'a net is an object with "panel", "series" or "parallel"');
  const kinds = ["panel", "series", "parallel"].filter((kind) => kind in value);
  const [kind] = kinds;
  if (kind === undefined || kinds.length > 1)
    throw new Malformed(
      path,
      `a net has exactly one of "panel", "series" and "parallel"; found ${kinds.length === 0 ? "none" : kinds.join(" and ")}`,
    );
  if (kind === "panel") return toLeaf(value, path);
  const group = parse(z.strictObject({ [kind]: z.array(z.unknown()).min(1).max(100_000) }), value, path);
  const type = kind === "series" ? "series" : "parallel";
  const members = (group[kind] ?? []).map((member, k) => toTree(member, `${path}.${kind}[${k}]`, toLeaf, depth + 1));
  return { type, members };
}

/** Refuses a leaf whose panel nobody described. */
function checkKey(key: string, path: string, keys: ReadonlySet<string>): void {
  if (!keys.has(key))
    throw new Malformed(
      `${path}.panel`,
      `no panel "${key}" in "panels"; there ${keys.size === 1 ? "is" : "are"} ${[...keys].map((each) => `"${each}"`).join(", ") || "none"}`,
    );
}

/** Refuses values that are neither one for all of a panel nor one for each of its parts. */
function checkParts(count: number, path: string, key: string, label: PanelLabel | undefined): void {
  if (label === undefined || count === 1) return;
  const parts = Math.max(1, completeLabel(label).label.bypassDiodes);
  if (count !== parts)
    throw new Malformed(path, `${count} values; allowed: 1, or ${parts} (one for each bypass diode of "${key}")`);
}

/**
 * The panels and the net of a case of any kind. `toLeaf` reads a leaf, `field` is where a leaf says something of each of its
 * panel's parts, one value for all of them or one for each.
 */
export function toPanelsAndNet<
  Field extends string,
  Leaf extends { readonly key: string } & Readonly<Record<Field, readonly number[]>>,
>(
  given: { readonly panels: Readonly<Record<string, z.infer<typeof labelSchema>>>; readonly net?: unknown },
  field: Field,
  toLeaf: (value: object, path: string) => Leaf,
): { readonly panels: ReadonlyMap<string, PanelLabel>; readonly net: Tree<Leaf> } {
  const keys = new Set(Object.keys(given.panels));
  const maxParts = new Map<string, number>();
  const leaves: { readonly leaf: Leaf; readonly path: string }[] = [];
  const net = toTree(given.net, "$.net", (value, path): Leaf => {
    const leaf = toLeaf(value, path);
    checkKey(leaf.key, path, keys);
    maxParts.set(leaf.key, Math.max(maxParts.get(leaf.key) ?? 1, leaf[field].length));
    leaves.push({ leaf, path });
    return leaf;
  });
  const panels = toLabels(given.panels, maxParts);
  for (const { leaf, path } of leaves)
    checkParts(leaf[field].length, `${path}.${field}`, leaf.key, panels.get(leaf.key));
  return { panels, net };
}

export function parse<T>(schema: z.ZodType<T>, value: unknown, path: string): T {
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  const [issue] = result.error.issues;
  const where = (issue?.path ?? []).reduce<string>(
    (at, key) => (typeof key === "number" ? `${at}[${key}]` : `${at}.${String(key)}`),
    path,
  );
  throw new Malformed(where, issue?.message ?? "not as expected");
}
