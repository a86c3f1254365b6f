import { z } from "zod";
import { field, id, name, stated } from "../fields";

/** What uses the electricity, what stores it, and what else brings some. */

export const seasons = ["winter", "spring", "summer", "autumn"] as const;

export type Season = (typeof seasons)[number];

const seasonsOf = z.array(z.enum(seasons)).max(seasons.length);

/** When in the day something runs: spread over all of it, while it is light, in the evening, in the night. */
export const dayTimes = ["allDay", "day", "evening", "night"] as const;

export type DayTime = (typeof dayTimes)[number];

const loadSchema = z.strictObject({
  id,
  name,
  count: field("count"),
  /** What it takes while it runs: watts, or amps at the volts of its battery. One of them; watts where both are said. */
  watts: stated("loadW"),
  amps: stated("loadA"),
  /** How long it runs in a day, or how often, and what each time takes. */
  use: z.enum(["hours", "times"]),
  hoursADay: stated("hoursADay"),
  timesADay: stated("timesADay"),
  timesWh: stated("timesWh"),
  /** Straight from the battery, or mains made by the inverter. */
  supply: z.enum(["dc", "mains"]),
  seasons: seasonsOf,
  when: z.enum(dayTimes),
  /** The battery it runs from; null: the first. */
  batteryId: id.nullable(),
});

export type Load = z.infer<typeof loadSchema>;

export const chemistries = ["lithium", "lead"] as const;

export type Chemistry = (typeof chemistries)[number];

const batterySchema = z.strictObject({
  id,
  name,
  chemistry: z.enum(chemistries),
  volts: stated("batteryV"),
  capacityAh: stated("capacityAh"),
  usablePct: stated("sharePct"),
  maxChargeA: stated("batteryMaxA"),
  /** Whether it is kept from freezing, as inside a heated room. */
  keptWarm: z.boolean(),
  /** What is on by itself, day and night: an idle controller, a monitor, an alarm. */
  standingW: stated("standingW"),
  /** The inputs that charge it; none: all that charge no other. */
  inputIds: z.array(id).max(20),
});

export type Battery = z.infer<typeof batterySchema>;

export const sourceKinds = ["alternator", "shore", "generator"] as const;

const sourceSchema = z.strictObject({
  id,
  name,
  kind: z.enum(sourceKinds),
  watts: stated("loadW"),
  /** On a day on which it is used. */ hoursADay: stated("hoursADay"),
  daysAWeek: stated("daysAWeek"),
  seasons: seasonsOf,
});

export type EnergySource = z.infer<typeof sourceSchema>;

export const schema = z.strictObject({
  /** Whether the day's use is the list of loads, or the one line. */
  by: z.enum(["list", "line"]),
  line: z.strictObject({ wh: stated("dailyWh"), ah: stated("dailyAh") }),
  loads: z.array(loadSchema).max(100),
  batteries: z.array(batterySchema).max(20),
  sources: z.array(sourceSchema).max(20),
  inverter: z.strictObject({
    efficiencyPct: stated("efficiencyPct"),
    standingW: stated("standingW"),
    hoursADay: stated("hoursADay"),
  }),
  /** Days without sun the battery should last. */
  autonomyDays: stated("autonomyDays"),
});

export type Need = z.infer<typeof schema>;

export type Lists = { loads: Load; batteries: Battery; sources: EnergySource };

export type AddTo<List extends keyof Lists> = {
  readonly type: "addToNeed";
  readonly list: List;
  readonly id: string;
  readonly like: Partial<Lists[List]>;
};

export type PatchIn<List extends keyof Lists> = {
  readonly type: "patchInNeed";
  readonly list: List;
  readonly id: string;
  readonly patch: Partial<Lists[List]>;
};

export type Any<T extends Record<keyof Lists, unknown>> = T[keyof Lists];

export type Item = Lists[keyof Lists];
