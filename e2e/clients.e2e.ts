import { setTimeout } from "node:timers/promises";
import { demoPlans } from "@/demo";
import { runs } from "@/testing";
import { startServer, temporaryDir } from "./harness";
import { plans, put, read } from "./harness/plans-api";
import { postJson } from "./harness/visit";

/**
 * Many clients saving at once, each its own plan, while somebody opens pages: none is refused, none is lost. How long a page
 * takes meanwhile is judged in `npm run soak` alone, where there are fifty of them for half a minute.
 */
const soaking = runs(1) > 1;
const clientCount = soaking ? 50 : 8;
/** How long they go on in the soak, ms, and how often each saves in the short form. */
const spanMs = 30_000;
const fewSaves = 3;
/** A person at a plan saves at most this often: the pause of the autosave. */
const pauseMs = 350;
const maxMedianMs = 1000;
const maxP95Ms = 3000;

test(
  `${clientCount} clients saving at once lose nothing, and pages are served meanwhile`,
  async () => {
    const { dir, remove } = temporaryDir();
    const server = await startServer(dir, ["--demo"]);
    try {
      const [plan] = demoPlans();
      if (plan === undefined) throw new Error("there is no demo plan");
      const late = Date.now() + spanMs;
      const problems: string[] = [];
      const client = async (k: number) => {
        const { id } = await postJson<{ id: string }>(`${server.url}/api/plans/import`, plan);
        let [revision, note] = [1, ""];
        for (let saves = 0; soaking ? Date.now() < late : saves < fewSaves; saves++) {
          const next = `client ${k}, revision ${revision + 1}`;
          const notes = { ...plan.notes, log: next };
          const response = await put(server, id, revision, { ...plan, notes });
          if (response.ok) [revision, note] = [((await response.json()) as { revision: number }).revision, next];
          else problems.push(`${response.status} ${await response.text()}`);
          await setTimeout(pauseMs);
        }
        const stored = await read(server, id);
        if (stored.revision !== revision || (note !== "" && stored.plan.notes.log !== note))
          problems.push(`client ${k} was told ${revision}, there is ${stored.revision}`);
        return revision - 1;
      };
      let done = false;
      const clients = Promise.all(Array.from({ length: clientCount }, (_, k) => client(k))).finally(
        () => (done = true),
      );
      const [shown] = await plans(server);
      const pages: number[] = [];
      while (!done) {
        const started = performance.now();
        const response = await fetch(`${server.url}/plan/${shown?.id ?? ""}/wiring`);
        await response.text();
        if (!response.ok) problems.push(`a page was answered ${response.status}`);
        pages.push(performance.now() - started);
        await setTimeout(100);
      }
      const saves = (await clients).reduce((sum, each) => sum + each, 0);
      pages.sort((a, b) => a - b);
      const at = (share: number) => pages[Math.floor(share * (pages.length - 1))] ?? 0;
      process.stderr.write(
        `${saves} saves, ${pages.length} pages: median ${at(0.5).toFixed(0)} ms, p95 ${at(0.95).toFixed(0)} ms\n`,
      );
      expect(problems).toEqual([]);
      expect(saves).toBeGreaterThanOrEqual(clientCount * fewSaves);
      if (soaking) expect([at(0.5) <= maxMedianMs, at(0.95) <= maxP95Ms]).toEqual([true, true]);
    } finally {
      await server.end("SIGKILL");
      remove();
    }
  },
  spanMs + 90_000,
);
