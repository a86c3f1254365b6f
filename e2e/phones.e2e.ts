import { request } from "node:http";
import { connect } from "node:net";
import { inNetwork, networkAddress } from "./harness/in-network";
import { read } from "./harness/plans-api";
import { launch, phone, temporaryDir } from "./harness";
import { getJson, postJson, type Visit, isolatedE2eTest } from "./harness/visit";

/** A phone beside the computer: nothing without pairing, everything but the phones with it, nothing after it was shut out. */
type More = { readonly method?: string; readonly headers?: Record<string, string>; readonly body?: string };

/** Asks at the address that is open to the network, as nobody in particular. */
async function fromNetwork({ server }: Visit, path: string, { method = "GET", headers = {}, body }: More = {}) {
  const { hostname, port, host } = new URL(await networkAddress(server.url));
  return new Promise<{ status: number; text: string }>((resolve, reject) => {
    const options = { host: hostname.replace(/[[\]]/g, ""), port, path, method, headers: { host, ...headers } };
    request(options, (response) => {
      let text = "";
      response.on("data", (chunk) => (text += String(chunk)));
      response.on("end", () => resolve({ status: response.statusCode ?? 0, text }));
    })
      .on("error", reject)
      .end(body);
  });
}

/** Says something on a connection and leaves without hearing what comes of it. */
function brokenOff(hostname: string, port: number, lines: readonly string[]): Promise<void> {
  return new Promise((resolve) => {
    const socket = connect(port, hostname.replace(/[[\]]/g, ""), () => {
      socket.write(lines.join("\r\n"), () => setTimeout(() => socket.destroy(), 20));
    });
    socket.on("error", () => undefined);
    socket.on("close", () => resolve());
  });
}

const lan = ["--demo", "--lan"];

if (!inNetwork)
  test("in no network there is nothing to open, which is said", async () => {
    const { dir, remove } = temporaryDir();
    const { ended, output } = launch(["--lan", "--data", dir]);
    expect(await ended).toBe(1);
    expect(output()).toContain("in no network");
    remove();
  });
else {
  isolatedE2eTest("an unpaired phone gets the pairing page and nothing else; guessing gets nowhere", guessing, lan);
  isolatedE2eTest("a phone types the code, edits a plan, and is shut out again", pairing, lan);
}

async function guessing(visit: Visit): Promise<void> {
  const { url, port } = visit.server;
  for (const path of ["/", "/library/panels", "/phones", "/nothing"]) {
    const { status, text } = await fromNetwork(visit, path, { headers: { accept: "text/html" } });
    const page = [text.includes("Pair this phone"), text.includes("Lantern")];
    expect([path, status, ...page]).toEqual([path, 401, true, false]);
  }
  for (const path of ["/api/plans", "/api/phones", "/_next/static/x.js", "/schema/plan-v6.json"])
    expect([path, (await fromNetwork(visit, path)).status]).toEqual([path, 401]);
  for (const host of [`127.0.0.1:${port}`, "golden.example"])
    expect((await fromNetwork(visit, "/", { headers: { host } })).status).toBe(403);
  const itself = { headers: { "x-golden-array-asker": "computer" } };
  expect((await fromNetwork(visit, "/api/phones", itself)).status).toBe(401);

  const own = await networkAddress(url);
  const pair = (code: string, origin = own) =>
    fromNetwork(visit, "/pair", {
      method: "POST",
      headers: { "content-type": "application/x-www-form-urlencoded", origin },
      body: `code=${code}`,
    });
  expect((await pair("12345678")).text).toContain("The code has expired");
  const { digits } = await postJson<{ digits: string }>(`${url}/api/phones/code`, {});
  expect((await pair(digits, "http://evil.example")).status).toBe(403);
  // the real door, as fast as it answers; ten thousand are tried where the codes are kept
  const guesses = Array.from({ length: 200 }, (_, k) => String((Number(digits) + 1 + k) % 1e8).padStart(8, "0"));
  const answers = [];
  for (const guess of guesses) answers.push((await pair(guess)).status);
  expect(new Set(answers)).toEqual(new Set([403]));
  expect((await pair(digits)).text).toContain("The code has expired");
  // broken off before the code was there, again and again: the server goes on
  const { hostname, host } = new URL(own);
  for (let k = 0; k < 20; k++)
    await brokenOff(hostname, port, ["POST /pair HTTP/1.1", `Host: ${host}`, "Content-Length: 400", "", "code=1"]);
  // and nobody gets past this door by asking for another protocol
  for (let k = 0; k < 20; k++)
    await brokenOff(hostname, port, [
      "GET / HTTP/1.1",
      `Host: ${host}`,
      "Connection: Upgrade",
      "Upgrade: websocket",
      "",
      "",
    ]);
  expect(await getJson(`${url}/api/phones`)).toMatchObject({ phones: [], codeUntilMs: null });
}

async function pairing({ open, server }: Visit): Promise<void> {
  const computer = await open("/phones");
  await computer.fields.says("main", /not encrypted/);
  await computer.fields.press("Make a pairing code");
  const [digits] = /\d{4} \d{4}/.exec(await computer.fields.says("[role=status]", /\d{4} \d{4}/)) ?? [""];

  const away = { url: await networkAddress(server.url), port: server.port };
  const stranger = await computer.page.browser().newPage();
  await stranger.goto(away.url);
  await stranger.type("#code", digits);
  await Promise.all([stranger.waitForNavigation(), stranger.click("button")]);
  await stranger.waitForSelector("[data-ready=true]");
  expect(await stranger.$eval("body", (body) => body.innerText)).toContain("The Lantern");
  await stranger.close();
  await computer.fields.says("main", /(Phone|Computer or tablet) at .*paired/);

  const [plan] = await getJson<{ id: string }[]>(`${server.url}/api/plans`);
  const id = plan?.id ?? "";
  const onPhone = await open(`/plan/${id}/wiring`, phone, away);
  await onPhone.fields.type("Record low", "-11");
  await onPhone.fields.saved();
  expect(await read(server, id)).toMatchObject({ plan: { site: { recordLowC: -11 } } });
  // phones do not let one another in
  const refused = await onPhone.page.evaluate(async () => (await fetch("/api/phones/code", { method: "POST" })).status);
  expect(refused).toBe(403);

  await computer.page.bringToFront();
  await computer.fields.press("Remove");
  await computer.fields.says("main", /None\./);
  await onPhone.page.bringToFront();
  await onPhone.fields.type("Record low", "-12");
  await onPhone.fields.says("[role=alert]", /not paired.*stored in this browser/);
  expect(await read(server, id)).toMatchObject({ plan: { site: { recordLowC: -11 } } });
}
