import { answerFault, safeHeaders } from "./answer.mjs";
import { closeAfterResponse } from "./bounded-body.mjs";

const methods = ["GET", "HEAD", "POST", "PUT", "DELETE", "OPTIONS"];

/**
 * The door: who may ask at all is judged here, before the framework redirects, reads a body or does anything else. Returns
 * whether the request may go on; one that may not has been answered, and its body is not read.
 * @param {import("node:http").IncomingMessage} request
 * @param {import("node:http").ServerResponse} response
 * @param {(asked: { method: string, host: string | null, origin: string | null, fetchSite: string | null }, hosts: readonly string[]) => string | null} refusal
 * @param {readonly string[]} hosts
 */
export function guardRequest(request, response, refusal, hosts) {
  for (const [name, value] of Object.entries(safeHeaders)) response.setHeader(name, value);
  const found = whyNot(request, refusal, hosts);
  if (found === null) return true;
  answerFault(response, found.status, found.type, found.message, found.headers);
  // a body that is still to come is not read
  if ("content-length" in request.headers || "transfer-encoding" in request.headers) closeAfterResponse(request);
  return false;
}

/**
 * @param {import("node:http").IncomingMessage} request
 * @param {Parameters<typeof guardRequest>[2]} refusal
 * @param {readonly string[]} hosts
 * @returns {{ status: number, type: string, message: string, headers?: Record<string, string> } | null}
 */
function whyNot(request, refusal, hosts) {
  const named = request.rawHeaders.filter((name, k) => k % 2 === 0 && name.toLowerCase() === "host").length;
  if (named > 1) return { status: 400, type: "badRequest", message: "The request names its host more than once." };
  const why = refusal(
    {
      method: request.method ?? "",
      host: request.headers.host ?? null,
      origin: headerOf(request, "origin"),
      fetchSite: headerOf(request, "sec-fetch-site"),
    },
    hosts,
  );
  if (why !== null) return { status: 403, type: "forbidden", message: why };
  if ("upgrade" in request.headers)
    return {
      status: 400,
      type: "badRequest",
      message: "This server upgrades no connection to another protocol.",
      headers: { connection: "close" },
    };
  if (!methods.includes(request.method ?? ""))
    return {
      status: 405,
      type: "badRequest",
      message: `${request.method ?? "That"} is not something this server does; allowed: ${methods.join(", ")}.`,
      headers: { allow: methods.join(", ") },
    };
  try {
    decodeURIComponent(request.url ?? "");
  } catch {
    return { status: 400, type: "badRequest", message: "The address holds a % that stands for no character." };
  }
  return null;
}

function headerOf(/** @type {import("node:http").IncomingMessage} */ request, /** @type {string} */ name) {
  const value = request.headers[name];
  return typeof value === "string" ? value : null;
}

/** What no parser understands is answered like anything else, and the connection ended. */
export function rejectMalformed(/** @type {import("node:net").Socket} */ socket, /** @type {number} */ status) {
  if (!socket.writable) return;
  const headers = Object.entries({ ...safeHeaders, connection: "close", "content-length": "0" });
  socket.end(`HTTP/1.1 ${status} Refused\r\n${headers.map(([name, value]) => `${name}: ${value}\r\n`).join("")}\r\n`);
}
