import { type z } from "zod";
import { type Plan } from "../plan";
import { type Json, type Parts } from "../section";
import { type schema } from "../schemas/notes";

export { schema } from "../schemas/notes";

/** What a person writes down at each stop. */

export const stops = ["need", "space", "panels", "input", "wire", "protect", "mount", "prove", "log"] as const;
export type Stop = (typeof stops)[number];

export const version = 1;

export const empty: z.infer<typeof schema> = {
  need: "",
  space: "",
  panels: "",
  input: "",
  wire: "",
  protect: "",
  mount: "",
  prove: "",
  log: "",
};

export const parts: Parts = { kind: "note", by: "field" };

export const changes = {
  setNote: (
    plan: Plan,
    { stop, text }: { readonly type: "setNote"; readonly stop: Stop; readonly text: string },
  ): Plan => ({ ...plan, notes: { ...plan.notes, [stop]: text } }),
};

export function findDangling(): null {
  return null;
}

export function fromVersion3({ notes }: Json): unknown {
  return notes;
}

export const upgrades = [];
