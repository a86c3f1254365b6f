import dynamic from "next/dynamic";
import { type StopModule } from "@/features/desk";
import { stopNames } from "@/words";

export const proveStop: StopModule = {
  id: "prove",
  name: stopNames.prove,
  View: dynamic(() => import("./ProveStop").then(({ ProveStop }) => ProveStop)),
  loadPrint: () => import("./ProvePrint").then(({ ProvePrint }) => ProvePrint),
  built: true,
  // what was read is in a table of its own, which the trail does not wait for: it is ready as soon as there is something to prove
  state: ({ notes }, assessment) =>
    notes.prove.trim() !== "" || (assessment?.type === "assessed" && assessment.lanes.length > 0) ? "ready" : "empty",
};
