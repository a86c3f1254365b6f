import { type ChildProcess, spawn } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { createServer } from "node:net";
import os from "node:os";
import path from "node:path";
import { workersPort } from "./common";
import { root } from "./root";

export type RunningServer = {
  readonly url: string;
  readonly port: number;
  readonly output: () => string;
  readonly signal: (name: NodeJS.Signals) => void;
  /** Ends it with a signal and resolves with its exit code (null when a signal took it). */
  readonly end: (signal: NodeJS.Signals) => Promise<number | null>;
};

export function temporaryDir(): { dir: string; remove: () => void } {
  const dir = mkdtempSync(path.join(os.tmpdir(), "golden-array-e2e-"));
  return { dir, remove: () => rmSync(dir, { recursive: true, force: true }) };
}

/** A port that nobody has: the one wished for, if it is that. */
export function freePort(wished = 0): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once("error", (error) => (wished === 0 ? reject(error) : resolve(freePort())));
    probe.listen(wished, "127.0.0.1", () => {
      const address = probe.address();
      probe.close(() =>
        typeof address === "object" && address !== null ? resolve(address.port) : reject(new Error("no port")),
      );
    });
  });
}

/** The launcher as a user runs it, without npm around it so that signals reach it. */
export function launch(
  args: readonly string[],
  /** flags of the runtime itself */ runtime: readonly string[] = [],
): {
  child: ChildProcess;
  output: () => string;
  ended: Promise<number | null>;
} {
  const child = spawn(process.execPath, [...runtime, path.join(root, "scripts", "serve.mjs"), ...args], {
    cwd: root,
    env: { ...process.env, NODE_ENV: "production" },
  });
  let text = "";
  child.stdout?.on("data", (chunk: Buffer) => (text += chunk.toString()));
  child.stderr?.on("data", (chunk: Buffer) => (text += chunk.toString()));
  return { child, output: () => text, ended: new Promise((resolve) => child.once("exit", (code) => resolve(code))) };
}

export async function startServer(
  dataDir: string,
  flags: readonly string[] = [],
  wantedPort?: number,
  runtime: readonly string[] = [],
): Promise<RunningServer> {
  const port = wantedPort ?? (await freePort(workersPort()));
  const { child, output, ended } = launch(["--port", String(port), "--data", dataDir, ...flags], runtime);
  const url = `http://127.0.0.1:${port}`;
  let exited = false;
  void ended.then(() => (exited = true));
  // a machine that does other things beside it may take its time
  const deadline = Date.now() + 300_000;
  while (!output().includes(`is at ${url}`)) {
    if (exited || Date.now() > deadline) throw new Error(`the server did not start:\n${output()}`);
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  return {
    url,
    port,
    output,
    signal: (name) => void child.kill(name),
    end: async (signal) => {
      if (!exited) child.kill(signal);
      return ended;
    },
  };
}
