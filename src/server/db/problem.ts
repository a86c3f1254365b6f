import "server-only";

/**
 * Newer: made by a later version. Corrupt: damaged. Unmigrated: could not be brought up to date. The others pass when the
 * person has seen to the disk, the folder or the other program: full, unwritable, locked, vanished, unreachable.
 */
export type ProblemKind =
  "newer" | "corrupt" | "unmigrated" | "full" | "unwritable" | "locked" | "vanished" | "unreachable";

/** A database that cannot be used, with a sentence for the person whose data it is. */
export class DatabaseProblem extends Error {
  constructor(
    readonly kind: ProblemKind,
    message: string,
  ) {
    super(message);
    this.name = "DatabaseProblem";
  }
}

/** Something that was kept and is not what was written any more. */
export class Spoiled extends Error {
  constructor(what: string) {
    super(
      `${what} is spoiled on the disk: its check sum does not fit. It was left as it is; put back a copy of yours, or add it again.`,
    );
    this.name = "Spoiled";
  }
}

/** Nothing with that id. */
export class NotFound extends Error {
  constructor(
    readonly what: string,
    readonly id: string,
  ) {
    super(`There is no ${what} "${id}".`);
    this.name = "NotFound";
  }
}
