import { readFileSync } from "node:fs";
import { Agent, request } from "node:http";
import { connect } from "node:net";
import path from "node:path";
import { setTimeout } from "node:timers/promises";
import { demoInputs, demoPanels, demoPlans } from "@/demo";
import { createRandom, type Random, runs, mutatedText } from "@/testing";
import { root, type RunningServer, startServer, temporaryDir } from "./harness";

/**
 * Requests and files that nobody would send on purpose, thousands of them at a server of its own: it goes on, answers each, says
 * 500 to none, and holds no more memory afterwards. How long an answer takes is judged in `npm run soak` alone.
 */
const requests = runs(200);
const files = runs(40);
const atOnce = 16;
const soaking = runs(1) > 1;
const maxAnswerMs = 2000;
const maxHeapGrowth = 1.5;

type Asked = {
  readonly method: string;
  readonly path: string;
  readonly headers: Record<string, string>;
  readonly body?: string;
};

const fixture = (name: string): unknown =>
  JSON.parse(readFileSync(path.join(root, "src", "core", "plan", "fixtures", name), "utf8"));
const planFiles: readonly [unknown, ...unknown[]] = [
  fixture("version-1.json"),
  fixture("version-2.json"),
  ...demoPlans(),
];
const shelves = {
  "/api/panels/import": Object.values(demoPanels).slice(0, 3),
  "/api/inputs/import": Object.values(demoInputs).slice(0, 3),
};
const json = { "content-type": "application/json" };

function anyFile(roll: Random): Asked {
  const to = roll.pick(["/api/plans/import", "/api/plans/import", "/api/panels/import", "/api/inputs/import"] as const);
  const document = to === "/api/plans/import" ? roll.pick(planFiles) : shelves[to];
  return { method: "POST", path: to, headers: json, body: mutatedText(document, roll) };
}

function anyRequest(roll: Random, ids: readonly [string, ...string[]]): Asked {
  const id = roll.pick([roll.pick(ids), "nobody", "..%2f..", "%00", "x".repeat(3000), "a'--"]);
  const where = roll.pick([
    "/",
    "/api/plans",
    `/api/plans/${id}`,
    `/api/plans/${id}/archived`,
    `/api/plans/${id}/export`,
    "/api/plans/import",
    "/api/panels",
    `/api/panels/${id}`,
    "/api/panels/retired",
    "/api/inputs",
    `/api/inputs/${id}`,
    "/api/phones",
    "/api/phones/code",
    "/schema/plan-v6.json",
    `/plan/${id}/wiring`,
    `/library/${id}`,
    "/_next/data/x.json",
    "//elsewhere.example/",
    "/%ff",
    `/?${"a=1&".repeat(roll.whole(1, 400))}`,
  ]);
  const method = roll.pick(["GET", "GET", "HEAD", "POST", "PUT", "PUT", "DELETE", "PATCH", "OPTIONS", "TRACE"]);
  const headers: Record<string, string> = {};
  if (roll.chance(0.7))
    headers["content-type"] = roll.pick([
      "application/json",
      "application/json",
      "text/plain",
      "multipart/form-data",
      "x",
    ]);
  if (roll.chance(0.5)) headers["if-match"] = roll.pick(['"1"', "2", '"99"', "*", "banana", '"-1"', "1e9"]);
  if (roll.chance(0.1)) headers["host"] = roll.pick(["golden.example", "", "127.0.0.1:1", "[::1]"]);
  if (roll.chance(0.1)) headers["origin"] = roll.pick(["null", "http://evil.example", "http://127.0.0.1"]);
  if (roll.chance(0.05)) headers["cookie"] = `golden-array-light=${"x".repeat(roll.whole(1, 2000))}`;
  const small = [
    "{}",
    "[]",
    "null",
    '{"name":""}',
    '{"name":"A plan"}',
    '{"retired":true,"sheets":[]}',
    '{"archived":1}',
    "\ud800",
    "",
  ];
  const body = roll.chance(0.3) ? mutatedText(roll.pick(planFiles), roll) : roll.pick(small as [string, ...string[]]);
  return ["GET", "HEAD", "TRACE"].includes(method)
    ? { method, path: where, headers }
    : { method, path: where, headers, body };
}

class Attack {
  slowestMs = 0;
  readonly statuses = new Map<number, number>();
  readonly wrong: string[] = [];
  readonly #agent = new Agent({ keepAlive: true, maxSockets: atOnce });
  constructor(private readonly server: RunningServer) {}

  /** Sends one after another in several lines at once. */
  async send(count: number, make: (k: number) => Asked): Promise<void> {
    let next = 0;
    const line = async () => {
      while (next < count) await this.#one(make(next++));
    };
    await Promise.all(Array.from({ length: atOnce }, line));
  }

