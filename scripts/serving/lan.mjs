import { randomBytes } from "node:crypto";
import { answerFault, safeHeaders } from "./answer.mjs";

/**
 * The door to the network: a phone that is not paired gets the pairing page and nothing else, a paired one what the computer
 * itself gets but for the phones.
 */
const cookieName = "golden-array-phone";
const cookieDays = 90;
/** A pairing code and the form around it. */
const maxFormBytes = 500;

/** @typedef {typeof import("../../src/server/phones/index.ts")} Kit */

/**
 * Returns whether a request may go on to the application; one that may not has been answered.
 * @param {import("node:http").IncomingMessage} request
 * @param {import("node:http").ServerResponse} response
 * @param {import("../../src/server/phones/index.ts").Phones} phones
 * @param {Kit} kit
 */
export function isPaired(request, response, phones, kit) {
  // means nothing on a connection that is not secure, and browsers complain of it
  response.removeHeader("cross-origin-opener-policy");
  const key = keyIn(request.headers.cookie ?? "");
  if (key !== null && phones.knows(key)) return true;
  const path = (request.url ?? "/").split("?", 1)[0];
  if (request.method === "POST" && path === "/pair")
    // broken off before its code was there: nobody is left to be answered
    takeCode(request, response, phones, kit).catch(() => response.destroy());
  else if ((request.method === "GET" || request.method === "HEAD") && wantsPage(request))
    answerPage(response, 401, null, kit);
  else
    answerFault(
      response,
      401,
      "forbidden",
      "This phone is not paired with this Golden Array. Open its address anew, and type in the code that the computer shows.",
    );
  return false;
}

/**
 * @param {import("node:http").IncomingMessage} request
 * @param {import("node:http").ServerResponse} response
 * @param {import("../../src/server/phones/index.ts").Phones} phones
 * @param {Kit} kit
 */
async function takeCode(request, response, phones, kit) {
  let text = "";
  for await (const chunk of request) {
    text += String(chunk);
    if (text.length > maxFormBytes) return answerFault(response, 413, "tooLarge", "That is more than a pairing code.");
  }
  const code = new URLSearchParams(text).get("code") ?? "";
  /** @type {import("../../src/server/phones/index.ts").Pairing} */
  let result;
  try {
    result = phones.pair(code, nameOf(request));
  } catch {
    return answerPage(response, 507, "The computer's disk does not take it. See to the disk, and try again.", kit);
  }
  if (result.type === "refused") return answerPage(response, 403, kit.refusedWords(result.why, result.triesLeft), kit);
  response.writeHead(303, {
    ...safeHeaders,
    location: "/",
    "cache-control": "no-store",
    "set-cookie": `${cookieName}=${result.key}; Path=/; Max-Age=${cookieDays * 86_400}; HttpOnly; SameSite=Strict`,
  });
  response.end();
}

/**
 * @param {import("node:http").ServerResponse} response
 * @param {number} status
 * @param {string | null} word
 * @param {Kit} kit
 */
function answerPage(response, status, word, kit) {
  const nonce = randomBytes(16).toString("base64");
  response.writeHead(status, {
    ...safeHeaders,
    "content-security-policy": `default-src 'none'; style-src 'nonce-${nonce}'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'`,
    // without a referrer a form would be sent from nowhere, and its origin could not be judged
    "referrer-policy": "same-origin",
    "content-type": "text/html; charset=utf-8",
    "cache-control": "no-store",
  });
  response.end(kit.pairingPage(nonce, word));
}

function wantsPage(/** @type {import("node:http").IncomingMessage} */ request) {
  return (request.headers.accept ?? "").includes("text/html");
}

function keyIn(/** @type {string} */ cookies) {
  for (const each of cookies.split(";")) {
    const [name, value] = each.trim().split("=", 2);
    if (name === cookieName && value !== undefined && value !== "") return value;
  }
  return null;
}

/** What the list calls a phone: its kind, as its browser says it, and where it was. */
function nameOf(/** @type {import("node:http").IncomingMessage} */ request) {
  const kind = /Mobi/.test(request.headers["user-agent"] ?? "") ? "Phone" : "Computer or tablet";
  return `${kind} at ${(request.socket.remoteAddress ?? "").replace("::ffff:", "")}`;
}
