import { cpSync, rmSync, writeFileSync } from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { type Plan } from "@/core/plan";
import { freePort, launch, type RunningServer, startServer, temporaryDir } from "./harness";
import { fileDisk, memoryDisk } from "./harness/disks";
import { plans, put, read } from "./harness/plans-api";
import { type Visit, e2eTest } from "./harness/visit";

/**
 * What can befall the disk under a data folder, done to real ones: each is named at the start and while running, nothing is
 * acknowledged that is not there, others are served meanwhile, and saving then resumes by itself.
 */
type Told = { readonly status: number; readonly message: string };

class Writer {
  revision = 1;
  /** The last note that was acknowledged. */
  kept = "";
  constructor(
    readonly server: RunningServer,
    readonly id: string,
    private readonly plan: Plan,
    /** What is on the disk. */ private written: Plan = plan,
  ) {}

  /** As small a change as can be, to what was kept last. */
  async nudge(k: number): Promise<Told> {
    const site = { ...this.plan.site, recordLowC: -20 - (k % 20) };
    return this.put({ ...this.written, site }, this.kept);
  }

  async write(note: string): Promise<Told> {
    const wirings = this.plan.wirings.map((wiring) => ({ ...wiring, note }));
    const notes = { ...this.plan.notes, need: note, layout: note, mounting: note, log: note };
    return this.put({ ...this.plan, wirings, notes }, note);
  }

  private async put(plan: Plan, note: string): Promise<Told> {
    const response = await put(this.server, this.id, this.revision, plan);
    const body = (await response.json()) as { revision?: number; message?: string };
    if (response.ok) [this.revision, this.kept, this.written] = [body.revision ?? 0, note, plan];
    return { status: response.status, message: body.message ?? "" };
  }

  async isKept(): Promise<void> {
    const { revision, plan } = await read(this.server, this.id);
    expect({ revision, note: plan.wirings[0]?.note }).toEqual({ revision: this.revision, note: this.kept });
  }
}

async function writerOn(server: RunningServer): Promise<Writer> {
  const id = (await plans(server)).find(({ name }) => name.startsWith("The Lantern"))?.id ?? "";
  return new Writer(server, id, (await read(server, id)).plan);
}

/** Notes that share nothing, so that each takes room. */
const noteOf = (k: number) => Array.from({ length: 450 }, (_, n) => `${k}.${(n * 7919 * (k + 1)) % 99_991}`).join(" ");

async function refusedStart(dir: string, sentence: RegExp): Promise<void> {
  const { ended, output } = launch(["--port", String(await freePort()), "--data", dir]);
  expect(await ended).toBe(1);
  expect(output()).toMatch(sentence);
  expect(output()).not.toMatch(/damaged/);
}

/** A fault that only some accounts can bring about. */
function onDisk<D>(name: string, make: () => D | null, body: (disk: D, visit: Visit) => Promise<void>): void {
  e2eTest(name, async (visit) => {
    const disk = make();
    // what was not run must not look like what was
    if (disk === null) return console.warn(`skipped, as this account may not mount disks: ${name}`);
    await body(disk, visit);
  });
}

