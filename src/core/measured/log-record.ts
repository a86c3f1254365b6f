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

/** Watts of an entry, where it tells them by whatever. */
export function wattsOf({ watts, volts, amps }: Pick<LogEntry, "watts" | "volts" | "amps">): number | null {
  return watts ?? (volts === null || amps === null ? null : volts * amps);
}
