import "server-only";
import { type Db, withDatabase } from "@/server/db";
import { troubleWords } from "@/server/http";

type PageData<T> = { readonly type: "data"; readonly data: T } | { readonly type: "trouble"; readonly words: string };

/** What a page shows, or what keeps it from being shown, in a sentence; a crash is left to the framework. */
export async function pageData<T>(work: (db: Db) => Promise<T>): Promise<PageData<T>> {
  try {
    return { type: "data", data: await withDatabase(work) };
  } catch (error) {
    const words = troubleWords(error);
    if (words === null) throw error;
    return { type: "trouble", words };
  }
}
