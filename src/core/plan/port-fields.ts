import { fieldSpecs, type FieldSpec } from "../engine/units";

/** One number of a PV input: all that shows, reads, writes or keeps it goes by this row, as `panelFields` does for a panel. */
export type PortField = FieldSpec & {
  /** Where the form has it. */ readonly group: "voltage" | "power" | "conversion" | "startUp";
  /** Whether nothing can be judged without it. */ readonly isNeeded: boolean;
  /** By which conversion it counts; null: by either. */ readonly onlyBy: "mppt" | "pwm" | null;
  /** Its title in a table of controllers (CSV) and other titles taken for it, in small letters. */
  readonly title: string;
  readonly titles: readonly string[];
  /** How wide its column of the library is, px; null: none. */ readonly widthPx: number | null;
};

const plain = { isNeeded: false, onlyBy: null, titles: [], widthPx: null } as const;

/** Every number of a PV input besides its tiers of amps, in the order a data sheet is read. */
export const portFields = {
  minV: {
    ...plain,
    ...fieldSpecs.minV,
    group: "voltage",
    title: "Lowest volts",
    titles: ["min voltage", "minimum voltage", "vmin", "min operating voltage"],
    widthPx: 150,
  },
  maxV: {
    ...plain,
    ...fieldSpecs.maxV,
    group: "voltage",
    isNeeded: true,
    title: "Max PV voltage",
    titles: ["max voltage", "maximum voltage", "vmax", "highest volts"],
    widthPx: 104,
  },
  maxW: {
    ...plain,
    ...fieldSpecs.maxW,
    group: "power",
    title: "Watt limit",
    titles: ["max power", "maximum power", "max watts", "max pv power"],
    widthPx: 116,
  },
  batteryMaxA: {
    ...plain,
    ...fieldSpecs.batteryMaxA,
    group: "conversion",
    title: "Amps into battery",
    titles: ["charge current", "max charge current"],
  },
  pwmDropV: {
    ...plain,
    ...fieldSpecs.pwmDropV,
    group: "conversion",
    onlyBy: "pwm",
    title: "Drop",
    titles: ["pwm drop", "voltage drop"],
  },
  wakeV: {
    ...plain,
    ...fieldSpecs.wakeV,
    group: "startUp",
    title: "Wakes at",
    titles: ["wake voltage", "start voltage", "start up voltage"],
  },
  batteryV: {
    ...plain,
    ...fieldSpecs.batteryV,
    group: "startUp",
    title: "Battery",
    titles: ["battery voltage"],
    widthPx: 132,
  },
  wakeMarginV: {
    ...plain,
    ...fieldSpecs.wakeMarginV,
    group: "startUp",
    title: "Over battery to wake",
    titles: ["overittowake", "start up above battery"],
  },
  stayMarginV: {
    ...plain,
    ...fieldSpecs.stayMarginV,
    group: "startUp",
    title: "Over battery to stay",
    titles: ["overittostay", "stay on above battery"],
  },
} as const satisfies Readonly<Record<string, PortField>>;

export type PortFieldName = keyof typeof portFields;
export const portFieldNames = Object.keys(portFields) as readonly PortFieldName[];

/** Whether a number counts for an input that converts so. */
export function countsBy(name: PortFieldName, conversion: "mppt" | "pwm"): boolean {
  const { onlyBy }: PortField = portFields[name];
  return onlyBy === null || onlyBy === conversion;
}
