import { networkInterfaces } from "node:os";

/** Whether this computer is in a network that a phone could come by. */
export const inNetwork = Object.values(networkInterfaces()).some((each) =>
  (each ?? []).some(({ internal }) => !internal),
);
