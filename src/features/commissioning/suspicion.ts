import { z } from "zod";
import { type Suspicion } from "@/core/commissioning";

export type LogSuspicion = Suspicion & { /** As a day, YYYY-MM-DD. */ readonly since: string };

const schema = z.object({ less: z.coerce.number().min(1).max(99), since: z.iso.date() });

/** What the log said, out of the address it leads to; anything else there is no suspicion. */
export function readSuspicion(search: { get: (name: string) => string | null }): LogSuspicion | null {
  const read = schema.safeParse({ less: search.get("less"), since: search.get("since") });
  return read.success ? { lossPct: read.data.less, since: read.data.since } : null;
}
