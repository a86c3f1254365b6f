import { type Random } from "@/core/engine/random";

/** A made-up device as its maker knows it, of which texts are made. Limits of amps hold from volts to volts. */
export type MadeDevice = {
  readonly name: string;
  readonly minV: number;
  readonly maxV: number;
  readonly tiers: readonly { readonly fromV: number; readonly toV: number; readonly amps: number }[];
  readonly maxW: number;
  /** How many PV inputs of that kind, and what they take together. */ readonly count: number;
  readonly togetherW: number;
};

export type MadeController = {
  readonly name: string;
  readonly maxV: number;
  readonly minV: number;
  readonly mpptToV: number;
  readonly startV: number;
  readonly inputA: number;
  readonly shortA: number;
  readonly batteryA: number;
  readonly wattsAt12: number;
};

/** A text, and what a careful reader finds in it: by `ports[0].maxV`, or `groups[0].maxW`. */
export type DeviceText = {
  readonly text: string;
  readonly fields: Readonly<Record<string, number | string>>;
  /** Fields of which the text says two things. */ readonly torn?: readonly string[];
  /** How many devices it is of, where not one. */ readonly devices?: number;
};

const makers: readonly [string, ...string[]] = [
  "Fennwick",
  "Larkhollow",
  "Umberside",
  "Drayfold",
  "Stonebarrow",
  "Quillmere",
];

export function stationOf(draw: Random, tierCount = draw.whole(1, 2), count = 1): MadeDevice {
  const minV = draw.pick([10, 11, 12, 14]);
  const maxV = draw.pick([28, 48, 50, 58, 60, 80, 100, 145]);
  const middleV = draw.whole(minV + 8, maxV - 8);
  const amps = draw.pick([8, 8.2, 9, 10, 12, 12.5]);
  const tiers =
    tierCount === 1
      ? [{ fromV: minV, toV: maxV, amps }]
      : [
          { fromV: minV, toV: middleV, amps },
          { fromV: middleV, toV: maxV, amps: amps + draw.pick([2, 3, 5.5]) },
        ];
  const maxW = draw.pick([200, 300, 400, 550, 600, 800, 1200]);
  const name = `${draw.pick(makers)} ${draw.pick(["P", "R", "S", "Go ", "Max "])}${draw.pick([500, 700, 1000, 1200, 2000])}`;
  return { name, minV, maxV, tiers, maxW, count, togetherW: Math.round(maxW * 1.5) };
}

export function controllerOf(draw: Random): MadeController {
  const maxV = draw.pick([50, 75, 100, 110, 140, 150, 160, 250]);
  const batteryA = draw.pick([10, 15, 20, 30, 35, 40, 55, 60]);
  return {
    name: `${draw.pick(makers)} ${draw.pick(["SC", "TC", "CC"])} ${maxV}/${batteryA}`,
    maxV,
    minV: draw.pick([14, 15, 17, 18]),
    mpptToV: maxV - draw.pick([5, 8, 10]),
    startV: draw.pick([19, 20, 21]),
    inputA: draw.pick([16, 18, 25, 32, 45]),
    shortA: draw.pick([20, 26, 48, 50, 65]),
    batteryA,
    wattsAt12: draw.pick([130, 260, 400, 520, 560, 770, 1150]),
  };
}

/** Amps of a station with one tier. */
export function amp({ tiers: [first] }: MadeDevice): number {
  return first?.amps ?? 0;
}

/** Fields of a PV input of a station, at some place among its ports. */
export function fieldsOf({ minV, maxV, tiers, maxW }: MadeDevice, k = 0): DeviceText["fields"] {
  return {
    [`ports[${k}].minV`]: minV,
    [`ports[${k}].maxV`]: maxV,
    [`ports[${k}].maxW`]: maxW,
    [`ports[${k}].currentLimits`]:
      tiers.length === 1
        ? `${tiers[0]?.amps}`
        : tiers.map(({ fromV, toV, amps }) => `${fromV}-${toV}: ${amps}`).join(", "),
  };
}

export function wattsOf({ wattsAt12 }: MadeController): DeviceText["fields"] {
  return { "ports[0].wattsByBattery": `12: ${wattsAt12}, 24: ${2 * wattsAt12}` };
}
