import { z } from "zod";
import { maxReadings, recordSchema } from "@/core/measurements";
import { keptReadings, putReadings, withDatabase } from "@/server/db";
import { answer, answerNothing, bodyJson, guarded, parsed } from "@/server/http";

type Context = { params: Promise<{ id: string }> };

/** All readings of a plan, oldest first. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const { id } = await params;
    return answer(await withDatabase((db) => keptReadings(db, id)));
  });
}

const maxBytes = 12_000_000;
const many = z.array(recordSchema).min(1).max(maxReadings);

/** Keeps many at once, all or none, as they come out of a table; those that are there already are the same. */
export function POST(request: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const { id } = await params;
    const records = parsed(many, await bodyJson(request, maxBytes));
    await withDatabase((db) => putReadings(db, id, records, new Date().toISOString()));
    return answerNothing();
  });
}
