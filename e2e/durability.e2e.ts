import { setTimeout } from "node:timers/promises";
import { type Plan } from "@/core/plan";
import { createRandom, runs } from "@/testing";
import { type RunningServer, startServer, temporaryDir } from "./harness";
import { inNetwork } from "./harness/in-network";
import { Keeper } from "./harness/keeper";

/**
 * Several writers save as fast as they are answered while the server is killed at random points. After each kill every
 * document is whole, and none of them is older than what its writer was told is saved. Each start costs two seconds: a few
 * kills here, a thousand in `npm run soak -- --only durability --effort 500`.
 */
const killCount = runs(2);
const writerCount = 4;
/** A kill comes within this time after the writers set out, ms. */
const maxPeaceMs = 400;

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

test(
  `${killCount} SIGKILLs under ${writerCount} writers lose no acknowledged save and tear nothing`,
  async () => {
    const temporary = temporaryDir();
    const flags = inNetwork ? ["--lan"] : [];
    let server: RunningServer = await startServer(temporary.dir, ["--demo", ...flags]);
    const roll = createRandom(Number(process.env["GOLDEN_ARRAY_SEED"] ?? 1));
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
      const [before, keptBefore] = [acknowledged, keeper.acknowledged];
      const writing = writers.map(async (writer) => {
        while (going && (await writer.write(url, empty))) acknowledged += 1;
      });
      writing.push(
        (async () => {
          while (going && (await keeper.keep(url)));
        })(),
      );
      // on a busy machine the first save takes longer than the whole peace: a kill before it tries nothing
      const isIdle = () => acknowledged === before || keeper.acknowledged === keptBefore;
      for (let k = 0; k < 400 && isIdle(); k++) await setTimeout(50);
      await setTimeout(roll.whole(0, maxPeaceMs));
      await server.end("SIGKILL");
      going = false;
      await Promise.all(writing);
      server = await startServer(temporary.dir, flags);
      for (const writer of writers) await writer.isWhole(server.url);
      await keeper.isWhole(server.url);
      if (kill % 50 === 49) process.stderr.write(`${kill + 1} kills, none lost\n`);
    }
    process.stderr.write(
      `${killCount} kills, ${acknowledged} saves and ${keeper.acknowledged} readings, photos, sheets, weather files and phones acknowledged, none lost\n`,
    );
    expect(keeper.acknowledged).toBeGreaterThanOrEqual(killCount);
    expect(acknowledged).toBeGreaterThanOrEqual(killCount);
    await server.end("SIGTERM");
    temporary.remove();
  },
  60_000 * Math.max(1, killCount),
);
