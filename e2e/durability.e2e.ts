import { type Plan } from "@/core/plan";
import { effort } from "@/testing";
import { type RunningServer, startServer, temporaryDir } from "./harness";

/** Each start costs two seconds: a few kills here, hundreds in the soak. */
const killCount = effort(3);
const saves = killCount * 40;
/** Killed after these many saves: early, now and then, and once right at the end. */
const kills = Array.from({ length: killCount }, (_, k) =>
  k === 0 ? 7 : k === killCount - 1 ? saves - 1 : k * 40 + ((k * 17) % 40),
);

test(
  `SIGKILL ${killCount} times during ${saves} saves loses none that was acknowledged`,
  async () => {
    const temporary = temporaryDir();
    let server: RunningServer = await startServer(temporary.dir);
    const json = { "content-type": "application/json" };
    const made = await fetch(`${server.url}/api/plans`, {
      method: "POST",
      headers: json,
      body: JSON.stringify({ name: "Save me" }),
    });
    const { id } = (await made.json()) as { id: string };
    const { plan } = (await (await fetch(`${server.url}/api/plans/${id}`)).json()) as { plan: Plan };
    let acknowledged = { revision: 1, low: 0 };

    for (let k = 1; k <= saves; k++) {
      const low = -(k % 50);
      const sending = fetch(`${server.url}/api/plans/${id}`, {
        method: "PUT",
        headers: { ...json, "if-match": `"${acknowledged.revision}"` },
        body: JSON.stringify({ ...plan, name: `Save ${k}`, site: { ...plan.site, recordLowC: low } }),
      });
      const killing = kills.includes(k);
      if (killing) setTimeout(() => void server.end("SIGKILL"), k % 5);
      const answer = await sending.then(
        (response) => (response.ok ? (response.json() as Promise<{ revision: number }>) : null),
        () => null,
      );
      if (answer !== null) acknowledged = { revision: answer.revision, low };
      if (!killing) {
        expect(answer).not.toBeNull();
        continue;
      }
      await server.end("SIGKILL");
      server = await startServer(temporary.dir);
      const found = (await (await fetch(`${server.url}/api/plans/${id}`)).json()) as { revision: number; plan: Plan };
      // the save cut off may have landed without its answer arriving; an acknowledged one may never be missing
      expect([acknowledged.revision, acknowledged.revision + 1]).toContain(found.revision);
      if (found.revision === acknowledged.revision)
        expect(found.plan.site.recordLowC ?? 0).toBeCloseTo(acknowledged.low);
      else expect(found.plan.name).toBe(`Save ${k}`);
      acknowledged = { revision: found.revision, low: found.plan.site.recordLowC ?? 0 };
    }

    const last = (await (await fetch(`${server.url}/api/plans/${id}`)).json()) as { revision: number };
    expect(last.revision).toBe(acknowledged.revision);
    expect(last.revision).toBeGreaterThan(saves - kills.length);
    await server.end("SIGTERM");
    temporary.remove();
  },
  60_000 * killCount,
);
