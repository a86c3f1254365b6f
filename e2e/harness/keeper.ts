import { readFileSync } from "node:fs";
import path from "node:path";
import { gunzipSync } from "node:zlib";
import { demoPanels } from "@/demo";
import { inNetwork, networkAddress } from "./in-network";
import { root } from "./root";

type Kept = { readonly address: string; readonly has: string; readonly headers?: Record<string, string> };
const json = { "content-type": "application/json" };
const epw = gunzipSync(readFileSync(path.join(root, "src/core/fixtures/harvest/north-firth.epw.gz"))).toString(
  "latin1",
);

/** Keeps things of every kind beside plans as fast as they are taken, and knows all that was acknowledged. */
export class Keeper {
  #count = 0;
  #kept: Kept[] = [];
  /** The last that were paired: of twenty and more the server lets the oldest go. */
  #phones: Kept[] = [];
  #acknowledged = 0;

  constructor(private readonly planId: string) {}

  get acknowledged(): number {
    return this.#acknowledged;
  }

  async keep(url: string): Promise<boolean> {
    const k = (this.#count += 1);
    const kinds = [this.#reading, this.#photo, this.#sheet, inNetwork ? this.#phone : this.#reading];
    // a weather file takes the server longer than all the others
    const kind = k % 16 === 15 ? this.#weather : kinds[k % kinds.length];
    const kept = (await kind?.call(this, url, k).catch(() => null)) ?? null;
    if (kept === null) return false;
    this.#acknowledged += 1;
    if (kept.headers === undefined) this.#kept.push(kept);
    else this.#phones = [...this.#phones, kept].slice(-10);
    return true;
  }

  /** The last hundred that were acknowledged are there. */
  async isWhole(url: string): Promise<void> {
    for (const { address, has, headers = {} } of [...this.#kept.slice(-100), ...this.#phones]) {
      const response = await fetch(address.startsWith("/") ? `${url}${address}` : address, { headers });
      expect([address, response.status, (await response.text()).includes(has)]).toEqual([address, 200, true]);
    }
  }

  async #reading(url: string, k: number): Promise<Kept | null> {
    const id = `reading-${k}`;
    const address = `/api/plans/${this.planId}/readings`;
    const body = { id, kind: "event", atUtc: "2026-05-01T10:00:00.000Z", by: "Tam", what: "cleaned", note: `${k}` };
    const answer = await say(`${url}${address}/${id}`, "PUT", JSON.stringify(body));
    return answer === null ? null : { address, has: `"${id}"` };
  }

  async #photo(url: string, k: number): Promise<Kept | null> {
    const bytes = Uint8Array.from([0xff, 0xd8, 0xff, ...Buffer.from(`${this.planId} ${k}`)]);
    const id = await say(`${url}/api/photos`, "POST", bytes);
    return id === null ? null : { address: `/api/photos/${id}`, has: `${k}` };
  }

  async #sheet(url: string, k: number): Promise<Kept | null> {
    const id = await say(`${url}/api/panels`, "POST", JSON.stringify({ ...demoPanels.rigid120, name: `Kept ${k}` }));
    return id === null ? null : { address: `/api/panels/${id}`, has: `"Kept ${k}"` };
  }

  async #weather(url: string, k: number): Promise<Kept | null> {
    const text = epw.replace("LOCATION,North Firth", `LOCATION,North Firth ${k}`);
    const id = await say(`${url}/api/weather`, "POST", JSON.stringify({ text }));
    return id === null ? null : { address: `/api/weather/${id}`, has: `North Firth ${k}` };
  }

  async #phone(url: string): Promise<Kept | null> {
    const away = await networkAddress(url);
    const code = await fetch(`${url}/api/phones/code`, { method: "POST", headers: json, body: "{}" });
    const { digits } = (await code.json()) as { digits: string };
    const response = await fetch(`${away}/pair`, {
      method: "POST",
      headers: { "content-type": "application/x-www-form-urlencoded", origin: away },
      body: `code=${digits}`,
      redirect: "manual",
    });
    const cookie = (response.headers.get("set-cookie") ?? "").split(";")[0] ?? "";
    return response.status === 303 ? { address: `${away}/api/plans`, has: this.planId, headers: { cookie } } : null;
  }
}

/** Asks, and gives the id in the answer, which may be empty; null: it was not taken, or nobody answered. */
async function say(address: string, method: string, body: string | Uint8Array<ArrayBuffer>): Promise<string | null> {
  const headers = typeof body === "string" ? json : {};
  const response = await fetch(address, { method, headers, body });
  const text = await response.text();
  if (!response.ok) return null;
  return text === "" ? "" : (JSON.parse(text) as { id: string }).id;
}
