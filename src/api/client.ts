import { z } from "zod";
import { type MeasuredRecord, recordSchema } from "@/core/measurements";
import { type DeviceSheet, type PanelSheet, type Plan } from "@/core/plan";
import {
  addedSchema,
  answersSchema,
  type NewStandIn,
  standInSchema,
  apiFaultSchema,
  type ApiFault,
  type ApiResult,
  inputRecordSchema,
  pairingCodeSchema,
  panelRecordSchema,
  photoReceiptSchema,
  readingLineSchema,
  phoneSheetScriptSchema,
  phonesStateSchema,
  planSummarySchema,
  receiptSchema,
  savedPlanSchema,
  townSchema,
  unreadableSheetSchema,
  weatherReceiptSchema,
  weatherRecordSchema,
  type Added,
  type InputRecord,
  type PanelRecord,
  type PhonesState,
  type PhotoRead,
  type PhotoReceipt,
  type PlanSummary,
  type Receipt,
  type PhoneSheetScript,
  type SavedPlan,
  type Town,
  type UnreadableSheet,
  type WeatherReceipt,
  type WeatherRecord,
  retiredSchema,
  type Retiring,
} from "./contract";

/** Of an older or a newer version what still reads; one that does not stays on the server. */
const readRecords = z
  .strictObject({ records: z.array(z.unknown()), spoiled: z.number().int().min(0) })
  .transform(({ records, spoiled }): ReadingsKept => ({
    records: records.flatMap((each) => {
      const read = recordSchema.safeParse(each);
      return read.success ? [read.data] : [];
    }),
    spoiled,
  }));
/** The readings of a plan, and how many more are spoiled on the server's disk. */
export type ReadingsKept = { readonly records: MeasuredRecord[]; readonly spoiled: number };

type Send = {
  readonly method: "GET" | "POST" | "PUT" | "DELETE";
  readonly path: string;
  readonly body?: string | Uint8Array<ArrayBuffer>;
  readonly ifMatch?: number;
  readonly keepalive?: boolean;
  /** Of bytes; a bundle's unless said otherwise. */ readonly contentType?: string;
};

const nothing = z.null();

