import { z } from "zod";
import { type Plan } from "../document";
import { notesOf } from "../fields";
import { type Json, type Parts } from "../section";

/** What a person writes down at each stop. */

export const stops = ["need", "space", "panels", "input", "wire", "protect", "mount", "prove", "log"] as const;
export type Stop = (typeof stops)[number];

export const version = 1;
export const schema = z.strictObject({
  need: notesOf,
  space: notesOf,
  panels: notesOf,
  input: notesOf,
  wire: notesOf,
  protect: notesOf,
  mount: notesOf,
  prove: notesOf,
  log: notesOf,
});

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

export function looseIn(): null {
  return null;
}

export function fromVersion3({ notes }: Json): unknown {
  return notes;
}

export const upgrades = [];
