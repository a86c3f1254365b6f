import dynamic from "next/dynamic";
import { doubtsAbout, readLabel } from "@/core/engine/panel";
import { type StopModule } from "@/features/plan-session";
import { stopNames } from "@/messages/en";

export const panelsStop: StopModule = {
  id: "panels",
  name: stopNames.panels,
  View: dynamic(() => import("./PanelsStop").then(({ PanelsStop }) => PanelsStop)),
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
