import dynamic from "next/dynamic";
import { type StepModule } from "@/features/plan-session";
import { stepNames } from "@/messages/en";

export const controllerStep: StepModule = {
  id: "controller",
  name: stepNames.controller,
  View: dynamic(() => import("./ControllerStep").then(({ ControllerStep }) => ControllerStep)),
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
