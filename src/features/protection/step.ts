import dynamic from "next/dynamic";
import { type StepModule } from "@/features/plan-session";
import { passes } from "@/core/checks";
import { stepNames } from "@/messages/en";

export const protectionStep: StepModule = {
  id: "protection",
  name: stepNames.protection,
  View: dynamic(() => import("./ProtectionStep").then(({ ProtectionStep }) => ProtectionStep)),
  loadPrint: () => import("./ProtectPrint").then(({ ProtectPrint }) => ProtectPrint),
  built: true,
  search: ({ wirings }) => wirings.flatMap(({ runs }) => runs.map(({ name }) => name)),
  state: ({ wirings, protect }, assessment) => {
    const isBegun =
      protect.portEnds.length > 0 || wirings.some(({ runs, guards }) => runs.length > 0 || guards.length > 0);
    const isAsked =
      assessment?.type === "assessed" &&
      assessment.findings.some(({ step, level }) => step === "protection" && !passes(level));
    return isBegun || isAsked ? "ready" : "empty";
  },
};
