import "server-only";
import { networkInterfaces } from "node:os";
import { type Phones } from "./phones";

/** What the server opens to the network it is on: its addresses there, and who may use them. */
export type Lan = { readonly addresses: readonly string[]; readonly phones: Phones };

/** It hangs on globalThis because the door and the framework's routes are bundled apart. */
type Holder = { goldenArrayLan?: Lan };

/** What is open to the network; null unless the server was started so. */
export function openLan(): Lan | null {
  return (globalThis as Holder).goldenArrayLan ?? null;
}

export function registerLan(lan: Lan): void {
  (globalThis as Holder).goldenArrayLan = lan;
}

/** This computer's own addresses on the networks it is in, as they stand in a URL. */
export function ownAddresses(): string[] {
  return Object.values(networkInterfaces())
    .flatMap((each) => each ?? [])
    .filter(({ internal, family, address }) => !internal && !(family === "IPv6" && address.startsWith("fe80")))
    .map(({ family, address }) => (family === "IPv6" ? `[${address}]` : address));
}
