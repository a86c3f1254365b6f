import { rescuePlan, withDatabase } from "@/server/db";
import { answer, guarded } from "@/server/http";

type Context = { params: Promise<{ id: string }> };

/** Makes a new plan of the last whole revision of one that is spoiled on the disk, which stays as it is. */
export function POST(_: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const { id } = await params;
    const made = { id: crypto.randomUUID(), now: new Date().toISOString() };
    return answer(await withDatabase((db) => rescuePlan(db, id, made)), 201);
  });
}
