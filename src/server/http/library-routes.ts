import "server-only";
import { database, type Db, type LibraryRecord } from "../db";
import { answer, answerNothing, fault, guarded, parsed } from "./answer";
import { bodyJson, ifMatch } from "./request";

type ShelfLike<Sheet> = {
  schema: { parse: (value: unknown) => Sheet };
  list: (db: Db) => Promise<LibraryRecord<Sheet>[]>;
  read: (db: Db, id: string) => Promise<LibraryRecord<Sheet>>;
  create: (db: Db, made: { id: string; sheet: Sheet; now: string }) => Promise<LibraryRecord<Sheet>>;
  replace: (db: Db, write: { id: string; revision: number; sheet: Sheet; now: string }) => Promise<LibraryRecord<Sheet> | null>;
  remove: (db: Db, id: string, revision: number) => Promise<boolean>;
};

type Context = { params: Promise<{ id: string }> };

/** The handlers of one shelf of the library; panels and inputs differ only in their sheet. */
export function libraryRoutes<Sheet>(shelf: ShelfLike<Sheet>) {
  const stale = () => fault("stale", "This library entry was changed elsewhere. Nothing was overwritten: reload and try again.");
  return {
    list: () => guarded(async () => answer(await shelf.list(await database()))),
    create: (request: Request) =>
      guarded(async () => {
        const sheet = parsed(shelf.schema, await bodyJson(request));
        return answer(await shelf.create(await database(), { id: crypto.randomUUID(), sheet, now: new Date().toISOString() }), 201);
      }),
    read: (_: Request, { params }: Context) => guarded(async () => answer(await shelf.read(await database(), (await params).id))),
    replace: (request: Request, { params }: Context) =>
      guarded(async () => {
        const write = { id: (await params).id, revision: ifMatch(request), sheet: parsed(shelf.schema, await bodyJson(request)), now: new Date().toISOString() };
        const record = await shelf.replace(await database(), write);
        if (record === null) throw stale();
        return answer(record);
      }),
    remove: (request: Request, { params }: Context) =>
      guarded(async () => {
        if (!(await shelf.remove(await database(), (await params).id, ifMatch(request)))) throw stale();
        return answerNothing();
      }),
  };
}
