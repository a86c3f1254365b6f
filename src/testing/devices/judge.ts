import { type DeviceRead } from "@/core/panels/label-import";
import { type DeviceText } from "./made-device";

export type Judged = {
  readonly right: number;
  readonly all: number;
  /** Values that are not the maker's and carry no doubt. */ readonly wrong: readonly string[];
};

/** How a text was read, field by field. What the text does not say counts where something was read for it. */
export function judged({ fields, torn = [], devices: count = 1 }: DeviceText, devices: readonly DeviceRead[]): Judged {
  const read = new Map(devices.slice(0, 1).flatMap((device) => [...told(device)]));
  const doubted = new Set(devices.flatMap(({ doubts }) => doubts.map(({ field }) => field)));
  const wrong: string[] = devices.length <= count ? [] : [`${devices.length} devices`];
  let right = 0;
  for (const [field, value] of Object.entries(fields)) {
    const got = read.get(field);
    if (got === value) right += 1;
    else if (got !== undefined && !doubted.has(field)) wrong.push(`${field} read as ${got}, is ${value}`);
    read.delete(field);
  }
  for (const [field, value] of read) if (!doubted.has(field)) wrong.push(`${field} read as ${value}, is not said`);
  for (const field of torn) if (!doubted.has(field)) wrong.push(`${field} is not doubted`);
  return { right, all: Object.keys(fields).length, wrong };
}

function told({ ports, groups }: DeviceRead): Map<string, number | string> {
  const fields = new Map<string, number | string>();
  for (const [k, { currentLimits, wattsByBattery, maxVByBattery, isOpenCircuit, ...port }] of ports.entries()) {
    for (const [name, value] of Object.entries(port)) if (value !== null) fields.set(`ports[${k}].${name}`, value);
    const limits = currentLimits.map(({ fromV, toV, amps, nature }) => {
      // over all volts that the input takes: said with them or without, it is the same
      const isWhole = fromV === null || (fromV === port.minV && toV === port.maxV);
      const range = isWhole ? "" : `${fromV}-${toV}: `;
      return `${range}${amps}${nature === "neverExceed" ? " short" : ""}`;
    });
    if (limits.length > 0) fields.set(`ports[${k}].currentLimits`, limits.join(", "));
    const watts = wattsByBattery.map((each) => `${each.batteryV}: ${each.watts}`).join(", ");
    if (isOpenCircuit && port.maxV === null) fields.set(`ports[${k}].isOpenCircuit`, "of no volts");
    if (maxVByBattery.length === 1) fields.set(`ports[${k}].maxVByBattery`, "of one battery");
    if (watts !== "") fields.set(`ports[${k}].wattsByBattery`, watts);
  }
  for (const [k, { maxW, amps }] of groups.entries()) {
    if (maxW !== null) fields.set(`groups[${k}].maxW`, maxW);
    if (amps !== null) fields.set(`groups[${k}].amps`, amps);
  }
  return fields;
}
