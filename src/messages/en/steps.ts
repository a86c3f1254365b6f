import { type PlanStep } from "@/core/plan";

/** What the steps of the job are called. */
export const stepNames: Readonly<Record<PlanStep, string>> = {
  need: "Need",
  layout: "Layout",
  panels: "Panels",
  controller: "Controller",
  wiring: "Wiring",
  protection: "Protection",
  mounting: "Mounting",
  test: "Test",
  log: "Log",
};
