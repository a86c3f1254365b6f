import dynamic from "next/dynamic";
import { type StopModule } from "@/features/plan-session";
import { stopNames } from "@/messages/en";

export const proveStop: StopModule = {
  id: "prove",
  name: stopNames.prove,
  View: dynamic(() => import("./ProveStop").then(({ ProveStop }) => ProveStop)),
  loadPrint: () => import("./ProvePrint").then(({ ProvePrint }) => ProvePrint),
  built: true,
  state: ({ notes }, _, readings) => {
    if (readings.some((each) => each.kind === "prove" && each.source !== "standIn")) return "ready";
    return notes.prove.trim() === "" ? "empty" : "notes";
  },
};
