import "server-only";

/** A database that cannot be used, with a sentence for the person who started the program. */
export class DatabaseProblem extends Error {
  constructor(
    readonly kind: "newer" | "corrupt" | "unwritable" | "unmigrated",
    message: string,
  ) {
    super(message);
    this.name = "DatabaseProblem";
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
