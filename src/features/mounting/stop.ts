import dynamic from "next/dynamic";
import { type StopModule } from "@/features/plan-session";
import { methodWords, stopNames } from "@/messages/en";

export const mountStop: StopModule = {
  id: "mount",
  name: stopNames.mount,
  View: dynamic(() => import("./MountStop").then(({ MountStop }) => MountStop)),
  loadPrint: () => import("./MountPrint").then(({ MountPrint }) => MountPrint),
  built: true,
  search: ({ fixings }) => fixings.list.map(({ name, method }) => `${name}: ${methodWords[method].name}`),
  state: ({ fixings }) => (fixings.list.some(({ pieces }) => pieces.length > 0) ? "ready" : "empty"),
};
