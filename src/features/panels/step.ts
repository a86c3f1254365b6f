import dynamic from "next/dynamic";
import { doubtsAbout, readLabel } from "@/core/engine/panel";
import { type StepModule } from "@/features/plan-session";
import { stepNames } from "@/messages/en";

export const panelsStep: StepModule = {
  id: "panels",
  name: stepNames.panels,
  View: dynamic(() => import("./PanelsStep").then(({ PanelsStep }) => PanelsStep)),
  loadPrint: () => import("./PanelsPrint").then(({ PanelsPrint }) => PanelsPrint),
  built: true,
  search: ({ panels }) => panels.map(({ label }) => label.name),
  state: ({ panels }) => {
    if (panels.length === 0) return "empty";
    return panels.every(({ label }) => readLabel(label).type === "label" && doubtsAbout(label).length === 0)
      ? "ready"
      : "question";
  },
};
