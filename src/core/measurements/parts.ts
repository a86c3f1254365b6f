import { z } from "zod";

/** What every record of the readings has. */
export const recordId = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/, "an id is 1 to 64 letters, digits, - or _");
export const common = { id: recordId, atUtc: z.iso.datetime(), by: z.string().max(40) };

export const skyWords = ["clear", "haze", "broken", "overcast"] as const;
