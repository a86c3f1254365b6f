import { z } from "zod";
import { common, skyWords } from "./parts";

/** One entry of the log: what the array gave at a moment, or in a day, and what explains it. */
export const logEntrySchema = z
  .strictObject({
    ...common,
    kind: z.literal("log"),
    wiringId: z.string().regex(/^[A-Za-z0-9_-]{1,64}$/),
    /** At that moment; or with `kwh` the energy of that day so far. One of them at least. */
    watts: z.number().min(-100_000).max(100_000).nullable(),
    kwh: z.number().min(-10_000).max(10_000).nullable(),
    volts: z.number().min(-2000).max(2000).nullable(),
    amps: z.number().min(-1000).max(1000).nullable(),
    socPct: z.number().min(0).max(100).nullable(),
    cloud: z.enum(skyWords).nullable(),
    airC: z.number().min(-60).max(60).nullable(),
    source: z.enum(["typed", "csv", "meter", "standIn"]),
    note: z.string().max(200),
  })
  .refine(({ watts, kwh, volts, amps }) => watts !== null || kwh !== null || (volts !== null && amps !== null), {
    message: "watts, or the kWh of the day, or volts and amps",
    path: ["watts"],
  });
export type LogEntry = z.infer<typeof logEntrySchema>;

export const eventKinds = ["cleaned", "tilted", "rain", "stormed", "tightened", "resealed", "other"] as const;
export type EventKind = (typeof eventKinds)[number];

/** Something that was done or happened, in the margin of the log. */
export const logEventSchema = z.strictObject({
  ...common,
  kind: z.literal("event"),
  what: z.enum(eventKinds),
  note: z.string().max(200),
});
export type LogEventRecord = z.infer<typeof logEventSchema>;

/** Something to be done, once or again and again; it is done when an event of its kind says so. */
export const jobSchema = z.strictObject({
  ...common,
  kind: z.literal("job"),
  what: z.enum(["cleaned", "tilted", "stormed", "tightened", "resealed", "other"]),
  /** `atUtc` is when it is due first; then so many days after it was done last, or null: once. */
  everyDays: z.number().int().min(1).max(3660).nullable(),
  note: z.string().max(200),
});
export type JobRecord = z.infer<typeof jobSchema>;
export type JobKind = JobRecord["what"];

/** A step of the order of work ticked away from the plan, on a sheet taken along. */
export const tickSchema = z.strictObject({
  ...common,
  kind: z.literal("tick"),
  /** Which order of work, and the step's words as they stood on the sheet. */
  list: z.string().max(80),
  step: z.string().min(1).max(400),
});
export type TickRecord = z.infer<typeof tickSchema>;

/** Watts of an entry, where it tells them by whatever. */
export function wattsOf({ watts, volts, amps }: Pick<LogEntry, "watts" | "volts" | "amps">): number | null {
  return watts ?? (volts === null || amps === null ? null : volts * amps);
}
