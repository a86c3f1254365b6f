import "server-only";
import { mostPlanBytes } from "@/core/plan";
import { fault } from "./answer";

/** Reads a JSON body as text. */
export async function bodyText(request: Request, mostBytes = mostPlanBytes): Promise<string> {
  const body = await bodyOf(request, ["application/json"], mostBytes);
  return decode(body.bytes);
}

/** A file as it was sent: text, or the bytes of a bundle. */
export async function bodyFile(request: Request, mostBytes = mostPlanBytes): Promise<string | Uint8Array> {
  const { kind, bytes } = await bodyOf(request, ["application/json", "application/zip"], mostBytes);
  return kind === "application/zip" ? bytes : decode(bytes);
}

/** Reads a body of one of some kinds, counting bytes as they come: the length header is only a promise. */
async function bodyOf(
  request: Request,
  kinds: readonly string[],
  mostBytes: number,
): Promise<{ readonly kind: string; readonly bytes: Uint8Array }> {
  const kind = request.headers.get("content-type")?.split(";")[0]?.trim().toLowerCase();
  if (kind === undefined || !kinds.includes(kind))
    throw fault("badRequest", `The body is ${kind ?? "of no stated kind"}; allowed: ${kinds.join(", ")}.`);
  const promised = Number(request.headers.get("content-length") ?? 0);
  if (promised > mostBytes) throw tooLarge(promised, mostBytes);
  if (request.body === null) throw fault("notJson", "The body is empty; expected JSON.");
  const reader = request.body.getReader();
  let bytes = 0;
  const chunks: Uint8Array[] = [];
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    bytes += value.byteLength;
    if (bytes > mostBytes) {
      await reader.cancel();
      throw tooLarge(bytes, mostBytes);
    }
    chunks.push(value);
  }
  return { kind, bytes: Buffer.concat(chunks) };
}

export async function bodyJson(request: Request, mostBytes = mostPlanBytes): Promise<unknown> {
  const text = await bodyText(request, mostBytes);
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

function tooLarge(bytes: number, mostBytes: number) {
  return fault("tooLarge", `The body holds ${bytes} bytes or more; allowed: ${mostBytes}.`);
}
