import dynamic from "next/dynamic";
import { type StepModule } from "@/features/plan-session";
import { stepNames } from "@/messages/en";

export const layoutStep: StepModule = {
  id: "layout",
  name: stepNames.layout,
  View: dynamic(() => import("./LayoutStep").then(({ LayoutStep }) => LayoutStep)),
  loadPrint: () => import("./SpacePrint").then(({ SpacePrint }) => SpacePrint),
  built: true,
  search: ({ space }) => [...space.surfaces, ...space.obstacles].map(({ name }) => name),
  state: ({ space }) => {
    if (space.surfaces.length === 0) return "empty";
    return space.places.length === 0 ? "question" : "ready";
  },
};
