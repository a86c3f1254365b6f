import "server-only";
import path from "node:path";
import { type Db, openDatabase } from "./open";

/**
 * The one connection of this process. It hangs on globalThis because the framework loads this module
 * once for each bundle of routes, and two connections in one process would defeat the write order.
 */
type Holder = { goldenArrayDatabase?: Promise<Db> | null };

export function database(): Promise<Db> {
  const holder = globalThis as Holder;
  const opening = holder.goldenArrayDatabase ?? openDatabase(dataDir());
  holder.goldenArrayDatabase = opening;
  // a failed opening is not kept: once the person has mended the file, the next request tries again
  opening.catch(() => {
    if (holder.goldenArrayDatabase === opening) holder.goldenArrayDatabase = null;
  });
  return opening;
}

function dataDir(): string {
  return process.env["GOLDEN_ARRAY_DATA"] ?? path.join(process.cwd(), ".golden-array", "development");
}
