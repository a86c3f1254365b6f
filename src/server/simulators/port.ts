import "server-only";
import { createServer, type IncomingMessage, type Server } from "node:http";
import { type AddressInfo } from "node:net";
import { type SimulatedBench } from "@/simulator";

/** A line protocol over HTTP on a loopback port of its own: lines come in as plain text, as many answers go out. */
export type DevicePort = { readonly port: number; readonly close: () => Promise<void> };

const maxBytes = 4096;
export const maxLines = 20;

export async function openPort(bench: SimulatedBench): Promise<DevicePort> {
  const server = createServer((request, response) => {
    const refuse = (status: number, words: string) => {
      response.writeHead(status, { "content-type": "text/plain; charset=utf-8" }).end(`ERR ${words}\n`);
    };
    const { port } = server.address() as AddressInfo;
    // whoever speaks to it is the application on this computer, and no page of the web
    if (request.headers.host !== `127.0.0.1:${port}` || request.headers.origin !== undefined)
      return refuse(403, "only for the application on this computer");
    if (request.method !== "POST") return refuse(405, "lines are sent by POST");
    void textOf(request).then(
      (text) => {
        const lines = text.split("\n").filter((line) => line.trim() !== "");
        if (lines.length > maxLines) return refuse(413, `${lines.length} lines; allowed: ${maxLines}`);
        response
          .writeHead(200, { "content-type": "text/plain; charset=utf-8" })
          .end(`${lines.map((line) => bench.say(line)).join("\n")}\n`);
      },
      () => refuse(413, `more than ${maxBytes} bytes`),
    );
  });
  await new Promise<void>((resolve, reject) => {
    server.once("error", reject);
    server.listen(0, "127.0.0.1", resolve);
  });
  return { port: (server.address() as AddressInfo).port, close: () => closed(server) };
}

async function textOf(request: IncomingMessage): Promise<string> {
  const chunks: Buffer[] = [];
  let bytes = 0;
  for await (const chunk of request as AsyncIterable<Buffer>) {
    bytes += chunk.length;
    if (bytes > maxBytes) throw new Error("too much");
    chunks.push(chunk);
  }
  return Buffer.concat(chunks).toString("utf8");
}

function closed(server: Server): Promise<void> {
  return new Promise((resolve) => {
    server.close(() => resolve());
    server.closeAllConnections();
  });
}
