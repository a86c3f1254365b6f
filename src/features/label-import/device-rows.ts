import { type DeviceRead } from "@/core/panels/label-import";
import { type Unit } from "@/core/engine/units";
import { given, readPortWords } from "@/messages/en";
import { readDeviceTexts } from "@/messages/en/label-import/view";

/** One value that was read of a device, as it is shown: by its place in the reading, `ports[0].maxV`. */
export type DeviceRow = {
  readonly path: string;
  readonly name: string;
  readonly told: string;
  /** The number itself, where it is one. */ readonly value: number | null;
  readonly unit: Unit | null;
};

/** A row for a number that was read; none for one that was not. */
function numberRow(path: string, name: string, value: number | null, unit: Unit): DeviceRow[] {
  return value === null ? [] : [{ path, name, told: given(value, unit), value, unit }];
}

/** A row for several things under one name; none where there are none. */
function listRow(path: string, name: string, told: readonly string[]): DeviceRow[] {
  return told.length === 0 ? [] : [{ path, name, told: told.join(", "), value: null, unit: null }];
}

/** All that was read of a device, PV input by PV input, then what they share. */
export function rowsOf({ ports, groups }: DeviceRead, settled: Readonly<Record<string, number>>): DeviceRow[] {
  const rows = ports.flatMap((port, k): DeviceRow[] => {
    const pathOf = (field: keyof typeof readPortWords) => `ports[${k}].${field}`;
    const nameOf = (field: keyof typeof readPortWords) =>
      ports.length === 1 ? readPortWords[field] : readDeviceTexts.ofPv(k + 1, readPortWords[field]);
    const number = (field: keyof typeof readPortWords & keyof typeof units) =>
      numberRow(pathOf(field), nameOf(field), settled[pathOf(field)] ?? port[field], units[field]);
    const list = (field: keyof typeof readPortWords, told: readonly string[]) =>
      listRow(pathOf(field), nameOf(field), told);
    return [
      ...number("minV"),
      ...number("maxV"),
      ...number("mpptToV"),
      ...number("startV"),
      ...number("startOverBatteryV"),
      ...number("stayOverBatteryV"),
      ...list("currentLimits", port.currentLimits.map(readDeviceTexts.limit)),
      ...number("maxW"),
      ...list("wattsByBattery", port.wattsByBattery.map(readDeviceTexts.wattsAt)),
      ...number("batteryMaxA"),
    ];
  });
  const shared = groups.flatMap(({ ports: of, maxW, amps }, k) => [
    ...numberRow(`groups[${k}].maxW`, readDeviceTexts.together(of), maxW, "W"),
    ...numberRow(`groups[${k}].amps`, readDeviceTexts.together(of), amps, "A"),
  ]);
  return [...rows, ...shared];
}

const units = {
  minV: "V",
  maxV: "V",
  mpptToV: "V",
  startV: "V",
  startOverBatteryV: "V",
  stayOverBatteryV: "V",
  maxW: "W",
  batteryMaxA: "A",
} as const satisfies Readonly<Record<string, Unit>>;
