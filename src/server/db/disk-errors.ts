import "server-only";
import { existsSync, statfsSync, statSync } from "node:fs";
import path from "node:path";
import { DatabaseProblem } from "./problem";

/** What a failing disk, folder or database file is, in a sentence for the person whose data it is, and what to do. */
export function toDatabaseProblem(error: unknown, file: string): DatabaseProblem | null {
  if (error instanceof DatabaseProblem) return error;
  const code = codeOf(error);
  if (code === null) return null;
  const dir = path.dirname(file);
  if (code.startsWith("SQLITE_FULL") || code === "ENOSPC" || code === "EDQUOT" || (isIo(code) && isFull(dir)))
    return new DatabaseProblem(
      "full",
      `The disk with ${dir} is full. Nothing more is saved until there is space. Free some space; saving then resumes by itself.`,
    );
  if (code.startsWith("SQLITE_READONLY") || code === "EROFS" || code === "EACCES" || code === "EPERM")
    return new DatabaseProblem(
      "unwritable",
      `The data folder ${dir} may not be written to. Nothing is saved until it may; see to its permissions, or whether its disk is mounted for reading only.`,
    );
  if (code.startsWith("SQLITE_BUSY") || code.startsWith("SQLITE_LOCKED"))
    return new DatabaseProblem(
      "locked",
      `Another program has locked the database ${file}. Nothing was saved. Close that program; saving then resumes by itself.`,
    );
  if (code.startsWith("SQLITE_CORRUPT") || code === "SQLITE_NOTADB") return damaged(file, messageOf(error));
  if (isIo(code) || code.startsWith("SQLITE_CANTOPEN") || code === "EIO" || code === "ENOENT")
    return existsSync(file) ? unreadable(file, code) : vanished(file);
  return null;
}

/** A file that is not what was opened: its folder was deleted, moved away or put back from a copy while the program runs. */
export function vanished(file: string): DatabaseProblem {
  return new DatabaseProblem(
    "vanished",
    `The data folder ${path.dirname(file)} is gone or was exchanged while Golden Array runs. Nothing is saved until it is back where it was; put it back, or stop the program and start it afresh.`,
  );
}

export function damaged(file: string, detail: string): DatabaseProblem {
  return new DatabaseProblem(
    "corrupt",
    `The database ${file} is damaged (${detail}). It was left untouched: keep it, put back a copy of yours or a file named ${path.basename(file)}.before-… from the same folder, or start afresh with --data DIR.`,
  );
}

function unreadable(file: string, code: string): DatabaseProblem {
  return new DatabaseProblem(
    "unreachable",
    `The disk cannot read or write ${file} (${code}). Nothing was saved. Check the disk or its cable; saving then resumes by itself.`,
  );
}

const isIo = (code: string) => code.startsWith("SQLITE_IOERR");

/** Less than this is no room: the least the database asks for at once, bytes. */
const minRoomBytes = 65_536;

/** Where there is no room even for the database's smallest file beside it, it only says that something failed. */
function isFull(dir: string): boolean {
  try {
    const { bavail, bsize } = statfsSync(dir);
    return bavail * bsize < minRoomBytes;
  } catch {
    return false;
  }
}

/** What a file is on its disk: the same for as long as it is the same file. Null where there is none. */
export function identityOf(file: string): string | null {
  try {
    const { dev, ino } = statSync(file);
    return `${dev}:${ino}`;
  } catch {
    return null;
  }
}

function codeOf(error: unknown): string | null {
  const { code } = (error ?? {}) as { code?: unknown };
  return typeof code === "string" ? code : null;
}

function messageOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}
