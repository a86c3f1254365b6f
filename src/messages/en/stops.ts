import { type Stop } from "@/core/plan";

/** What the stops of the job are called. */
export const stopNames: Readonly<Record<Stop, string>> = {
  need: "Need",
  space: "Space",
  panels: "Panels",
  input: "Input",
  wire: "Wire",
  protect: "Protect",
  mount: "Mount",
  prove: "Prove",
  log: "Log",
};
