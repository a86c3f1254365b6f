import dynamic from "next/dynamic";
import { type StepModule } from "@/features/plan-session";
import { methodWords, stepNames } from "@/messages/en";

export const mountingStep: StepModule = {
  id: "mounting",
  name: stepNames.mounting,
  View: dynamic(() => import("./MountingStep").then(({ MountingStep }) => MountingStep)),
  loadPrint: () => import("./MountPrint").then(({ MountPrint }) => MountPrint),
  built: true,
  search: ({ fixings }) => fixings.list.map(({ name, method }) => `${name}: ${methodWords[method].name}`),
  state: ({ fixings }) => (fixings.list.some(({ pieces }) => pieces.length > 0) ? "ready" : "empty"),
};
