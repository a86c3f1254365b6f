import dynamic from "next/dynamic";
import { type StepModule } from "@/features/plan-session";
import { stepNames } from "@/messages/en";

export const needStep: StepModule = {
  id: "need",
  name: stepNames.need,
  View: dynamic(() => import("./NeedStep").then(({ NeedStep }) => NeedStep)),
  loadPrint: () => import("./NeedPrint").then(({ NeedPrint }) => NeedPrint),
  built: true,
  search: ({ need }) => [...need.loads, ...need.batteries].map(({ name }) => name),
  state: ({ need, site }) => {
    const isUsed = need.by === "line" ? need.line.wh !== null || need.line.ah !== null : need.loads.length > 0;
    if (!isUsed && site.latitudeDeg === null) return "empty";
    return isUsed && site.latitudeDeg !== null ? "ready" : "question";
  },
};
