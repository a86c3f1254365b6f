import dynamic from "next/dynamic";
import { type StopModule } from "@/features/plan-session";
import { stopNames } from "@/messages/en";

export const logStop: StopModule = {
  id: "log",
  name: stopNames.log,
  View: dynamic(() => import("./LogStop").then(({ LogStop }) => LogStop)),
  loadPrint: () => import("./LogPrint").then(({ LogPrint }) => LogPrint),
  built: true,
  state: ({ notes }, _, readings) =>
    readings.some(({ kind }) => kind === "log") ? "ready" : notes.log.trim() === "" ? "empty" : "notes",
};
