import { z } from "zod";
import { jobSchema, logEntrySchema, logEventSchema, tickSchema } from "./log-record";
import { common, recordId, skyWords } from "./parts";

/** One reading as it is kept: what a meter showed where and when, under which sky, what was due, and by whom. */

export const readQuantities = ["openV", "shortA", "runV", "runA", "displayW", "batterySoc"] as const;
export type ReadQuantity = (typeof readQuantities)[number];

const id = recordId;

/** Where it was read: a panel's own ends, a string's, all joined before the input, or at the input. */
export const readPlaceSchema = z.preprocess(
  fromRow,
  z.discriminatedUnion("type", [
    z.strictObject({ type: z.literal("panel"), panelId: id, piece: z.number().int().min(1).max(100_000) }),
    z.strictObject({ type: z.literal("string"), stringId: id.nullable(), n: z.number().int().min(1).max(200) }),
    z.strictObject({ type: z.literal("array") }),
    z.strictObject({ type: z.literal("input") }),
  ]),
);

/** Readings kept before plans of version 6 call a string a row. */
function fromRow(place: unknown): unknown {
  if (typeof place !== "object" || place === null || !("type" in place) || place.type !== "row") return place;
  const { rowId, ...others } = place as { readonly rowId?: unknown };
  return { ...others, type: "string", stringId: rowId };
}

export type ReadPlace = z.infer<typeof readPlaceSchema>;

/** What is known of the sky while one reads; null: nobody said. */
export const readSkySchema = z.strictObject({
  cloud: z.enum(skyWords).nullable(),
  /** By a light meter held as the panels lie, W/m². */ meterWm2: z.number().min(0).max(1600).nullable(),
  airC: z.number().min(-60).max(60).nullable(),
  /** By a thermometer on a panel's back, °C. */ backC: z.number().min(-60).max(120).nullable(),
});
export type ReadSky = z.infer<typeof readSkySchema>;
export const unsaidSky: ReadSky = { cloud: null, meterWm2: null, airC: null, backC: null };

export const readingSchema = z.strictObject({
  ...common,
  kind: z.literal("prove"),
  wiringId: id,
  inputId: id,
  portId: id,
  place: readPlaceSchema,
  quantity: z.enum(readQuantities),
  value: z.number().min(-1e6).max(1e6),
  sky: readSkySchema,
  /** What was due then, as it was told before the reading; null: nothing could be said. */
  due: z.strictObject({ low: z.number(), due: z.number(), high: z.number() }).nullable(),
  /** The light it was reckoned with, W/m²; null: none. */ lightWm2: z.number().min(0).max(2000).nullable(),
  /** Typed from a meter, read from one, or of a simulated stand-in, which proves nothing. */
  source: z.enum(["typed", "meter", "standIn"]),
});
export type ReadingRecord = z.infer<typeof readingSchema>;

/** Anything that is kept of what was read: of proving, of the log, what happened, what is to be done, what was ticked. */
export const recordSchema = z.discriminatedUnion("kind", [
  readingSchema,
  logEntrySchema,
  logEventSchema,
  jobSchema,
  tickSchema,
]);
export type MeasuredRecord = z.infer<typeof recordSchema>;

/** So many a plan may have; one a minute for two weeks. */
export const maxReadings = 20_000;

/** Where a reading belongs in the walk: its place and what was read there. */
export function keyOfPlace(place: ReadPlace): string {
  switch (place.type) {
    case "panel":
      return `panel:${place.panelId}.${place.piece}`;
    case "string":
      return `row:${place.n}`;
    case "array":
    case "input":
      return place.type;
  }
}

export function stepKey(place: ReadPlace, quantity: ReadQuantity): string {
  return `${keyOfPlace(place)}/${quantity}`;
}
