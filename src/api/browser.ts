import { createClient } from "./client";

/** The client of this page. */
export const browserClient = createClient((input, init) => fetch(input, init));
