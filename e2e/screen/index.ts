import { type Page } from "puppeteer-core";
import { ready } from "../harness/browser";
import { Board } from "./board";
import { Fields } from "./fields";
import { Ledger } from "./ledger";
import { Library } from "./library";

/** One page of the application, and what a person finds on it. */
export class Screen {
  readonly fields: Fields;
  readonly board: Board;
  readonly ledger: Ledger;
  readonly library: Library;

  constructor(
    readonly page: Page,
    files: string,
  ) {
    this.fields = new Fields(page);
    this.board = new Board(page, this.fields);
    this.ledger = new Ledger(page, this.fields);
    this.library = new Library(page, this.fields, files);
  }

  /** Waits until all that was done is drawn with its verdict. */
  readonly settled = (): Promise<void> => ready(this.page);
}
