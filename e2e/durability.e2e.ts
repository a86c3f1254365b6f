import { setTimeout } from "node:timers/promises";
import { type Plan } from "@/core/plan";
import { demoPanels } from "@/demo";
import { dice, effort } from "@/testing";
import { type RunningServer, startServer, temporaryDir } from "./harness";

/**
 * Several writers save as fast as they are answered while the server is killed at random points. After each kill every
 * document is whole, and none of them is older than what its writer was told is saved. Each start costs two seconds: a few
 * kills here, a thousand in `npm run soak -- --only durability --effort 500`.
 */
const killCount = effort(2);
const writerCount = 4;
/** A kill comes within this time after the writers set out, ms. */
const mostPeaceMs = 400;

type Stored = { readonly revision: number; readonly plan: Plan };
const json = { "content-type": "application/json" };

class Writer {
  revision = 1;
  saves = 0;
  /** What was sent over which revision, as long as nobody has said what became of it. */
  #sent: string | null = null;
  #acknowledged = "";

  constructor(
    readonly id: string,
    private readonly name: string,
  ) {}

  async write(url: string, plan: Plan): Promise<boolean> {
    const note = `${this.name} ${(this.saves += 1)} ${"·".repeat(this.saves % 700)}`;
    this.#sent = note;
    const body = JSON.stringify({ ...plan, notes: { ...plan.notes, need: note, log: note } });
    const headers = { ...json, "if-match": `"${this.revision}"` };
    const response = await fetch(`${url}/api/plans/${this.id}`, { method: "PUT", headers, body }).catch(() => null);
    const answer = response === null ? null : await response.json().catch(() => null);
    if (response?.ok !== true || answer === null) return false;
    this.revision = (answer as { revision: number }).revision;
    this.#acknowledged = note;
    this.#sent = null;
    return true;
  }

  /** What was cut off may have landed without its answer; what was acknowledged may never be missing, nor half of anything be there. */
  async isWhole(url: string): Promise<void> {
    const { revision, plan } = (await (await fetch(`${url}/api/plans/${this.id}`)).json()) as Stored;
    const { need, log } = plan.notes;
    const possible = [`${this.revision}: ${this.#acknowledged}`];
    if (this.#sent !== null) possible.push(`${this.revision + 1}: ${this.#sent}`);
    expect(need).toBe(log);
    expect(possible).toContain(`${revision}: ${need}`);
    this.revision = revision;
    this.#acknowledged = need;
    this.#sent = null;
  }
}

/** Keeps things of every other kind as fast as they are taken, and knows all that was acknowledged. */
class Keeper {
  #count = 0;
  #kept: { readonly address: string; readonly has: string }[] = [];

  constructor(private readonly planId: string) {}

  get acknowledged(): number {
    return this.#kept.length;
  }

  async keep(url: string): Promise<boolean> {
    const k = (this.#count += 1);
    const say = (method: string, address: string, body: string | Uint8Array<ArrayBuffer>) =>
      fetch(`${url}${address}`, { method, headers: typeof body === "string" ? json : {}, body }).catch(() => null);
    switch (k % 3) {
      case 0: {
        const id = `reading-${k}`;
        const address = `/api/plans/${this.planId}/readings`;
        const reading = {
          id,
          kind: "event",
          atUtc: "2026-05-01T10:00:00.000Z",
          by: "Tam",
          what: "cleaned",
          note: `${k}`,
        };
        return this.#took(await say("PUT", `${address}/${id}`, JSON.stringify(reading)), () => [address, `"${id}"`]);
      }
      case 1: {
        const photo = Uint8Array.from([0xff, 0xd8, 0xff, ...Buffer.from(`${this.planId} ${k}`)]);
        return this.#took(await say("POST", "/api/photos", photo), ({ id }) => [`/api/photos/${id}`, `${k}`]);
      }
      default: {
        const body = JSON.stringify({ ...demoPanels.rigid120, name: `Kept ${k}` });
        return this.#took(await say("POST", "/api/panels", body), ({ id }) => [`/api/panels/${id}`, `"Kept ${k}"`]);
      }
    }
  }

  async #took(
    response: Response | null,
    at: (answer: { readonly id?: string }) => readonly [address: string, has: string],
  ): Promise<boolean> {
    const answer = response === null ? null : await response.text().catch(() => null);
    if (response?.ok !== true || answer === null) return false;
    const [address, has] = at(answer === "" ? {} : (JSON.parse(answer) as { id?: string }));
    this.#kept.push({ address, has });
    return true;
  }

  /** The last hundred that were acknowledged are there. */
  async isWhole(url: string): Promise<void> {
    for (const { address, has } of this.#kept.slice(-100)) {
      const response = await fetch(`${url}${address}`);
      expect([address, response.status, (await response.text()).includes(has)]).toEqual([address, 200, true]);
    }
  }
}

test(
  `${killCount} SIGKILLs under ${writerCount} writers lose no acknowledged save and tear nothing`,
  async () => {
    const temporary = temporaryDir();
    let server: RunningServer = await startServer(temporary.dir, ["--demo"]);
    const roll = dice(Number(process.env["GOLDEN_ARRAY_SEED"] ?? 1));
    const made = async (name: string) => {
      const body = JSON.stringify({ name });
      const response = await fetch(`${server.url}/api/plans`, { method: "POST", headers: json, body });
      return ((await response.json()) as { id: string }).id;
    };
    const writers: Writer[] = [];
    for (let k = 0; k < writerCount; k++) writers.push(new Writer(await made(`Writer ${k}`), `writer ${k}`));
    const [first] = writers;
    const { plan } = (await (await fetch(`${server.url}/api/plans/${first?.id ?? ""}`)).json()) as Stored;
    const empty = { ...plan, notes: { ...plan.notes, need: "", log: "" } };
    const keeper = new Keeper(await made("Keeper"));
    let acknowledged = 0;
    for (let kill = 0; kill < killCount; kill++) {
      const { url } = server;
      let going = true;
      const before = acknowledged;
      const writing = writers.map(async (writer) => {
        while (going && (await writer.write(url, empty))) acknowledged += 1;
      });
      writing.push(
        (async () => {
          while (going && (await keeper.keep(url)));
        })(),
      );
      // on a busy machine the first save takes longer than the whole peace: a kill before it tries nothing
      for (let k = 0; k < 200 && acknowledged === before; k++) await setTimeout(50);
      await setTimeout(roll.whole(0, mostPeaceMs));
      await server.end("SIGKILL");
      going = false;
      await Promise.all(writing);
      server = await startServer(temporary.dir);
      for (const writer of writers) await writer.isWhole(server.url);
      await keeper.isWhole(server.url);
    }
    process.stderr.write(
      `${killCount} kills, ${acknowledged} saves and ${keeper.acknowledged} readings, photos and sheets acknowledged, none lost\n`,
    );
    expect(keeper.acknowledged).toBeGreaterThan(killCount);
    expect(acknowledged).toBeGreaterThanOrEqual(killCount);
    await server.end("SIGTERM");
    temporary.remove();
  },
  60_000 * Math.max(1, killCount),
);
