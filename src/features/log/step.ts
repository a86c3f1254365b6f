import dynamic from "next/dynamic";
import { type StepModule } from "@/features/plan-session";
import { stepNames } from "@/messages/en";

export const logStep: StepModule = {
  id: "log",
  name: stepNames.log,
  View: dynamic(() => import("./LogStep").then(({ LogStep }) => LogStep)),
  loadPrint: () => import("./LogPrint").then(({ LogPrint }) => LogPrint),
  built: true,
  state: ({ notes }, _, readings) =>
    readings.some(({ kind }) => kind === "log") ? "ready" : notes.log.trim() === "" ? "empty" : "notes",
};
