import "server-only";

/** Names under which this machine is itself. A page elsewhere that points a name at us is not one of them. */
export const loopbackNames: readonly string[] = ["127.0.0.1", "localhost", "[::1]"];

type Asked = {
  readonly method: string;
  readonly host: string | null;
  readonly origin: string | null;
  readonly fetchSite: string | null;
};

/**
 * Why a request must not be served, or null. Host: stops DNS rebinding. Origin and Sec-Fetch-Site: stop
 * other pages from writing. `hosts` are the names this server goes by where the request came in.
 */
export function refusal(asked: Asked, hosts: readonly string[]): string | null {
  const hostName = asked.host === null ? null : nameOf(asked.host);
  if (hostName === null || !hosts.includes(hostName)) {
    return `The Host header ${quoted(asked.host)} is not this server; allowed: ${hosts.join(", ")}.`;
  }
  const reads = asked.method === "GET" || asked.method === "HEAD";
  if (asked.origin !== null && asked.origin !== `http://${asked.host}`) {
    return `The Origin ${quoted(asked.origin)} may not use this server; allowed: http://${asked.host}.`;
  }
  if (!reads && asked.fetchSite !== null && asked.fetchSite !== "same-origin" && asked.fetchSite !== "none") {
    return "A page of another site may not write to this server.";
  }
  return null;
}

/** The header by which a door tells what is behind it who asks; what a request itself says there is written over. */
export const remoteHeader = "x-golden-array-asker";

/** The header in which the launcher says where it put a large body; what a request itself says there is never let in. */
export const spoolHeader = "x-golden-array-body-file";

/** Names besides the loopback's that the person started the server with on purpose. */
export function namedHosts(): string[] {
  return (process.env["GOLDEN_ARRAY_HOSTS"] ?? "").split(",").filter((name) => name !== "");
}

function nameOf(host: string): string | null {
  return /^(\[[0-9a-f:]+\]|[a-z0-9.-]+)(?::\d{1,5})?$/i.exec(host)?.[1]?.toLowerCase() ?? null;
}

function quoted(value: string | null): string {
  return value === null ? "(none)" : JSON.stringify(value.slice(0, 80));
}

/** The policy every page is served under. Styles carry the nonce; only style attributes may be inline. */
export function contentSecurityPolicy(nonce: string, development: boolean): string {
  const scripts = `'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ""}`;
  return [
    "default-src 'none'",
    `script-src ${scripts}`,
    `style-src-elem 'self' ${development ? "'unsafe-inline'" : `'nonce-${nonce}'`}`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");
}