/** The typed client of the HTTP interface. Never throws: a fault is a result. */
export function createClient(fetcher: typeof fetch) {
  async function call<T>(send: Send, schema: z.ZodType<T>): Promise<ApiResult<T>> {
    const headers: Record<string, string> = {};
    if (send.body !== undefined)
      headers["content-type"] =
        typeof send.body === "string" ? "application/json" : (send.contentType ?? "application/zip");
    if (send.ifMatch !== undefined) headers["if-match"] = `"${send.ifMatch}"`;
    try {
      const response = await fetcher(send.path, {
        method: send.method,
        headers,
        body: send.body ?? null,
        cache: "no-store",
        keepalive: send.keepalive ?? false,
      });
      const value: unknown = response.status === 204 ? null : await response.json();
      if (!response.ok) return { type: "fault", fault: apiFaultSchema.parse(value) };
      return { type: "ok", value: schema.parse(value) };
    } catch (error) {
      return { type: "fault", fault: unreachable(error) };
    }
  }

  return {
    listPlans: (): Promise<ApiResult<PlanSummary[]>> =>
      call({ method: "GET", path: "/api/plans" }, z.array(planSummarySchema)),
    createPlan: (name: string): Promise<ApiResult<Receipt>> =>
      call({ method: "POST", path: "/api/plans", body: JSON.stringify({ name }) }, receiptSchema),
    readPlan: (id: string): Promise<ApiResult<SavedPlan>> =>
      call({ method: "GET", path: `/api/plans/${id}` }, savedPlanSchema),
    /** Saves over the revision given; `keepalive` lets the request outlive the page (small bodies only). */
    savePlan: (id: string, revision: number, plan: Plan, keepalive = false): Promise<ApiResult<Receipt>> =>
      call(
        { method: "PUT", path: `/api/plans/${id}`, body: JSON.stringify(plan), ifMatch: revision, keepalive },
        receiptSchema,
      ),
    deletePlan: (id: string, revision: number): Promise<ApiResult<null>> =>
      call({ method: "DELETE", path: `/api/plans/${id}`, ifMatch: revision }, nothing),
    /** Sends a file as it is, its text or the bytes of a bundle: the server judges it, so that nothing is trusted here. */
    importPlan: (file: string | Uint8Array<ArrayBuffer>): Promise<ApiResult<Receipt>> =>
      call({ method: "POST", path: "/api/plans/import", body: file }, receiptSchema),
    /** Makes a new plan of the last whole revision of one that is spoiled on the disk. */
    rescuePlan: (id: string): Promise<ApiResult<Receipt>> =>
      call({ method: "POST", path: `/api/plans/${id}/rescue` }, receiptSchema),
    archivePlan: (id: string, archived: boolean): Promise<ApiResult<null>> =>
      call({ method: "PUT", path: `/api/plans/${id}/archived`, body: JSON.stringify({ archived }) }, nothing),
    readings: {
      list: (planId: string): Promise<ApiResult<ReadingsKept>> =>
        call({ method: "GET", path: `/api/plans/${planId}/readings` }, readRecords),
      /** Keeps a reading; the same one again is the same. */
      put: (planId: string, reading: MeasuredRecord): Promise<ApiResult<null>> =>
        call(
          { method: "PUT", path: `/api/plans/${planId}/readings/${reading.id}`, body: JSON.stringify(reading) },
          nothing,
        ),
      /** Many at once, all or none. */
      putMany: (planId: string, records: readonly MeasuredRecord[]): Promise<ApiResult<null>> =>
        call({ method: "POST", path: `/api/plans/${planId}/readings`, body: JSON.stringify(records) }, nothing),
      remove: (planId: string, id: string): Promise<ApiResult<null>> =>
        call({ method: "DELETE", path: `/api/plans/${planId}/readings/${id}` }, nothing),
    },
    standIns: {
      open: (asked: NewStandIn): Promise<ApiResult<{ id: string }>> =>
        call({ method: "POST", path: "/api/standins", body: JSON.stringify(asked) }, standInSchema),
      /** Says lines to one and gives its answers, in the same order. */
      say: (id: string, lines: readonly string[]): Promise<ApiResult<{ answers: string[] }>> =>
        call({ method: "POST", path: `/api/standins/${id}`, body: JSON.stringify({ lines }) }, answersSchema),
      close: (id: string): Promise<ApiResult<null>> => call({ method: "DELETE", path: `/api/standins/${id}` }, nothing),
    },
    panels: shelfOf<PanelSheet, PanelRecord>(call, "/api/panels", panelRecordSchema),
    phones: {
      list: (): Promise<ApiResult<PhonesState>> => call({ method: "GET", path: "/api/phones" }, phonesStateSchema),
      makeCode: () => call({ method: "POST", path: "/api/phones/code", body: "{}" }, pairingCodeSchema),
      revoke: (id: string): Promise<ApiResult<null>> => call({ method: "DELETE", path: `/api/phones/${id}` }, nothing),
    },
    phoneSheetScript: (): Promise<ApiResult<PhoneSheetScript>> =>
      call({ method: "GET", path: "/api/phone-sheet" }, phoneSheetScriptSchema),
    /** Keeps a weather file; refused with line and field where it cannot be read. */
    addWeather: (text: string): Promise<ApiResult<WeatherReceipt>> =>
      call({ method: "POST", path: "/api/weather", body: JSON.stringify({ text }) }, weatherReceiptSchema),
    /** Keeps a photo in the data folder of this computer. */
    addPhoto: (bytes: Uint8Array<ArrayBuffer>, contentType: string): Promise<ApiResult<PhotoReceipt>> =>
      call({ method: "POST", path: "/api/photos", body: bytes, contentType }, photoReceiptSchema),
    /** Reads the photo of a sticker on this computer's server; calling `signal` off ends the reading there too. */
    readSticker: (file: Blob, told: (share: number) => void, signal: AbortSignal) =>
      readLines(fetcher, file, told, signal),
    readWeather: (id: string): Promise<ApiResult<WeatherRecord>> =>
      call({ method: "GET", path: `/api/weather/${id}` }, weatherRecordSchema),
    /** Towns of a name, the largest first. */
    findTowns: (query: string): Promise<ApiResult<Town[]>> =>
      call({ method: "GET", path: `/api/towns?q=${encodeURIComponent(query)}` }, z.array(townSchema)),
    inputs: shelfOf<DeviceSheet, InputRecord>(call, "/api/inputs", inputRecordSchema),
  };
}

