/** Headers of every answer, whoever gives it; a page brings a policy of its own, which replaces this one: what is none may do nothing. */
export const safeHeaders = {
  "content-security-policy": "default-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'; sandbox",
  "x-content-type-options": "nosniff",
  "referrer-policy": "no-referrer",
  "cross-origin-opener-policy": "same-origin",
  "cross-origin-resource-policy": "same-origin",
  "permissions-policy": "camera=(), geolocation=(), microphone=()",
};

/** A fault in the shape of the HTTP interface, given by the door. */
export function answerFault(
  /** @type {import("node:http").ServerResponse} */ response,
  /** @type {number} */ status,
  /** @type {string} */ type,
  /** @type {string} */ message,
  /** @type {Record<string, string>} */ headers = {},
) {
  response.writeHead(status, {
    ...safeHeaders,
    ...headers,
    "content-type": "application/json",
    "cache-control": "no-store",
  });
  response.end(JSON.stringify({ type, message, path: null, current: null, changed: null, whole: null }));
}
