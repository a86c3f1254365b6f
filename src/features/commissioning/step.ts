import dynamic from "next/dynamic";
import { type StepModule } from "@/features/plan-session";
import { stepNames } from "@/messages/en";

export const testStep: StepModule = {
  id: "test",
  name: stepNames.test,
  View: dynamic(() => import("./TestStep").then(({ TestStep }) => TestStep)),
  loadPrint: () => import("./ProvePrint").then(({ ProvePrint }) => ProvePrint),
  built: true,
  state: ({ notes }, _, readings) => {
    if (readings.some((each) => each.kind === "prove" && each.source !== "standIn")) return "ready";
    return notes.test.trim() === "" ? "empty" : "notes";
  },
};
