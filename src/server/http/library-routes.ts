import "server-only";
import { z } from "zod";
import { type Added, retiringSchema } from "@/api";
import { maxLibraryBytes, maxSheets } from "@/core/library";
import { type Db, type LibraryRecord, type ShelfList, withDatabase } from "../db";
import { answer, answerNothing, fault, guarded, parsed } from "./answer";
import { bodyJson, ifMatch } from "./request";

type Written = { readonly id: string; readonly revision: number; readonly now: string };

type ShelfLike<Sheet> = {
  schema: z.ZodType<Sheet>;
  list: (db: Db) => Promise<ShelfList<Sheet>>;
  read: (db: Db, id: string) => Promise<LibraryRecord<Sheet>>;
  add: (db: Db, made: readonly { id: string; sheet: Sheet }[], now: string) => Promise<void>;
  replace: (db: Db, write: Written & { sheet: Sheet }) => Promise<LibraryRecord<Sheet> | null>;
  retire: (
    db: Db,
    write: { sheets: readonly { id: string; revision: number }[]; retired: boolean; now: string },
  ) => Promise<boolean>;
  remove: (db: Db, id: string, revision: number) => Promise<boolean>;
};

type Context = { params: Promise<{ id: string }> };

const staleSheet = () =>
  fault("stale", "This library entry was changed elsewhere. Nothing was overwritten: reload and try again.");
const nowText = () => new Date().toISOString();

/** The handlers of one shelf of the library; panels and inputs differ only in their sheet. */
export function libraryRoutes<Sheet>(shelf: ShelfLike<Sheet>) {
  const many = z.array(shelf.schema).min(1).max(maxSheets);
  const current = (record: LibraryRecord<Sheet> | null) => {
    if (record === null) throw staleSheet();
    return answer(record);
  };
  const written = async (request: Request, { params }: Context): Promise<Written> => ({
    id: (await params).id,
    revision: ifMatch(request),
    now: nowText(),
  });
  return {
    list: () => guarded(async () => answer(await withDatabase(shelf.list))),
    create: (request: Request) =>
      guarded(async () => {
        const made = { id: crypto.randomUUID(), sheet: parsed(shelf.schema, await bodyJson(request)) };
        const record = await withDatabase(async (db) => {
          await shelf.add(db, [made], nowText());
          return shelf.read(db, made.id);
        });
        return answer(record, 201);
      }),
    /** Many sheets at once, all of them or none. */
    createMany: (request: Request) =>
      guarded(async () => {
        const made = parsed(many, await bodyJson(request, maxLibraryBytes)).map((sheet) => ({
          id: crypto.randomUUID(),
          sheet,
        }));
        const now = nowText();
        await withDatabase((db) => shelf.add(db, made, now));
        const added: Added = { ids: made.map(({ id }) => id), updatedAt: now };
        return answer(added, 201);
      }),
    read: (_: Request, { params }: Context) =>
      guarded(async () => {
        const { id } = await params;
        return answer(await withDatabase((db) => shelf.read(db, id)));
      }),
    replace: (request: Request, context: Context) =>
      guarded(async () => {
        const write = { ...(await written(request, context)), sheet: parsed(shelf.schema, await bodyJson(request)) };
        return current(await withDatabase((db) => shelf.replace(db, write)));
      }),
    /** Retires many sheets at once or brings them back, all of them or none. */
    retire: (request: Request) =>
      guarded(async () => {
        const write = { ...parsed(retiringSchema, await bodyJson(request, maxLibraryBytes)), now: nowText() };
        if (!(await withDatabase((db) => shelf.retire(db, write)))) throw staleSheet();
        return answer({ updatedAt: write.now });
      }),
    remove: (request: Request, { params }: Context) =>
      guarded(async () => {
        const { id } = await params;
        const revision = ifMatch(request);
        if (!(await withDatabase((db) => shelf.remove(db, id, revision)))) current(null);
        return answerNothing();
      }),
  };
}