  /** Asks once; a kept connection that the server had closed while it stood idle is asked again on a new one, as clients do. */
  async #answerTo(asked: Asked): Promise<{ status: number; text: string }> {
    const { method, path: to, headers, body } = asked;
    return new Promise((resolve) => {
      const sent = request(
        { host: "127.0.0.1", port: this.server.port, path: to, method, headers, agent: this.#agent },
        (response) => {
          let all = "";
          response.on("data", (chunk) => (all += String(chunk)));
          response.on("end", () => resolve({ status: response.statusCode ?? 0, text: all }));
        },
      );
      sent.on("error", (error: NodeJS.ErrnoException) => {
        if (sent.reusedSocket && error.code === "ECONNRESET") void this.#answerTo(asked).then(resolve);
        else resolve({ status: 0, text: String(error) });
      });
      sent.end(body);
    });
  }

  async #one(asked: Asked): Promise<void> {
    const { method, path: to, body } = asked;
    const started = performance.now();
    const { status, text } = await this.#answerTo(asked);
    this.slowestMs = Math.max(this.slowestMs, performance.now() - started);
    this.statuses.set(status, (this.statuses.get(status) ?? 0) + 1);
    const fine = status >= 200 && status < 500;
    if (!fine)
      this.wrong.push(`${status} to ${method} ${to.slice(0, 80)} ${body?.slice(0, 300) ?? ""}: ${text.slice(0, 200)}`);
    // what was taken is taken away again, so that the shelf does not grow with the test
    const made = status === 201 ? (JSON.parse(text) as { id?: string; ids?: string[] }) : {};
    const shelf = to.replace(/\/import$/, "");
    for (const id of [...(made.ids ?? []), ...(made.id === undefined ? [] : [made.id])])
      await fetch(`${this.server.url}${shelf}/${id}`, { method: "DELETE", headers: { "if-match": '"1"' } });
  }

  async heapBytes(): Promise<number> {
    const before = this.server.output().length;
    this.server.signal("SIGUSR2");
    for (;;) {
      const told = /heap in use: (\d+)/.exec(this.server.output().slice(before))?.[1];
      if (told !== undefined) return Number(told);
      await setTimeout(50);
    }
  }

  end(): void {
    this.#agent.destroy();
  }
}

/** What no HTTP program would send. */
function garbage(port: number, roll: Random): Promise<void> {
  return new Promise((resolve) => {
    const socket = connect(port, "127.0.0.1");
    socket.on("error", () => undefined);
    socket.on("close", () => resolve());
    socket.on("data", () => socket.destroy());
    const bytes = Buffer.from(roll.list(roll.whole(1, 400), () => roll.whole(0, 255)));
    socket.write(
      roll.pick<string | Buffer>([
        bytes,
        "GET / HTTP/9.9\r\n\r\n",
        "GET /\r\nHost: a\r\nHost: b\r\n\r\n",
        "POST / HTTP/1.1\r\nContent-Length: -5\r\n\r\n",
      ]),
    );
    socket.end();
  });
}

test(
  `${requests} generated requests and ${files} mutated files: no crash, no 500, no memory kept`,
  async () => {
    const { dir, remove } = temporaryDir();
    const runtime = ["--expose-gc", "--import", path.join(root, "e2e", "harness", "tell-heap.mjs")];
    const server = await startServer(dir, ["--demo"], undefined, runtime);
    const attack = new Attack(server);
    const listed = (await (await fetch(`${server.url}/api/plans`)).json()) as { id: string }[];
    const ids = listed.map(({ id }) => id) as [string, ...string[]];
    const seed = Number(process.env["GOLDEN_ARRAY_SEED"] ?? 1) * 1_000_000;
    try {
      // what is loaded once is not what is kept
      await attack.send(200, (k) => anyRequest(createRandom(seed + k), ids));
      await attack.send(40, (k) => anyFile(createRandom(seed + k)));
      const before = await attack.heapBytes();
      await attack.send(requests, (k) => anyRequest(createRandom(seed + 1000 + k), ids));
      await attack.send(files, (k) => anyFile(createRandom(seed + 1000 + k)));
      for (let k = 0; k < files / 10; k++) await garbage(server.port, createRandom(seed + k));
      const after = await attack.heapBytes();
      const counts = JSON.stringify(Object.fromEntries(attack.statuses));
      process.stderr.write(
        `heap ${(before / 1e6).toFixed(1)} to ${(after / 1e6).toFixed(1)} MB, slowest ${attack.slowestMs.toFixed(0)} ms, ${counts}\n`,
      );
      expect(attack.wrong).toEqual([]);
      expect((await fetch(`${server.url}/`)).status).toBe(200);
      expect(after).toBeLessThan(maxHeapGrowth * before);
      if (soaking) expect(attack.slowestMs).toBeLessThan(maxAnswerMs);
    } finally {
      attack.end();
      await server.end("SIGKILL");
      remove();
    }
  },
  60_000 * Math.max(2, runs(1)),
);
