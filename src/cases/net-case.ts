import { z } from "zod";
import { type InputWindow } from "../core/engine/pv-input";
import { type PanelLabel } from "../core/engine/panel";
import {
  labelSchema,
  type Malformation,
  orMalformed,
  parse,
  portSchema,
  toPanelsAndNet,
  toWindow,
  type Tree,
} from "./parts";

/**
 * A case for the engine: panels by key, a net of them, and optionally a port, voltages to sample and
 * how often to repeat the solve. Given as JSON by whoever wants the engine judged.
 */
type Leaf = {
  readonly type: "panel";
  readonly key: string;
  readonly cellTempC: number;
  readonly irradianceWm2: readonly number[];
};
export type CaseNet = Tree<Leaf>;

export type EngineCase = {
  readonly panels: ReadonlyMap<string, PanelLabel>;
  readonly net: CaseNet;
  readonly port: InputWindow | null;
  readonly sampleV: readonly number[];
  readonly repeat: number | null;
};

export type CaseReading = { readonly type: "case"; readonly case: EngineCase } | Malformation;

const leafSchema = z.strictObject({
  panel: z.string(),
  cellTempC: z.number().min(-100).max(200).optional(),
  irradianceWm2: z.array(z.number().min(0).max(5000)).min(1).max(1000).optional(),
});

const caseSchema = z.strictObject({
  panels: z.record(z.string(), labelSchema),
  net: z.unknown(),
  port: portSchema.optional(),
  sampleV: z.array(z.number()).max(100_000).optional(),
  repeat: z.number().int().min(1).max(1_000_000).optional(),
});

/** Reads a case from parsed JSON. What is wrong comes back with its JSON path; nothing is thrown. */
export function readCase(value: unknown): CaseReading {
  return orMalformed(() => ({ type: "case", case: toCase(value) }) as const);
}

function toCase(value: unknown): EngineCase {
  const parsed = parse(caseSchema, value, "$");
  const { panels, net } = toPanelsAndNet(parsed, "irradianceWm2", (given, path): Leaf => {
    const { panel: key, cellTempC = 25, irradianceWm2 = [1000] } = parse(leafSchema, given, path);
    return { type: "panel", key, cellTempC, irradianceWm2 };
  });
  return { panels, net, port: toWindow(parsed.port), sampleV: parsed.sampleV ?? [], repeat: parsed.repeat ?? null };
}
