import dynamic from "next/dynamic";
import { type StopModule } from "@/features/plan-session";
import { stopNames } from "@/messages/en";

export const wireStop: StopModule = {
  id: "wire",
  name: stopNames.wire,
  View: dynamic(() => import("./WireStop").then(({ WireStop }) => WireStop)),
  loadPrint: () => import("./print/WirePrint").then(({ WirePrint }) => WirePrint),
  built: true,
  state: (_, assessment) => {
    if (assessment === null || assessment.type === "incomplete") return "empty";
    return assessment.missing.length > 0 ? "question" : "ready";
  },
};
