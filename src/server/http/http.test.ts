import { DatabaseProblem, NotFound } from "../db";
import { answer, bodyJson, bodyText, fault, guarded, ifMatch, staleFault } from ".";
import { emptyPlan, maxPlanBytes } from "@/core/plan";

const url = "http://127.0.0.1/api/plans/a";
const json = { "content-type": "application/json" };
const put = (body: BodyInit, headers: Record<string, string> = json) =>
  new Request(url, { method: "PUT", body, headers, duplex: "half" } as RequestInit);

async function faultOf(work: () => Promise<unknown>): Promise<{ status: number; type: string; message: string }> {
  const response = await guarded(async () => answer(await work()));
  const { type, message } = (await response.json()) as { type: string; message: string };
  return { status: response.status, type, message };
}

describe("a body", () => {
  test("is read as it is, however it is cut into pieces", async () => {
    const bytes = new TextEncoder().encode('{"name":"Bücherbus 57° N"}');
    const pieces = new ReadableStream({
      start(controller) {
        for (const byte of bytes) controller.enqueue(Uint8Array.of(byte));
        controller.close();
      },
    });
    expect(await bodyJson(put(pieces))).toEqual({ name: "Bücherbus 57° N" });
  });

  test("that lies about its length is stopped while it comes", async () => {
    let sent = 0;
    const endless = new ReadableStream({
      pull(controller) {
        sent += 65536;
        controller.enqueue(new Uint8Array(65536).fill(32));
      },
    });
    expect(await faultOf(() => bodyText(put(endless)))).toMatchObject({ status: 413, type: "tooLarge" });
    expect(sent).toBeLessThan(maxPlanBytes + 4 * 65536);
  });

  test.each<[string, BodyInit, Record<string, string>, number, RegExp]>([
    [
      "of another kind",
      "a=1",
      { "content-type": "application/x-www-form-urlencoded" },
      400,
      /allowed: application\/json/,
    ],
    ["that is not JSON", "{", json, 400, /not JSON/],
    ["that is not text", Uint8Array.of(0xff, 0xfe, 0xfd), json, 400, /UTF-8/],
  ])("%s is refused", async (_, body, headers, status, message) => {
    const found = await faultOf(() => bodyJson(put(body, headers)));
    expect(found.status).toBe(status);
    expect(found.message).toMatch(message);
  });
});

test.each<[string | null, number | string]>([
  ['"7"', 7],
  ["7", 7],
  [null, "preconditionRequired"],
  ['"0"', "badRequest"],
  ['W/"7"', "badRequest"],
  ["*", "badRequest"],
  ["99999999999", "badRequest"],
])("If-Match %s", async (header, expected) => {
  const request = new Request(url, { headers: header === null ? {} : { "if-match": header } });
  if (typeof expected === "number") expect(ifMatch(request)).toBe(expected);
  else expect((await faultOf(async () => ifMatch(request))).type).toBe(expected);
});

test("an answer carries its revision as its tag and is never kept by a cache", () => {
  const { headers } = answer({ revision: 7 });
  expect(headers.get("etag")).toBe('"7"');
  expect(headers.get("cache-control")).toBe("no-store");
});

test("known troubles are told as they are; a crash gives nothing of itself away", async () => {
  expect(await faultOf(() => Promise.reject(new NotFound("plan", "a")))).toMatchObject({
    status: 404,
    type: "notFound",
  });
  expect(await faultOf(() => Promise.reject(new DatabaseProblem("corrupt", "The database is damaged.")))).toMatchObject(
    { status: 500, message: "The database is damaged." },
  );
  expect(await faultOf(() => Promise.reject(fault("invalid", "name: too long.")))).toMatchObject({ status: 422 });
  const log = jest.spyOn(console, "error").mockImplementation(() => undefined);
  const crash = await faultOf(() => Promise.reject(new Error("secret path /home/user")));
  expect(crash).toMatchObject({ status: 500, type: "server" });
  expect(crash.message).not.toContain("secret");
  expect(log).toHaveBeenCalledTimes(1);
  log.mockRestore();
});

test("a stale write is told both revisions and where they part", () => {
  const current = { id: "a", revision: 8, createdAt: "", updatedAt: "", plan: emptyPlan("Van") };
  const { fault: found } = staleFault({ type: "stale", current, changed: ["site.recordLowC"] }, 5);
  expect(found.message).toMatch(/revision 8.*revision 5 \(site\.recordLowC\).*Nothing was overwritten/);
  expect(found.current).toEqual(current);
});
