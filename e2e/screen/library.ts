import { existsSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { setTimeout } from "node:timers/promises";
import { type Page } from "puppeteer-core";
import { patienceMs } from "../harness/patience";
import { type Fields } from "./fields";

/** The library's table, and files in and out of it. */
export class Library {
  constructor(
    private readonly page: Page,
    private readonly fields: Fields,
    /** where files are put to be read, and where the browser saves */
    private readonly files: string,
  ) {}

  /** The cells of a column, as shown. */
  async column(name: string): Promise<string[]> {
    await this.page.waitForSelector(`[role=gridcell][data-field=${name}]`);
    return this.page.$$eval(`[role=gridcell][data-field=${name}]`, (cells) =>
      cells.map((cell) => (cell.textContent ?? "").replace(/\u00a0/g, " ")),
    );
  }

  async read(name: string, text: string): Promise<void> {
    const file = path.join(this.files, name);
    writeFileSync(file, text);
    await this.fields.upload(file, "Library file");
  }

  /** Presses a button that offers a file, and returns what is in it once it is on disk. */
  async saves(button: string, name: string): Promise<string> {
    await this.fields.press(button);
    const file = path.join(this.files, name);
    // the browser gives a file its name when all of it is there
    for (const late = Date.now() + patienceMs; !existsSync(file); await setTimeout(20)) {
      if (Date.now() > late) throw new Error(`${name} was not saved; there is ${readdirSync(this.files).join(", ")}`);
    }
    return readFileSync(file, "utf8");
  }
}
