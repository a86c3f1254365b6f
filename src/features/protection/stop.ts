import dynamic from "next/dynamic";
import { type StopModule } from "@/features/plan-session";
import { passes } from "@/core/checks";
import { stopNames } from "@/messages/en";

export const protectStop: StopModule = {
  id: "protect",
  name: stopNames.protect,
  View: dynamic(() => import("./ProtectStop").then(({ ProtectStop }) => ProtectStop)),
  loadPrint: () => import("./ProtectPrint").then(({ ProtectPrint }) => ProtectPrint),
  built: true,
  search: ({ wirings }) => wirings.flatMap(({ runs }) => runs.map(({ name }) => name)),
  state: ({ wirings, protect }, assessment) => {
    const isBegun =
      protect.portEnds.length > 0 || wirings.some(({ runs, guards }) => runs.length > 0 || guards.length > 0);
    const isAsked =
      assessment?.type === "assessed" &&
      assessment.findings.some(({ stop, level }) => stop === "protect" && !passes(level));
    return isBegun || isAsked ? "ready" : "empty";
  },
};
