import { listReadings, withDatabase } from "@/server/db";
import { answer, guarded } from "@/server/http";

type Context = { params: Promise<{ id: string }> };

/** All readings of a plan, oldest first. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const { id } = await params;
    return answer(await withDatabase((db) => listReadings(db, id)));
  });
}
