import path from "node:path";
import { launchBrowser, openPage } from "../e2e/browser";
import { startServer, temporaryDir } from "../e2e/server";

/** Takes the README's pictures from the demo data. */
const wide = { width: 1280, height: 800 };
const narrow = { width: 390, height: 844 };
const pictures: readonly { name: string; plan: string | null; stop: string; light: string; size: typeof wide }[] = [
  { name: "plans", plan: null, stop: "", light: "paper", size: wide },
  { name: "panels", plan: "Lantern", stop: "panels", light: "paper", size: wide },
  { name: "input", plan: "Lantern", stop: "input", light: "paper", size: wide },
  { name: "wire", plan: "Lantern", stop: "wire", light: "paper", size: wide },
  { name: "wire-stop", plan: "Narrowboat", stop: "wire", light: "paper", size: wide },
  { name: "wire-sunlight", plan: "shed", stop: "wire", light: "sunlight", size: wide },
  { name: "wire-phone", plan: "Lantern", stop: "wire", light: "lantern", size: narrow },
  { name: "need-lantern", plan: "Lantern", stop: "need", light: "lantern", size: wide },
];

async function main(): Promise<void> {
  const temporary = temporaryDir();
  const server = await startServer(temporary.dir, ["--demo"]);
  const plans = (await (await fetch(`${server.url}/api/plans`)).json()) as { id: string; name: string }[];
  const browser = await launchBrowser();
  for (const { name, plan, stop, light, size } of pictures) {
    await browser.setCookie({ name: "golden-array-light", value: light, domain: "127.0.0.1", path: "/" });
    const id = plans.find((candidate) => plan !== null && candidate.name.includes(plan))?.id;
    const { page } = await openPage(browser, id === undefined ? server.url : `${server.url}/plan/${id}/${stop}`, size);
    await new Promise((resolve) => setTimeout(resolve, 400));
    await page.screenshot({ path: path.join(__dirname, "..", "docs", "screenshots", `${name}.png`) as `${string}.png` });
    await page.close();
  }
  await browser.close();
  await server.end("SIGTERM");
  temporary.remove();
}

void main();
