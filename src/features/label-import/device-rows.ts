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

/** All that was read of a device, PV input by PV input, then what they share. */
export function rowsOf({ ports, groups }: DeviceRead, settled: Readonly<Record<string, number>>): DeviceRow[] {
  const rows = ports.flatMap((port, k): DeviceRow[] => {
    const of = (name: string) => (ports.length === 1 ? name : readDeviceTexts.ofPv(k + 1, name));
    const number = (field: keyof typeof readPortWords, read: number | null, unit: Unit): DeviceRow[] => {
      const path = `ports[${k}].${field}`;
      const value = settled[path] ?? read;
      return value === null ? [] : [{ path, name: of(readPortWords[field]), told: given(value, unit), value, unit }];
    };
    const list = (field: keyof typeof readPortWords, told: readonly string[]): DeviceRow[] =>
      told.length === 0
        ? []
        : [
            {
              path: `ports[${k}].${field}`,
              name: of(readPortWords[field]),
              told: told.join(", "),
              value: null,
              unit: null,
            },
          ];
    return [
      ...number("minV", port.minV, "V"),
      ...number("maxV", port.maxV, "V"),
      ...number("mpptToV", port.mpptToV, "V"),
      ...number("startV", port.startV, "V"),
      ...number("startOverBatteryV", port.startOverBatteryV, "V"),
      ...number("stayOverBatteryV", port.stayOverBatteryV, "V"),
      ...list("currentLimits", port.currentLimits.map(readDeviceTexts.limit)),
      ...number("maxW", port.maxW, "W"),
      ...list("wattsByBattery", port.wattsByBattery.map(readDeviceTexts.wattsAt)),
      ...number("batteryMaxA", port.batteryMaxA, "A"),
    ];
  });
  const shared = groups.flatMap(({ ports: of, maxW, amps }, k): DeviceRow[] => [
    ...(maxW === null
      ? []
      : [
          {
            path: `groups[${k}].maxW`,
            name: readDeviceTexts.together(of),
            told: given(maxW, "W"),
            value: maxW,
            unit: "W" as const,
          },
        ]),
    ...(amps === null
      ? []
      : [
          {
            path: `groups[${k}].amps`,
            name: readDeviceTexts.together(of),
            told: given(amps, "A"),
            value: amps,
            unit: "A" as const,
          },
        ]),
  ]);
  return [...rows, ...shared];
}
