import { statSync } from "node:fs";

/** What a file is on its disk: the same for as long as it is the same file. Null where there is none. */
export function identityOf(/** @type {string} */ file) {
  try {
    const { dev, ino } = statSync(file);
    return `${dev}:${ino}`;
  } catch {
    return null;
  }
}
