import { type Page } from "puppeteer-core";
import { patienceMs } from "../harness/patience";
import { type Fields } from "./fields";

/** The verdict and the lines under it. */
export class Ledger {
  constructor(
    private readonly page: Page,
    private readonly fields: Fields,
  ) {}

  /** Waits until the verdict is of a level. */
  async is(level: string): Promise<void> {
    await this.page.waitForSelector(`[data-testid=verdict][data-level=${level}]`, { timeout: patienceMs });
  }

  /** Waits until the verdict's sentence says something, and returns it. */
  verdict(pattern: RegExp): Promise<string> {
    return this.fields.says("[data-testid=verdict]", pattern);
  }

  /** Waits until a rule's line says something, and returns it. */
  line(rule: string, pattern: RegExp): Promise<string> {
    return this.fields.says(`[data-rule=${rule}]`, pattern);
  }

  /** The watts taken under the sky looked at. */
  async runningW(): Promise<number> {
    return Number(/(\d+)\sW/.exec(await this.fields.says("[data-testid=running]", /\d\sW/))?.[1]);
  }
}
