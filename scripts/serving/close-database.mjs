import path from "node:path";
import { identityOf } from "./identity.mjs";

/**
 * Closes the database, so that its file alone is complete, and says what is true of it then.
 * @param {string} dataDir
 * @returns {Promise<{ isTrue: boolean, words: string }>} whether all that was acknowledged is there
 */
export async function closeDatabase(dataDir) {
  const holder =
    /** @type {{ goldenArrayDatabase?: Promise<{ identity: string | null, destroy: () => Promise<void> }> | null }} */ (
      globalThis
    );
  const file = path.join(dataDir, "golden-array.db");
  let opened;
  try {
    opened = await holder.goldenArrayDatabase;
  } catch {
    return { isTrue: false, words: `The database ${file} could not be opened: nothing was saved.` };
  }
  if (opened === null || opened === undefined) return { isTrue: true, words: "Nothing was read or saved." };
  // asked before it is closed, too: an exchanged file must not be taken for the one that was written
  const isThere = identityOf(file) === opened.identity;
  try {
    await opened.destroy();
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return {
      isTrue: false,
      words: `The database ${file} could not be closed (${why}). Keep the files beside it: they hold the last changes, and the next start puts them in.`,
    };
  }
  return isThere && identityOf(file) === opened.identity
    ? { isTrue: true, words: "Everything acknowledged is on disk." }
    : {
        isTrue: false,
        words: `The data folder ${dataDir} is gone or was exchanged while Golden Array ran: what was saved is not where it was. Put the folder back if you have it.`,
      };
}
