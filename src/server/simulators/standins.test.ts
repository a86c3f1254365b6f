import { createDevices } from ".";
import { maxLines, openPort } from "./port";

const echo = { say: (line: string) => `heard ${line}` };
const post = (port: number, body: string, headers: Record<string, string> = {}) =>
  fetch(`http://127.0.0.1:${port}/`, { method: "POST", body, headers: { "content-type": "text/plain", ...headers } });

test("lines are answered one by one, in their order", async () => {
  const { port, close } = await openPort(echo);
  const response = await post(port, "one\ntwo\n\n");
  expect(await response.text()).toBe("heard one\nheard two\n");
  await close();
  await expect(post(port, "one")).rejects.toThrow();
});

test("a page of the web, too much, and anything but a POST are refused", async () => {
  const { port, close } = await openPort(echo);
  const status = async (asked: Promise<Response>) => (await asked).status;
  expect(await status(post(port, "one", { origin: "http://evil.example" }))).toBe(403);
  expect(await status(fetch(`http://localhost:${port}/`, { method: "POST", body: "one" }))).toBe(403);
  expect(await status(fetch(`http://127.0.0.1:${port}/`))).toBe(405);
  expect(await status(post(port, "x\n".repeat(maxLines + 1)))).toBe(413);
  expect(await status(post(port, "x".repeat(5000)))).toBe(413);
  await close();
});

test("only what was opened here is spoken to; a ninth closes the oldest", async () => {
  const devices = createDevices();
  expect(await devices.say("http://127.0.0.1:80", ["HELLO"])).toBeNull();
  const ids: string[] = [];
  for (let k = 0; k < 9; k++) ids.push(await devices.open(echo));
  expect(await devices.say(ids[0] ?? "", ["a"])).toBeNull();
  expect(await devices.say(ids[8] ?? "", ["a", "b"])).toEqual(["heard a", "heard b"]);
  for (const id of ids) await devices.close(id);
  expect(await devices.say(ids[8] ?? "", ["a"])).toBeNull();
});
