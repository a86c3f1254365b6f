import dynamic from "next/dynamic";
import { type StopModule } from "@/features/plan-session";
import { stopNames } from "@/messages/en";

export const needStop: StopModule = {
  id: "need",
  name: stopNames.need,
  View: dynamic(() => import("./NeedStop").then(({ NeedStop }) => NeedStop)),
  loadPrint: () => import("./NeedPrint").then(({ NeedPrint }) => NeedPrint),
  built: true,
  search: ({ need }) => [...need.loads, ...need.batteries].map(({ name }) => name),
  state: ({ need, site }) => {
    const isUsed = need.by === "line" ? need.line.wh !== null || need.line.ah !== null : need.loads.length > 0;
    if (!isUsed && site.latitudeDeg === null) return "empty";
    return isUsed && site.latitudeDeg !== null ? "ready" : "question";
  },
};
