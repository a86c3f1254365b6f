import { z } from "zod";
import { type PhotoReading } from "@/core/panels/label-import/photo";
import { causeIds, readSkySchema } from "@/core/measurements";
import { deviceSchema, labelSchema, planSchema } from "@/core/plan";

/** What travels between the interface and the server: one set of shapes, parsed on both sides. */
const revision = z.number().int().min(1);
const stamp = z.string();

export const planSummarySchema = z.strictObject({
  id: z.string(),
  name: z.string(),
  revision,
  createdAt: stamp,
  updatedAt: stamp,
  archived: z.boolean(),
});
const receipt = { id: z.string(), revision, createdAt: stamp, updatedAt: stamp };
/** That a plan is on disk, at which revision. */
export const receiptSchema = z.strictObject(receipt);
export const savedPlanSchema = z.strictObject({ ...receipt, plan: planSchema });
const onShelf = {
  id: z.string(),
  revision,
  updatedAt: stamp,
  retired: z.boolean(),
  usedBy: z.array(z.strictObject({ id: z.string(), name: z.string() })),
};
export const panelRecordSchema = z.strictObject({ ...onShelf, sheet: labelSchema });
export const inputRecordSchema = z.strictObject({ ...onShelf, sheet: deviceSchema });
/** A sheet of the library that is stored but no longer reads. */
export const unreadableSheetSchema = z.strictObject({
  id: z.string(),
  name: z.string(),
  revision,
  problem: z.string(),
});
export type UnreadableSheet = z.infer<typeof unreadableSheetSchema>;
/** The ids of many sheets put in at once, in their order; each is at revision 1. */
export const addedSchema = z.strictObject({ ids: z.array(z.string()), updatedAt: stamp });
export type Added = z.infer<typeof addedSchema>;
export const retiringSchema = z.strictObject({
  retired: z.boolean(),
  sheets: z
    .array(z.strictObject({ id: z.string(), revision }))
    .min(1)
    .max(5000),
});
export type Retiring = z.infer<typeof retiringSchema>;
export const retiredSchema = z.strictObject({ updatedAt: stamp });
export const archivingSchema = z.strictObject({ archived: z.boolean() });
export const newPlanSchema = z.strictObject({ name: z.string().trim().min(1).max(80) });

/** What is open to the network: where, and which phones may use it. */
export const phonesStateSchema = z.strictObject({
  addresses: z.array(z.string()),
  phones: z.array(z.strictObject({ id: z.string(), name: z.string(), pairedAtMs: z.number(), seenAtMs: z.number() })),
  /** until when a pairing code lets a phone in; null when none does */ codeUntilMs: z.number().nullable(),
});
export const pairingCodeSchema = z.strictObject({ digits: z.string(), untilMs: z.number() });
export type PhonesState = z.infer<typeof phonesStateSchema>;

/** Which plans are asked for: with some words in their name, put away ones or not, so many from one on. */
export type PlanSearch = {
  readonly find: string;
  readonly withArchived: boolean;
  readonly from: number;
  readonly most: number;
};
export type PlanSummary = z.infer<typeof planSummarySchema>;
export type Receipt = z.infer<typeof receiptSchema>;
export type SavedPlan = z.infer<typeof savedPlanSchema>;
export type PanelRecord = z.infer<typeof panelRecordSchema>;
export type InputRecord = z.infer<typeof inputRecordSchema>;

/** A weather file to keep, as its text. */
export const newWeatherSchema = z.strictObject({ text: z.string() });
export const weatherReceiptSchema = z.strictObject({ id: z.string(), name: z.string() });
export const weatherRecordSchema = z.strictObject({ id: z.string(), name: z.string(), text: z.string() });
export const townSchema = z.strictObject({
  name: z.string(),
  /** ISO 3166-1, two letters. */ country: z.string(),
  latitudeDeg: z.number(),
  longitudeDeg: z.number(),
});
const id = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/, "an id is 1 to 64 letters, digits, - or _");
/** A simulated bench of a port's array, under a sky and with a fault put in. */
export const newStandInSchema = z.strictObject({
  planId: id,
  wiringId: id,
  inputId: id,
  portId: id,
  sky: readSkySchema,
  moment: z.strictObject({ atMs: z.number().min(0).max(8.64e15), longitudeDeg: z.number().min(-180).max(180) }),
  /** What a cloudless sky gives on its first panel, W/m²: the bench works at night, too. */
  clearWm2: z.number().min(50).max(1300),
  fault: z.strictObject({
    id: z.enum(causeIds),
    n: z.number().int().min(1).max(200),
    strength: z.number().min(0).max(1),
  }),
  seed: z.number().int().min(0).max(1_000_000),
});
export type NewStandIn = z.infer<typeof newStandInSchema>;
export const standInSchema = z.strictObject({ id: z.string() });
/** Lines said to a device, and what it answered. */
export const linesSchema = z.strictObject({ lines: z.array(z.string().min(1).max(120)).min(1).max(20) });
export const answersSchema = z.strictObject({ answers: z.array(z.string().max(400)) });

