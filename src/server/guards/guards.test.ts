import { contentSecurityPolicy, loopbackNames, refusal } from ".";

const ours = "127.0.0.1:4870";
const asked = (change: Partial<Parameters<typeof refusal>[0]>) =>
  refusal({ method: "POST", host: ours, origin: `http://${ours}`, fetchSite: "same-origin", ...change }, loopbackNames);

test("our own pages, the command line and IPv6 loopback are served", () => {
  expect(asked({})).toBeNull();
  expect(asked({ origin: null, fetchSite: null })).toBeNull();
  expect(asked({ host: "[::1]:4870", origin: "http://[::1]:4870" })).toBeNull();
  expect(asked({ host: "LOCALHOST:4870", origin: null })).toBeNull();
});

test.each([
  ["another name", { host: "golden.example:4870" }],
  ["a name that starts like ours", { host: "127.0.0.1.evil.example" }],
  ["a name with a login in it", { host: "user@127.0.0.1" }],
  ["no name", { host: null }],
  ["another origin", { origin: "http://evil.example" }],
  ["our name on another port", { origin: "http://127.0.0.1:9999" }],
  ["the secure scheme we do not speak", { origin: `https://${ours}` }],
  ["a sandboxed page", { origin: "null" }],
  ["a write from another site", { origin: null, fetchSite: "cross-site" }],
  ["a write from a sister site", { origin: null, fetchSite: "same-site" }],
])("%s is refused", (_, change) => expect(asked(change)).not.toBeNull());

test("a link from elsewhere may still be followed", () => {
  expect(asked({ method: "GET", origin: null, fetchSite: "cross-site" })).toBeNull();
});

test("a host the person named on purpose is served", () => {
  const request = { method: "GET", host: "shed.lan:4870", origin: null, fetchSite: null };
  expect(refusal(request, loopbackNames)).not.toBeNull();
  expect(refusal(request, ["shed.lan"])).toBeNull();
});

test("the policy allows eval in development only, and never anything from elsewhere", () => {
  const production = contentSecurityPolicy("abc", false);
  expect(production).toContain("'nonce-abc'");
  expect(production).not.toContain("unsafe-eval");
  expect(production).not.toMatch(/https?:|\*/);
  expect(production).toContain("frame-ancestors 'none'");
  expect(contentSecurityPolicy("abc", true)).toContain("unsafe-eval");
});
