import "server-only";
import { readFile } from "node:fs/promises";
import { maxBundleBytes } from "@/core/bundle";
import { maxPlanBytes } from "@/core/plan";
import { spoolHeader } from "../guards";
import { type PlanFile } from "../reader";
import { fault } from "./answer";

/** Reads a JSON body as text. */
export async function bodyText(request: Request, maxBytes = maxPlanBytes): Promise<string> {
  const body = await bodyOf(request, ["application/json"], maxBytes);
  return decode(body.bytes);
}

/** A plan file as it was sent: text, the bytes of a bundle, or where the launcher put them. */
export async function bodyFile(request: Request): Promise<PlanFile> {
  const kind = kindOf(request);
  const spooled = spooledAt(request);
  if (kind === "application/zip" && spooled !== null) {
    await streamed(request, 0);
    return { bundlePath: spooled };
  }
  const maxBytes = kind === "application/zip" ? maxBundleBytes : maxPlanBytes;
  const { bytes } = await bodyOf(request, ["application/json", "application/zip"], maxBytes);
  return kind === "application/zip" ? bytes : decode(bytes);
}

/** A body's bytes, from where they are: the file they were put in as they came, or the request. */
export async function bodyBytes(request: Request, maxBytes: number): Promise<Uint8Array> {
  // it has come to its end once its stream has, wherever it went
  const inMemory = await streamed(request, maxBytes);
  const spooled = spooledAt(request);
  if (spooled === null) return inMemory;
  const bytes = await readFile(spooled);
  if (bytes.length > maxBytes) throw tooLarge(bytes.length, maxBytes);
  return bytes;
}

/** Where the launcher put a body; while the application is being developed there is none. */
function spooledAt(request: Request): string | null {
  return process.env["GOLDEN_ARRAY_READER"] === undefined ? null : request.headers.get(spoolHeader);
}

/** Reads a body of one of some kinds, counting bytes as they come: the length header is only a promise. */
async function bodyOf(
  request: Request,
  kinds: readonly string[],
  maxBytes: number,
): Promise<{ readonly kind: string; readonly bytes: Uint8Array }> {
  const kind = kindOf(request);
  if (kind === undefined || !kinds.includes(kind))
    throw fault("badRequest", `The body is ${kind ?? "of no stated kind"}; allowed: ${kinds.join(", ")}.`);
  const promised = Number(request.headers.get("content-length") ?? 0);
  if (promised > maxBytes) throw tooLarge(promised, maxBytes);
  if (request.body === null) throw fault("notJson", "The body is empty; expected JSON.");
  return { kind, bytes: await bodyBytes(request, maxBytes) };
}

function kindOf(request: Request): string | undefined {
  return request.headers.get("content-type")?.split(";")[0]?.trim().toLowerCase();
}

/** What comes of a body as it comes. */
async function streamed(request: Request, maxBytes: number): Promise<Uint8Array> {
  if (request.body === null) return new Uint8Array();
  const reader = request.body.getReader();
  let bytes = 0;
  const chunks: Uint8Array[] = [];
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    bytes += value.byteLength;
    if (bytes > maxBytes) {
      await reader.cancel();
      throw tooLarge(bytes, maxBytes);
    }
    chunks.push(value);
  }
  return Buffer.concat(chunks);
}

export async function bodyJson(request: Request, maxBytes = maxPlanBytes): Promise<unknown> {
  const text = await bodyText(request, maxBytes);
  try {
    return JSON.parse(text);
  } catch (error) {
    throw fault("notJson", `The body is not JSON: ${error instanceof Error ? error.message : "unreadable"}.`);
  }
}

/** The revision a write starts from, out of If-Match. */
export function ifMatch(request: Request): number {
  const header = request.headers.get("if-match");
  if (header === null)
    throw fault("preconditionRequired", 'The If-Match header is missing; send the revision you read, as "7".');
  const revision = /^"?([1-9]\d{0,9})"?$/.exec(header.trim())?.[1];
  if (revision === undefined)
    throw fault(
      "badRequest",
      `If-Match ${JSON.stringify(header.slice(0, 40))} is not a revision; allowed: a quoted whole number such as "7".`,
    );
  return Number(revision);
}

function decode(bytes: Uint8Array): string {
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    throw fault("notJson", "The body is not UTF-8 text.");
  }
}

function tooLarge(bytes: number, maxBytes: number) {
  return fault("tooLarge", `The request has ${bytes} bytes or more; allowed: at most ${maxBytes}.`);
}
