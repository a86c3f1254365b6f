import { blankDevice, blankPort, type DeviceSheet } from "@/core/plan";
import { type DeviceRead } from "@/core/panels/label-import";
import { deviceOfTexts } from "@/messages/en/label-import/view";

/** What the person decided: which battery stands behind it, and which of two values holds. */
export type Decided = { readonly batteryV: number | null; readonly settled: Readonly<Record<string, number>> };

/** The battery voltages of which something read depends; none: nothing does. */
export function batteriesOf({ ports }: DeviceRead): number[] {
  const named = ports.flatMap(({ wattsByBattery, maxVByBattery }) =>
    [...wattsByBattery, ...maxVByBattery].map(({ batteryV }) => batteryV),
  );
  return [...new Set(named)].sort((a, b) => a - b);
}

/** The device as the plan has it; what is still in doubt stays empty. */
export function deviceOf(read: DeviceRead, { batteryV, settled }: Decided): DeviceSheet {
  const { name, kind, conversion, ports, groups, doubts } = read;
  const device = blankDevice(name === "" ? deviceOfTexts.importedController : name);
  const made = ports.map((port, k) => {
    const path = (field: string) => `ports[${k}].${field}`;
    /** A number that nothing speaks against, or that was settled. */
    const sure = (field: string, value: number | null) =>
      settled[path(field)] ?? (doubts.some((doubt) => doubt.field === path(field)) ? null : value);
    const at = <Each extends { readonly batteryV: number }>(all: readonly Each[]) =>
      all.find((each) => each.batteryV === batteryV);
    const limits = doubts.some(({ field }) => field === path("currentLimits")) ? [] : port.currentLimits;
    return {
      ...blankPort(`port-${k + 1}`, ports.length === 1 ? deviceOfTexts.pvInput : deviceOfTexts.pvK(k + 1)),
      minV: sure("minV", port.minV),
      maxV: at(port.maxVByBattery)?.volts ?? sure("maxV", port.maxV),
      ceilingBasis: port.isOpenCircuit ? ("voc" as const) : ("unknown" as const),
      maxW: at(port.wattsByBattery)?.watts ?? sure("maxW", port.maxW),
      batteryMaxA: sure("batteryMaxA", port.batteryMaxA),
      batteryV,
      wakeV: sure("startV", port.startV),
      wakeMarginV: sure("startOverBatteryV", port.startOverBatteryV),
      stayMarginV: sure("stayOverBatteryV", port.stayOverBatteryV),
      conversion,
      currentLimits: limits.slice(0, 4).map((limit) => ({ ...limit })),
    };
  });
  return {
    ...device,
    kind,
    ports: made,
    groups: groups.map((group, k) => ({
      id: `group-${k + 1}`,
      name: deviceOfTexts.together,
      portIds: group.ports.flatMap((place) => made[place - 1]?.id ?? []),
      maxW: group.maxW,
      maxA: group.amps,
      nature: "drawsUpTo" as const,
    })),
  };
}