/** The script of the sheet that is taken along, and its hash in base64. */
export const phoneSheetScriptSchema = z.strictObject({ script: z.string().max(500_000), sha256: z.string().max(60) });
export type PhoneSheetScript = z.infer<typeof phoneSheetScriptSchema>;

export const photoReceiptSchema = z.strictObject({ id: z.string() });

/** A line of the answer to a photo: how far its reading is, what came of it, or why nothing did. The words of a value are shown, never run. */
const record = <V extends z.ZodType>(values: V) => z.record(z.string(), values);
const panelRead = z.strictObject({
  fields: record(z.union([z.number(), z.string()])),
  from: record(z.string()),
  places: record(z.unknown()),
  doubts: z.array(z.strictObject({ field: z.string(), value: z.number(), why: z.string() })),
  offers: z.array(z.strictObject({ fields: record(z.union([z.number(), z.string()])), why: z.string() })),
  marks: record(
    z.strictObject({
      box: z.strictObject({ x0: z.number(), y0: z.number(), x1: z.number(), y1: z.number() }),
      text: z.string(),
      unsure: z.array(z.number()),
    }),
  ),
});
const deviceRead = z.looseObject({
  name: z.string(),
  ports: z.array(z.looseObject({})),
  groups: z.array(z.looseObject({})),
  from: record(z.string()),
  doubts: z.array(z.looseObject({})),
});
/** A value as the core knows it, of the shape told. */
const shaped = <T>(schema: z.ZodType) => z.custom<T>((value) => schema.safeParse(value).success);
export const readingLineSchema = z.discriminatedUnion("type", [
  z.strictObject({ type: z.literal("progress"), share: z.number() }),
  z.strictObject({ type: z.literal("fault"), message: z.string() }),
  z.strictObject({
    type: z.literal("read"),
    panels: shaped<PhotoReading["panels"]>(z.array(panelRead)),
    devices: shaped<PhotoReading["devices"]>(z.array(deviceRead)),
    unread: shaped<PhotoReading["unread"]>(z.array(z.string())),
    shown: z.strictObject({ jpeg: z.base64(), width: z.number(), height: z.number() }),
  }),
]);
export type ReadingLine = z.infer<typeof readingLineSchema>;
export type PhotoRead = Extract<ReadingLine, { type: "read" }>;
export type PhotoReceipt = z.infer<typeof photoReceiptSchema>;
export type WeatherReceipt = z.infer<typeof weatherReceiptSchema>;
export type WeatherRecord = z.infer<typeof weatherRecordSchema>;
export type Town = z.infer<typeof townSchema>;

/** Every way a request can fail. `message` is a whole sentence: what, which value, what is allowed. */
const faultCodes = [
  "badRequest",
  "forbidden",
  "notFound",
  "invalid",
  "notJson",
  "tooLarge",
  "tooCostly",
  "foreign",
  "newer",
  "preconditionRequired",
  "stale",
  "server",
  "busy",
  "full",
  "unreachable",
] as const;

export const apiFaultSchema = z.object({
  type: z.enum(faultCodes),
  message: z.string(),
  /** Where in the document the trouble lies, when it lies in a document. */
  path: z.string().nullable(),
  /** For a stale write: the plan as it now stands, and what changed since the revision written from. */
  current: savedPlanSchema.nullable(),
  changed: z.array(z.string()).nullable(),
  /** For a plan that is spoiled on the disk: its last whole revision; null: none. */
  whole: z.number().int().nullable(),
});

export type ApiFault = z.infer<typeof apiFaultSchema>;
export type ApiFaultType = ApiFault["type"];

/** Whether a fault lies with the server, its disk or the way to it, and the same request may do later. */
export function isRetryable({ type }: ApiFault): boolean {
  return type === "unreachable" || type === "busy" || type === "full" || type === "server";
}

export type ApiResult<T> =
  { readonly type: "ok"; readonly value: T } | { readonly type: "fault"; readonly fault: ApiFault };
