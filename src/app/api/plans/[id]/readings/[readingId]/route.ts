import { recordSchema } from "@/core/measurements";
import { deleteReading, putReading, withDatabase } from "@/server/db";
import { answerNothing, bodyJson, fault, guarded, parsed } from "@/server/http";

type Context = { params: Promise<{ id: string; readingId: string }> };

/** More than any reading takes, bytes. */
const maxBytes = 20_000;

/** Keeps a reading; sent again it is the same one. It is on the disk before it is acknowledged. */
export function PUT(request: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const { id, readingId } = await params;
    const reading = parsed(recordSchema, await bodyJson(request, maxBytes));
    if (reading.id !== readingId)
      throw fault(
        "badRequest",
        `id: ${JSON.stringify(reading.id)}; expected ${JSON.stringify(readingId)}, as in the address.`,
      );
    await withDatabase((db) => putReading(db, id, reading, new Date().toISOString()));
    return answerNothing();
  });
}

export function DELETE(_: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const { id, readingId } = await params;
    await withDatabase((db) => deleteReading(db, id, readingId));
    return answerNothing();
  });
}