onDisk(
  "a full disk",
  () => memoryDisk(4),
  async (disk, visit) => {
    const server = await startServer(disk.dir, ["--demo"]);
    try {
      const writer = await writerOn(server);
      const { page, fields } = await visit.open(`/plan/${writer.id}/wiring`, undefined, server);
      writer.revision = (await read(server, writer.id)).revision;
      const writeUntilRefused = async (note: (k: number) => string) => {
        for (let k = 0; k < 3000; k++) {
          const told = await writer.write(note(k));
          if (told.status !== 200) return told;
        }
        throw new Error("the disk takes everything");
      };
      const told = await writeUntilRefused(noteOf);
      expect(told).toMatchObject({ status: 507, message: expect.stringMatching(/disk .* is full/) as string });
      const fill = (name: string) =>
        expect(() => writeFileSync(path.join(disk.dir, name), Buffer.alloc(80_000_000))).toThrow(/ENOSPC/);
      // what room is left for something small is taken by another program
      fill("filler");
      expect((await writeUntilRefused((k) => `small ${k}`)).status).toBe(507);
      // and what is left for something as small as a page writes
      for (let k = 0; (await writer.nudge(k)).status !== 507; k++) expect(k).toBeLessThan(500);
      expect((await plans(server)).length).toBe(4);
      await writer.isKept();
      // the page has a revision of its own to begin from
      await page.reload({ waitUntil: "domcontentloaded" });
      await fields.type("Record low", "-13");
      await fields.says("[role=alert]", /disk .* is full.*stored in this browser/);
      disk.resize(64);
      await fields.saved();
      expect((await read(server, writer.id)).plan.site.recordLowC).toBe(-13);
      await page.close();
      await server.end("SIGTERM");
      fill("more");
      await refusedStart(disk.dir, /is full/);
    } finally {
      await server.end("SIGKILL");
      disk.end();
    }
  },
);

onDisk(
  "a disk mounted for reading only at the start, and one that turns to it while running",
  () => fileDisk(32),
  async (disk) => {
    await (await startServer(disk.dir, ["--demo"])).end("SIGTERM");
    let server: RunningServer | null = null;
    try {
      expect(disk.writable(false)).toBe(true);
      await refusedStart(disk.dir, /may not be written to|cannot be used/);
      expect(disk.writable(true)).toBe(true);
      server = await startServer(disk.dir);
      const writer = await writerOn(server);
      expect((await writer.write("before")).status).toBe(200);
      disk.breakDown();
      for (const note of ["lost", "lost too"]) {
        const told = await writer.write(note);
        expect(told.status).toBe(503);
        expect(told.message).toMatch(/may not be written to|cannot read or write/);
      }
      expect((await fetch(server.url)).status).toBe(200);
      await writer.isKept();
      await server.end("SIGKILL");
      await refusedStart(disk.dir, /may not be written to|cannot be used|cannot read or write/);
    } finally {
      await server?.end("SIGKILL");
      disk.end();
    }
  },
);

test("another program's lock, at the start and while running", async () => {
  const { dir, remove } = temporaryDir();
  const server = await startServer(dir, ["--demo"]);
  const writer = await writerOn(server);
  const other = new Database(path.join(dir, "golden-array.db"));
  other.exec("begin immediate");
  const refused = writer.write("held up");
  // others are served meanwhile
  expect((await plans(server)).length).toBe(4);
  expect(await refused).toMatchObject({
    status: 503,
    message: expect.stringMatching(/Another program has locked/) as string,
  });
  other.exec("rollback");
  expect((await writer.write("free again")).status).toBe(200);
  await writer.isKept();
  await server.end("SIGTERM");
  other.pragma("locking_mode = exclusive");
  other.exec("begin exclusive");
  await refusedStart(dir, /Another program has locked/);
  other.close();
  const again = await startServer(dir);
  await again.end("SIGTERM");
  remove();
});

test("a folder that is deleted while running, and put back", async () => {
  const { dir, remove } = temporaryDir();
  const data = path.join(dir, "data");
  const server = await startServer(data, ["--demo"]);
  const writer = await writerOn(server);
  expect((await writer.write("before")).status).toBe(200);
  cpSync(data, path.join(dir, "copy"), { recursive: true });
  rmSync(data, { recursive: true });
  const told = await writer.write("into nothing");
  expect(told).toMatchObject({ status: 503, message: expect.stringMatching(/is gone or was exchanged/) as string });
  cpSync(path.join(dir, "copy"), data, { recursive: true });
  // found out by the first that asks, and opened afresh for the next
  await writer.write("too early");
  expect((await writer.write("after")).status).toBe(200);
  await writer.isKept();
  await server.end("SIGTERM");
  remove();
});
