import "server-only";
import { type SimulatedBench } from "@/simulator";
import { type DevicePort, openPort } from "./port";

/** The devices this server has opened itself; nobody can name another address. */
export type Devices = {
  readonly open: (bench: SimulatedBench) => Promise<string>;
  /** Says lines to one; null: there is none of that id. */
  readonly say: (id: string, lines: readonly string[]) => Promise<readonly string[] | null>;
  readonly close: (id: string) => Promise<void>;
};

type Opened = { readonly port: DevicePort; readonly timer: NodeJS.Timeout };

/** More than one person needs; the oldest is closed for a new one. One that nobody speaks to for so long is closed. */
const maxOpen = 8;
const idleMs = 3_600_000;

export function createDevices(): Devices {
  const opened = new Map<string, Opened>();
  const close = async (id: string) => {
    const one = opened.get(id);
    opened.delete(id);
    clearTimeout(one?.timer);
    await one?.port.close();
  };
  const awake = (id: string, port: DevicePort) => {
    clearTimeout(opened.get(id)?.timer);
    const timer = setTimeout(() => void close(id), idleMs);
    timer.unref();
    opened.set(id, { port, timer });
  };
  return {
    open: async (bench) => {
      const [oldest] = opened.keys();
      if (opened.size >= maxOpen && oldest !== undefined) await close(oldest);
      const id = crypto.randomUUID();
      awake(id, await openPort(bench));
      return id;
    },
    say: async (id, lines) => {
      const one = opened.get(id);
      if (one === undefined) return null;
      awake(id, one.port);
      const response = await fetch(`http://127.0.0.1:${one.port.port}/`, {
        method: "POST",
        headers: { "content-type": "text/plain" },
        body: lines.join("\n"),
      });
      return (await response.text()).split("\n").slice(0, lines.length);
    },
    close,
  };
}

/** One for the server, over all the bundles the framework makes of it. */
const shelf = globalThis as { goldenArrayDevices?: Devices };

export function theDevices(): Devices {
  return (shelf.goldenArrayDevices ??= createDevices());
}
