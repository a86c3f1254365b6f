import { z } from "zod";
import { type ReadSky, readSkySchema, unsaidSky } from "@/core/measurements";
import { defaultMeter } from "@/core/commissioning";
import { keepOnDevice, readFromDevice } from "@/ui";

/** What one says once for a round of readings; kept on this device, as it is of the person and the day and not of the plan. */
export type Settings = {
  readonly sky: ReadSky;
  /** When the sky was said: an old word is none. */ readonly skyAtMs: number;
  readonly by: string;
  readonly maxA: number;
  /** Readings before it belong to another round. */ readonly sinceMs: number;
};

const schema = z.strictObject({
  sky: readSkySchema,
  skyAtMs: z.number(),
  by: z.string().max(40),
  maxA: z.number().min(0).max(100),
  sinceMs: z.number(),
});

const first: Settings = { sky: unsaidSky, skyAtMs: 0, by: "", maxA: defaultMeter.maxA, sinceMs: 0 };
const keyOf = (planId: string) => `golden-array-prove:${planId}`;

export function readSettings(planId: string): Settings {
  return readFromDevice(keyOf(planId), schema, first);
}

/** A browser that keeps nothing: it is said again next time. */
export function keepSettings(planId: string, settings: Settings): void {
  keepOnDevice(keyOf(planId), settings);
}
