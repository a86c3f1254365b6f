import dynamic from "next/dynamic";
import { type StopModule } from "@/features/plan-session";
import { stopNames } from "@/messages/en";

export const inputStop: StopModule = {
  id: "input",
  name: stopNames.input,
  View: dynamic(() => import("./InputStop").then(({ InputStop }) => InputStop)),
  loadPrint: () => import("./InputPrint").then(({ InputPrint }) => InputPrint),
  built: true,
  search: ({ inputs }) => inputs.map(({ device }) => device.name),
  state: ({ inputs }) => {
    if (inputs.length === 0) return "empty";
    return inputs.every(({ device }) =>
      device.ports.every((port) => port.maxV !== null && (port.minV !== null || port.batteryV !== null)),
    )
      ? "ready"
      : "question";
  },
};
