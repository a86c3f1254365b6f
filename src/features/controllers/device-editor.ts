import { type DeviceSheet, type PortSheet } from "@/core/plan";

/** A device being typed, wherever it is kept. Changes with one gesture name in a row are one step of undo. */
export type DeviceEditor = {
  readonly device: DeviceSheet;
  readonly setDevice: (patch: Partial<Omit<DeviceSheet, "ports">>, gesture?: string) => void;
  readonly setPort: (portId: string, patch: Partial<Omit<PortSheet, "id">>, gesture?: string) => void;
  readonly addPort: (port: PortSheet) => void;
  readonly removePort: (portId: string) => void;
  readonly done: () => void;
};