type StickerResult =
  | { readonly type: "read"; readonly read: PhotoRead }
  | { readonly type: "fault"; readonly message: string }
  | { readonly type: "cancelled" };

async function readLines(
  fetcher: typeof fetch,
  file: Blob,
  told: (share: number) => void,
  signal: AbortSignal,
): Promise<StickerResult> {
  try {
    const response = await fetcher("/api/sticker-readings", {
      method: "POST",
      headers: { "content-type": "application/octet-stream" },
      body: file,
      cache: "no-store",
      signal,
    });
    if (!response.ok) return { type: "fault", message: apiFaultSchema.parse(await response.json()).message };
    const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
    let left = "";
    for (;;) {
      const { value, done } = (await reader?.read()) ?? { value: undefined, done: true };
      const lines = (left + (value ?? "")).split("\n");
      left = lines.pop() ?? "";
      for (const text of lines) {
        const line = readingLineSchema.parse(JSON.parse(text));
        if (line.type === "progress") told(line.share);
        else if (line.type === "fault") return line;
        else return { type: "read", read: line };
      }
      if (done) return { type: "fault", message: "The reading broke off. Try it once more." };
    }
  } catch (error) {
    return signal.aborted ? { type: "cancelled" } : { type: "fault", message: unreachable(error).message };
  }
}

/** Requests that outlive their page may hold this much: browsers let 64 KiB do so, all together. */
export const maxOutliving = 60_000;

type Call = <T>(send: Send, schema: z.ZodType<T>) => Promise<ApiResult<T>>;

/** One shelf of the library; panels and inputs differ only in their sheet. */
function shelfOf<Sheet, Record>(call: Call, path: string, schema: z.ZodType<Record>) {
  return {
    list: (): Promise<ApiResult<{ records: Record[]; unreadable: UnreadableSheet[] }>> =>
      call(
        { method: "GET", path },
        z.strictObject({ records: z.array(schema), unreadable: z.array(unreadableSheetSchema) }),
      ),
    create: (sheet: Sheet): Promise<ApiResult<Record>> =>
      call({ method: "POST", path, body: JSON.stringify(sheet) }, schema),
    /** Many at once, all of them or none. */
    createMany: (sheets: readonly Sheet[]): Promise<ApiResult<Added>> =>
      call({ method: "POST", path: `${path}/import`, body: JSON.stringify(sheets) }, addedSchema),
    /** Saves over the revision given; `keepalive` lets the request outlive the page (small bodies only). */
    replace: (id: string, revision: number, sheet: Sheet, keepalive = false): Promise<ApiResult<Record>> =>
      call({ method: "PUT", path: `${path}/${id}`, body: JSON.stringify(sheet), ifMatch: revision, keepalive }, schema),
    /** Many at once, all of them or none; the request outlives the page where a browser lets one of its size. */
    retire: (retiring: Retiring): Promise<ApiResult<{ updatedAt: string }>> => {
      const body = JSON.stringify(retiring);
      return call(
        { method: "PUT", path: `${path}/retired`, body, keepalive: body.length < maxOutliving },
        retiredSchema,
      );
    },
    remove: (id: string, revision: number): Promise<ApiResult<null>> =>
      call({ method: "DELETE", path: `${path}/${id}`, ifMatch: revision }, nothing),
    read: (id: string): Promise<ApiResult<Record>> => call({ method: "GET", path: `${path}/${id}` }, schema),
  };
}

export type ShelfClient<Sheet, Record> = ReturnType<typeof shelfOf<Sheet, Record>>;

export type ApiClient = ReturnType<typeof createClient>;

function unreachable(error: unknown): ApiFault {
  const detail =
    error instanceof z.ZodError
      ? "it answered in a way this page does not understand; reload the page"
      : "it does not answer; is it still running?";
  return {
    type: "unreachable",
    message: `The Golden Array server was not reached: ${detail}`,
    path: null,
    current: null,
    changed: null,
    whole: null,
  };
}
