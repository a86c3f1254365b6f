import { z } from "zod";
import { type InputWindow } from "../input";
import { completeLabel, impossibleIn, type PanelLabel } from "../panel";

/**
 * A case for the engine: panels by key, a net of them, and optionally a port, voltages to sample and
 * how often to repeat the solve. Given as JSON by whoever wants the engine judged.
 */
export type CaseNet =
  | {
      readonly type: "panel";
      readonly key: string;
      readonly cellTempC: number;
      readonly irradianceWm2: readonly number[];
    }
  | { readonly type: "series" | "parallel"; readonly members: readonly CaseNet[] };

export type EngineCase = {
  readonly panels: ReadonlyMap<string, PanelLabel>;
  readonly net: CaseNet;
  readonly port: InputWindow | null;
  readonly sampleV: readonly number[];
  readonly repeat: number | null;
};

export type CaseReading =
  | { readonly type: "case"; readonly case: EngineCase }
  | { readonly type: "malformed"; readonly path: string; readonly problem: string };

const positive = z.number().positive().max(1e6);
const coefficient = z.number().min(-5).max(5);
const labelSchema = z.strictObject({
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

const leafSchema = z.strictObject({
  panel: z.string(),
  cellTempC: z.number().min(-100).max(200).optional(),
  irradianceWm2: z.array(z.number().min(0).max(5000)).min(1).max(1000).optional(),
});

const tierSchema = z.strictObject({ fromV: z.number().min(0), toV: z.number().min(0), amps: z.number().min(0) });
const portSchema = z.strictObject({
  minV: z.number().min(0),
  maxV: z.number().positive(),
  maxW: z.number().positive(),
  currentLimits: z.array(tierSchema).max(100),
});

const caseSchema = z.strictObject({
  panels: z.record(z.string(), labelSchema),
  net: z.unknown(),
  port: portSchema.optional(),
  sampleV: z.array(z.number()).max(100_000).optional(),
  repeat: z.number().int().min(1).max(1_000_000).optional(),
});

/** Deeper than any roof, and shallow enough that reading one cannot exhaust the stack. */
const deepest = 200;

class Malformed extends Error {
  constructor(
    readonly path: string,
    problem: string,
  ) {
    super(problem);
  }
}

/** Reads a case from parsed JSON. What is wrong comes back with its JSON path; nothing is thrown. */
export function readCase(value: unknown): CaseReading {
  try {
    return { type: "case", case: toCase(value) };
  } catch (error) {
    if (error instanceof Malformed) return { type: "malformed", path: error.path, problem: error.message };
    throw error;
  }
}

function toCase(value: unknown): EngineCase {
  const parsed = parse(caseSchema, value, "$");
  const used = new Map<string, number>();
  const net = toNet(parsed.net, "$.net", 0, used, new Set(Object.keys(parsed.panels)));
  const panels = new Map(
    Object.entries(parsed.panels).map(([key, given]) => [key, toLabel(given, used.get(key) ?? 1)]),
  );
  for (const [key, label] of panels) {
    const [doubt] = impossibleIn({ ...label, lengthMm: null, widthMm: null });
    if (doubt !== undefined)
      throw new Malformed(
        `$.panels.${key}.${doubt.field}`,
        `no panel has such a label (${doubt.type}: ${Number(doubt.value.toPrecision(4))}); allowed: ${doubt.least} to ${doubt.most}`,
      );
  }
  checkSubstrings(net, "$.net", panels);
  if (parsed.port !== undefined) checkPort(parsed.port);
  return {
    panels,
    net,
    port: parsed.port === undefined ? null : { ...parsed.port, ceilingOnVoc: true },
    sampleV: parsed.sampleV ?? [],
    repeat: parsed.repeat ?? null,
  };
}

/**
 * A case does not say of what its cells are. Thin film is told by amps that hardly change with heat and by a bypass diode
 * for every few cells, as silicon has neither; with silicon's band gap its cold amps would be 0.9 % off.
 */
function looksLikeFilm({ tempCoIscPctPerC, cellsInSeries, bypassDiodes }: z.infer<typeof labelSchema>): boolean {
  if (tempCoIscPctPerC === undefined || cellsInSeries === undefined || bypassDiodes === undefined) return false;
  return tempCoIscPctPerC <= mostFilmIscPctPerC && cellsInSeries <= mostFilmCells * bypassDiodes;
}
const mostFilmIscPctPerC = 0.02;
const mostFilmCells = 6;

/** A label with gaps as null. One silent about its diodes has as many as the case gives irradiances. */
function toLabel(given: z.infer<typeof labelSchema>, mostIrradiances: number): PanelLabel {
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
    bypassDiodes: given.bypassDiodes ?? (mostIrradiances > 1 ? mostIrradiances : null),
    maxSeriesFuseA: given.maxSeriesFuseA ?? null,
    maxSystemV: given.maxSystemV ?? null,
    cellType: looksLikeFilm(given) ? "cigs" : "mono",
  };
}

function toNet(
  value: unknown,
  path: string,
  depth: number,
  used: Map<string, number>,
  keys: ReadonlySet<string>,
): CaseNet {
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
  if (kind === "panel") return toLeaf(value, path, used, keys);
  const group = parse(z.strictObject({ [kind]: z.array(z.unknown()).min(1).max(100_000) }), value, path);
  const type = kind === "series" ? "series" : "parallel";
  const members = (group[kind] ?? []).map((member, k) => toNet(member, `${path}.${kind}[${k}]`, depth + 1, used, keys));
  return { type, members };
}

function toLeaf(value: object, path: string, used: Map<string, number>, keys: ReadonlySet<string>): CaseNet {
  const leaf = parse(leafSchema, value, path);
  if (!keys.has(leaf.panel))
    throw new Malformed(
      `${path}.panel`,
      `no panel "${leaf.panel}" in "panels"; there ${keys.size === 1 ? "is" : "are"} ${[...keys].map((key) => `"${key}"`).join(", ") || "none"}`,
    );
  const irradianceWm2 = leaf.irradianceWm2 ?? [1000];
  used.set(leaf.panel, Math.max(used.get(leaf.panel) ?? 1, irradianceWm2.length));
  return { type: "panel", key: leaf.panel, cellTempC: leaf.cellTempC ?? 25, irradianceWm2 };
}

function checkSubstrings(net: CaseNet, path: string, panels: ReadonlyMap<string, PanelLabel>): void {
  if (net.type !== "panel") {
    net.members.forEach((member, k) => checkSubstrings(member, `${path}.${net.type}[${k}]`, panels));
    return;
  }
  const label = panels.get(net.key);
  if (label === undefined || net.irradianceWm2.length === 1) return;
  const parts = Math.max(1, completeLabel(label).label.bypassDiodes);
  if (net.irradianceWm2.length !== parts)
    throw new Malformed(
      `${path}.irradianceWm2`,
      `${net.irradianceWm2.length} values; allowed: 1, or ${parts} (one for each bypass diode of "${net.key}")`,
    );
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

function parse<T>(schema: z.ZodType<T>, value: unknown, path: string): T {
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  const [issue] = result.error.issues;
  const where = (issue?.path ?? []).reduce<string>(
    (at, key) => (typeof key === "number" ? `${at}[${key}]` : `${at}.${String(key)}`),
    path,
  );
  throw new Malformed(where, issue?.message ?? "not as expected");
}
