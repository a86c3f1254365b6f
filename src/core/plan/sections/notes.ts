import { type z } from "zod";
import { type Plan } from "../plan";
import { type Json, type Parts, renamed } from "../section";
import { type schema } from "../schemas/notes";

export { schema } from "../schemas/notes";

/** What a person writes down at each step. */

/** The pages of a plan, in the order of the job. */
export const planSteps = [
  "need",
  "layout",
  "panels",
  "controller",
  "wiring",
  "protection",
  "mounting",
  "test",
  "log",
] as const;
export type PlanStep = (typeof planSteps)[number];

export const version = 2;

export const empty: z.infer<typeof schema> = {
  need: "",
  layout: "",
  panels: "",
  controller: "",
  wiring: "",
  protection: "",
  mounting: "",
  test: "",
  log: "",
};

export const parts: Parts = { kind: "note", by: "field" };

export const changes = {
  setNote: (
    plan: Plan,
    { step, text }: { readonly type: "setNote"; readonly step: PlanStep; readonly text: string },
  ): Plan => ({ ...plan, notes: { ...plan.notes, [step]: text } }),
};

export function findDangling(): null {
  return null;
}

export function fromVersion3({ notes }: Json): unknown {
  return notes;
}

/** Version 2: steps are called as they are on the screen. */
function toVersion2(older: unknown): unknown {
  return renamed(older, {
    space: "layout",
    input: "controller",
    wire: "wiring",
    protect: "protection",
    mount: "mounting",
    prove: "test",
  });
}

export const upgrades = [toVersion2];
