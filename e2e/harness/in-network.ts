import { networkInterfaces } from "node:os";

/** Whether this computer is in a network that a phone could come by. */
export const inNetwork = Object.values(networkInterfaces()).some((each) =>
  (each ?? []).some(({ internal }) => !internal),
);

/** Where a server that is open to the network is reached from there. */
export async function networkAddress(url: string): Promise<string> {
  const { addresses } = (await (await fetch(`${url}/api/phones`)).json()) as { readonly addresses: readonly string[] };
  return addresses[0] ?? "";
}
