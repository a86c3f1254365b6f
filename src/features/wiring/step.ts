import dynamic from "next/dynamic";
import { type StepModule } from "@/features/plan-session";
import { stepNames } from "@/messages/en";

export const wiringStep: StepModule = {
  id: "wiring",
  name: stepNames.wiring,
  View: dynamic(() => import("./WiringStep").then(({ WiringStep }) => WiringStep)),
  loadPrint: () => import("./print/WirePrint").then(({ WirePrint }) => WirePrint),
  built: true,
  state: (_, assessment) => {
    if (assessment === null || assessment.type === "incomplete") return "empty";
    return assessment.missing.length > 0 ? "question" : "ready";
  },
};
