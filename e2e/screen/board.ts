import { type Page } from "puppeteer-core";
import { patienceMs } from "../harness/patience";
import { type Fields, steady } from "./fields";

/** In the page: what stands where, port array by port array, strings parted by bars and panels of a string by dashes. */
function layoutInPage(): string[] {
  const keys = (part: Element) =>
    [...part.querySelectorAll("[data-tile]")].map((tile) => tile.getAttribute("data-tile"));
  return [...document.querySelectorAll("[data-port-array]")].map((portArray) => {
    const strings = [...portArray.querySelectorAll("[data-string]")]
      .map((string) => keys(string).join("-"))
      .join(" | ");
    return `${portArray.getAttribute("data-port-array") ?? ""}: ${strings || keys(portArray).join(" ")}`;
  });
}

/** The string board: panels in strings before each port, and the shelf. */
export class Board {
  constructor(
    private readonly page: Page,
    private readonly fields: Fields,
  ) {}

  layout(): Promise<string[]> {
    return this.page.evaluate(layoutInPage);
  }

  /** Waits until a port array stands as given, "station/high: roof.1-roof.2 | roof.3". */
  async stands(portArray: string): Promise<void> {
    const wanted = `(${layoutInPage.toString()})().includes(${JSON.stringify(portArray)})`;
    await this.page.waitForFunction(wanted, { timeout: patienceMs }).catch(async () => {
      throw new Error(`waited for “${portArray}”; the board is\n${(await this.layout()).join("\n")}`);
    });
  }

  tile(key: string): string {
    return `[data-tile='${key}']`;
  }

  async focus(key: string): Promise<void> {
    await this.page.waitForSelector(this.tile(key));
    await this.page.focus(this.tile(key));
  }

  /** The lower part of a panel, below its picture: pressing a stripe there would shade it. */
  async face(key: string): Promise<{ x: number; y: number }> {
    const { x, bottom } = await this.place(this.tile(key));
    return { x, y: bottom - 12 };
  }

  /** Scrolls something into the middle of the screen, and says where it then is. */
  async place(selector: string): Promise<{ x: number; y: number; bottom: number }> {
    const found = await this.page.waitForSelector(selector);
    if (found !== null) await steady(found);
    const box = await found?.boundingBox();
    if (box === undefined || box === null) throw new Error(`${selector} is not on the screen`);
    return { x: box.x + box.width / 2, y: box.y + box.height / 2, bottom: box.y + box.height };
  }

  async drag(from: string, to: string): Promise<void> {
    const start = await this.place(from);
    await this.page.mouse.move(start.x, start.y);
    await this.page.mouse.down();
    await this.page.mouse.move(start.x + 12, start.y + 4, { steps: 3 });
    await this.page.waitForSelector(`${from}[data-dragging]`, { timeout: patienceMs });
    const place = await this.reached(to);
    await this.page.mouse.move(place.x, place.y, { steps: 6 });
    // aimed at again as a hand would: the page may have moved since the place was measured
    for (let k = 0; k < 40; k++) {
      const { x, y } = await this.reached(to);
      await this.page.mouse.move(x, y);
      if ((await this.page.waitForSelector("[data-over]", { timeout: 250 }).catch(() => null)) !== null) break;
    }
    await this.page.mouse.up();
  }

  /** The middle of a place something is dragged to; one below the screen is held for at its edge, until the page has scrolled. */
  private async reached(to: string): Promise<{ x: number; y: number }> {
    const height = this.page.viewport()?.height ?? 0;
    for (let k = 0; k < 60; k++) {
      // measured after the start: the page may have scrolled to show what is dragged
      const box = await (await this.page.$(to))?.boundingBox();
      if (box === undefined || box === null) break;
      const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
      if (middle.y < 0.9 * height) return middle;
      await this.page.mouse.move(middle.x, height - 4 - (k % 2));
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    throw new Error(`${to} is not on the screen`);
  }

  async said(words: RegExp): Promise<void> {
    await this.fields.says("[data-testid=board-said]", words);
  }

  /** Waits until nothing is left that could be undone. */
  async undone(): Promise<void> {
    await this.page.waitForSelector("[aria-label=Undo]:disabled", { timeout: patienceMs });
  }
}
