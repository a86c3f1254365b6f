import "server-only";
import { ZodError } from "zod";
import { type ApiFault, type ApiFaultType } from "@/api";
import { faultOf, type PlanFault } from "@/core/plan";
import {
  DatabaseProblem,
  NotFound,
  type ProblemKind,
  Spoiled,
  TooManyReadings,
  UnreadablePlan,
  type WriteResult,
} from "../db";

const statusOf: Readonly<Record<ApiFaultType, number>> = {
  badRequest: 400,
  notJson: 400,
  forbidden: 403,
  notFound: 404,
  stale: 412,
  tooLarge: 413,
  tooCostly: 422,
  invalid: 422,
  foreign: 422,
  newer: 422,
  preconditionRequired: 428,
  server: 500,
  busy: 503,
  unreachable: 503,
  full: 507,
};

const noStore = { "cache-control": "no-store" };

/** A request that cannot be served, as the fault the client will be told. */
class HttpFault extends Error {
  constructor(readonly fault: ApiFault) {
    super(fault.message);
    this.name = "HttpFault";
  }
}

export function fault(
  type: ApiFaultType,
  message: string,
  more: Partial<Pick<ApiFault, "path" | "current" | "changed" | "whole">> = {},
): HttpFault {
  return new HttpFault({ type, message, path: null, current: null, changed: null, whole: null, ...more });
}

/** JSON with the revision as its entity tag, when it has one. */
export function answer(value: unknown, status = 200): Response {
  const tag =
    typeof value === "object" && value !== null && "revision" in value ? { etag: `"${String(value.revision)}"` } : {};
  return Response.json(value, { status, headers: { ...noStore, ...tag } });
}

export function answerNothing(): Response {
  return new Response(null, { status: 204, headers: noStore });
}

function answerFault(found: ApiFault): Response {
  return Response.json(found, { status: statusOf[found.type], headers: noStore });
}

/** Runs a handler and turns everything it may throw into an answer. Details of crashes stay in the log. */
export async function guarded(handler: () => Promise<Response>): Promise<Response> {
  try {
    return await handler();
  } catch (error) {
    return answerFault(toFault(error));
  }
}

/** Troubles that pass by themselves or once the person has seen to them are worth another try; the others are not. */
const faultOfProblem: Readonly<Record<ProblemKind, ApiFaultType>> = {
  newer: "server",
  corrupt: "server",
  unmigrated: "server",
  full: "full",
  unwritable: "busy",
  locked: "busy",
  vanished: "busy",
  unreachable: "busy",
};

/** What keeps a page from being made, in a sentence for the person; null for a crash. */
export function troubleWords(error: unknown): string | null {
  if (error instanceof DatabaseProblem) return error.message;
  if (error instanceof UnreadablePlan)
    return `${error.message} ${error.fault.type === "spoiled" ? `It is spoiled on the disk: ${error.fault.detail}.` : planFaultSentence(error.fault)} It was left untouched.${error.whole === null ? "" : ` Its revision ${error.whole} is whole.`}`;
  return null;
}

function toFault(error: unknown): ApiFault {
  if (error instanceof HttpFault) return error.fault;
  if (error instanceof NotFound)
    return fault("notFound", `${error.message} It may have been deleted in another tab.`).fault;
  if (error instanceof DatabaseProblem) return fault(faultOfProblem[error.kind], error.message).fault;
  if (error instanceof Spoiled) return fault("server", error.message).fault;
  if (error instanceof TooManyReadings) return fault("invalid", error.message).fault;
  const trouble = troubleWords(error);
  if (trouble !== null)
    return fault("server", trouble, { whole: error instanceof UnreadablePlan ? error.whole : null }).fault;
  // the one place where a crash is written down; the person is told where to look
  // eslint-disable-next-line no-console
  console.error(error);
  return fault(
    "server",
    "Golden Array hit an error and did not save this change. Your text is still on screen. Try again; if it happens again, copy the message from the window where you started Golden Array.",
  ).fault;
}

/** A stale write as the fault its writer is told. */
export function staleFault({ current, changed }: Extract<WriteResult, { type: "stale" }>, revision: number): HttpFault {
  const what = changed === null ? "" : ` (${changed.slice(0, 5).join(", ")}${changed.length > 5 ? ", …" : ""})`;
  const message = `The plan was changed elsewhere: it is at revision ${current.revision}, your change was made from revision ${revision}${what}. Nothing was overwritten.`;
  return fault("stale", message, { current: { ...current }, changed: changed === null ? null : [...changed] });
}

/** A plan file that was not taken, in a sentence that says what and where. */
function planFaultSentence(found: PlanFault): string {
  switch (found.type) {
    case "notJson":
      return `This is not a JSON file: ${found.detail}.`;
    case "tooLarge":
      return `The file has ${found.bytes} bytes; allowed: at most ${found.maxBytes}.`;
    case "tooCostly":
      return `This file is too complex to import: ${found.detail}. Nothing was imported.`;
    case "foreign":
      return `This is not a Golden Array plan: it is ${found.found}, expected "format": "golden-array-plan".`;
    case "newer":
      return `This plan was written by a newer version of Golden Array (plan version ${found.version}; this copy reads up to ${found.known}). Update this copy to open it.`;
    case "newerSection":
      return `This plan was written by a newer version of Golden Array: its section “${found.section}” is of version ${found.version}${found.known === 0 ? ", which this copy does not know" : `; this copy reads up to ${found.known}`}. Update this copy to open it.`;
    case "invalid":
      return `This plan cannot be read at ${found.path}: ${found.problem}.${found.more > 0 ? ` ${found.more} more ${found.more === 1 ? "problem" : "problems"} after that one.` : ""}`;
  }
}

export function planHttpFault(found: PlanFault): HttpFault {
  return fault(found.type === "newerSection" ? "newer" : found.type, planFaultSentence(found), {
    path: found.type === "invalid" ? found.path : null,
  });
}

/** Parses a sheet or says where it is wrong. */
export function parsed<T>(schema: { parse: (value: unknown) => T }, value: unknown): T {
  try {
    return schema.parse(value);
  } catch (error) {
    if (!(error instanceof ZodError)) throw error;
    const { path, problem } = faultOf(error, value);
    throw fault("invalid", `${path}: ${problem}.`, { path });
  }
}
