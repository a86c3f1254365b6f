import { nanoid } from "nanoid";

/** A new id, for a panel, a port, a wiring, a page. Works on connections that are not secure too, as a phone beside the computer has one. */
export function newId(): string {
  return nanoid();
}
