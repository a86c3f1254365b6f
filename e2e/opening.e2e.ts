import path from "node:path";
import Database from "better-sqlite3";
import { startServer, temporaryDir } from "./harness";
import { plans, put, read } from "./harness/plans-api";
import { type Visit, e2eTest } from "./harness/visit";

/** A page comes without its plan and asks for it: once, again when told to, and it says why where there is none to be had. */
e2eTest("a plan is asked for once, and one that is none has no page", async ({ open, plan, server }) => {
  const address = await plan();
  const { page, fields } = await open(`${address}/need`);
  const asked: string[] = [];
  page.on("request", (request) => asked.push(`${request.method()} ${new URL(request.url()).pathname}`));
  await page.reload({ waitUntil: "networkidle0" });
  await fields.says("h1", /The Lantern.*: Need/);
  // the tab names the plan and the step, at the first step and at the next
  expect(await page.title()).toBe("The Lantern: travelling print workshop: Need");
  await fields.chord("Alt", "Digit5");
  await page.waitForFunction(() => document.title === "The Lantern: travelling print workshop: Wiring");
  const id = address.split("/").at(-1) ?? "";
  expect(asked.filter((each) => each === `GET /api/plans/${id}`).length).toBe(1);
  const status = async (at: string) => (await fetch(`${server.url}${at}`)).status;
  const nobody = id.replace(/[^-]/g, "0");
  expect([await status(`${address}/need`), await status(`/plan/${nobody}/need`)]).toEqual([200, 404]);
  expect(await status("/plan/nobody/need")).toBe(404);
});

e2eTest("a server that was away is asked again; a spoiled plan is told, and its last whole revision saved", rescuing);

async function rescuing({ open }: Visit): Promise<void> {
  const folder = temporaryDir();
  const server = await startServer(folder.dir, ["--demo"]);
  try {
    const id = (await plans(server)).find(({ name }) => name.startsWith("The Lantern"))?.id ?? "";
    const { page, fields } = await open(`/plan/${id}/wiring`, undefined, server);
    const { plan } = await read(server, id);
    expect((await put(server, id, 1, { ...plan, name: "Second" })).status).toBe(200);
    await page.setRequestInterception(true);
    let isAway = true;
    page.on("request", (request) => {
      const isAsked = isAway && new URL(request.url()).pathname === `/api/plans/${id}`;
      void (isAsked ? request.abort("connectionrefused") : request.continue());
    });
    await page.reload({ waitUntil: "domcontentloaded" });
    await fields.says("[role=alert]", /does not answer; is it still running/);
    isAway = false;
    await fields.press("Try again");
    await fields.says("h1", /^Second: /);

    const db = new Database(path.join(folder.dir, "golden-array.db"));
    db.prepare("update plan_change set patch = replace(patch, 'Second', 'Secund') where plan_id = ?").run(id);
    db.close();
    await page.reload({ waitUntil: "domcontentloaded" });
    await fields.says("[role=alert]", /revision 2: its check sum.*Its revision 1 is whole/);
    await fields.press("Make a new plan from revision 1");
    await fields.says("h1", /^The Lantern.*, revision 1: /);
    await page.close();
  } finally {
    await server.end("SIGKILL");
    folder.remove();
  }
}
