import { type NextRequest, NextResponse } from "next/server";
import { remoteHeader, contentSecurityPolicy, loopbackNames, namedHosts, refusal } from "@/server/guards";

/** Every request passes here first: who may ask at all, and the policy pages are served under. */
export function proxy(request: NextRequest): NextResponse {
  const why = refusal(
    {
      method: request.method,
      host: request.headers.get("host"),
      origin: request.headers.get("origin"),
      fetchSite: request.headers.get("sec-fetch-site"),
    },
    [...loopbackNames, ...namedHosts()],
  );
  if (why !== null) {
    return NextResponse.json(
      { type: "forbidden", message: why, path: null, current: null, changed: null, whole: null },
      { status: 403, headers: { "cache-control": "no-store" } },
    );
  }
  const nonce = btoa(crypto.randomUUID());
  const policy = contentSecurityPolicy(nonce, process.env.NODE_ENV === "development");
  const headers = new Headers(request.headers);
  headers.set("x-nonce", nonce);
  headers.set("content-security-policy", policy);
  const response = NextResponse.next({ request: { headers } });
  // what is no page has a stricter one of its own, from its route or from the door
  if (!request.nextUrl.pathname.startsWith("/api/")) response.headers.set("content-security-policy", policy);
  response.headers.set("x-content-type-options", "nosniff");
  response.headers.set("referrer-policy", "no-referrer");
  // browsers complain of it on connections that are not secure
  if (request.headers.get(remoteHeader) !== "phone") response.headers.set("cross-origin-opener-policy", "same-origin");
  response.headers.set("permissions-policy", "camera=(), geolocation=(), microphone=()");
  return response;
}
