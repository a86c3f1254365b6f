import { cellsIn, priceIn, sizeIn } from "./extras";
import { everyday, ofThePacking, standard } from "./fields";
import { type DeviceRead } from "./device/read-types";
import { devicesIn } from "./device/devices";
import { figuresIn } from "./number";
import { type Found, namesIn, pairsIn, valueOf } from "./pairs";
import { forgetPairs, pairsOf } from "./pairs-of";
import { type Part, partsOf } from "./parts";
import { type Cell, type Line, linesOf, type Place, placeOf } from "./plain";
import { nameFrom, modelIn, withModel, joined } from "./model-name";
import { type PanelRead, readOf, type Gathered } from "./panel-read";

export type TextReading = {
  readonly panels: readonly PanelRead[];
  readonly devices: readonly DeviceRead[];
  /** Lines with numbers of which nothing was understood. */ readonly unread: readonly string[];
  /** Lines with numbers beyond those looked at: a text of so many is no label. */ readonly beyond: number;
};

/** Longest text read, characters, and most lines with numbers: a long data sheet, and no more than ends at once. */
export const maxText = 200_000;
const maxNumbered = 400;

/** Reads what was pasted from anywhere: panels and devices, each value with its words, and what speaks against it. Nothing is guessed. */
export function readText(text: string): TextReading {
  const all = linesOf(text.slice(0, maxText));
  const numbered = all.flatMap(({ words }, k) => (/\d/.test(words) ? [k] : []));
  const lines = all.slice(0, numbered[maxNumbered] ?? all.length);
  forgetPairs();
  const panels: PanelRead[] = [];
  const devices: DeviceRead[] = [];
  const unread: string[] = [];
  for (const part of partsOf(lines)) {
    if (part.kind === "device") {
      devices.push(...devicesIn(part.head, part.lines));
      continue;
    }
    const { reads, left } = panelsIn(part);
    panels.push(...reads);
    unread.push(...left);
  }
  forgetPairs();
  return { panels, devices, unread, beyond: Math.max(0, numbered.length - maxNumbered) };
}

type Columns =
  | { readonly type: "models"; readonly names: readonly string[] }
  | { readonly type: "conditions"; readonly use: number }
  | { readonly type: "fields"; readonly titles: readonly string[] }
  | null;

function panelsIn({ head, lines }: Part): { readonly reads: PanelRead[]; readonly left: string[] } {
  const model = lines.map(({ words }) => modelIn(words)).find((each) => each !== null);
  const common: Gathered = {
    name: model === undefined || model === null ? nameFrom(head) : withModel(nameFrom(head), model),
    found: [],
    extras: {},
  };
  const models = new Map<string, Gathered>();
  const left: string[] = [];
  let columns: Columns = null;
  let isEveryday = false;
  let above = "";
  for (const line of lines) {
    const { words, cells } = line;
    if (words === "") {
      isEveryday = false;
      continue;
    }
    const title = above;
    above = cells.length === 0 && figuresIn(words).length === 0 && namesIn(words).length === 1 ? words : "";
    const header = columnsOf(cells.map((cell) => cell.words));
    if (header !== null) {
      columns = header;
      continue;
    }
    if (columns?.type === "fields" && cells.length === columns.titles.length && cells.length > 0) {
      const [first, ...values] = cells;
      const model = models.get(first?.words ?? "") ?? { name: first?.words ?? "", found: [], extras: {} };
      models.set(model.name, model);
      for (const [k, value] of values.entries()) takeCell(model, line, columns.titles[k + 1] ?? "", value);
      continue;
    }
    const names = namesIn(words);
    if (cells.length < 2 && names.length === 0) {
      if (everyday.test(words) && !standard.test(words)) isEveryday = true;
      else if (standard.test(words)) isEveryday = false;
    }
    const isCells = cells.length > 1 && namesIn(cells[0]?.words ?? "").length > 0;
    if (isEveryday || (!isCells && everyday.test(words) && !standard.test(words) && names.length > 0)) continue;
    if (isCells) {
      const [label, ...values] = columns === null ? withWholeName(cells) : cells;
      if (label === undefined) continue;
      if (columns?.type === "models" && values.length >= 2) {
        for (const [k, name] of columns.names.entries()) {
          const model = models.get(name) ?? { name, found: [], extras: {} };
          models.set(name, model);
          const [found] = pairsOfCells(line, label, values[k]);
          if (found !== undefined) model.found.push({ ...found, words: `${label.words} ${values[k]?.words ?? ""}` });
          takeExtras(model, `${label.words}: ${values[k]?.words ?? ""}`, inCells(line, label, values[k]));
        }
        continue;
      }
      // a row without the column that is read has its value in the only one it has
      const value =
        (columns?.type === "conditions" ? cells[columns.use] : undefined) ??
        (columns === null || values.length === 1 ? values[0] : undefined);
      common.found.push(...pairsOfCells(line, label, value));
      takeExtras(common, `${label.words}: ${value?.words ?? ""}`, inCells(line, label, value));
      continue;
    }
    // a name on a line of its own, its value on the next
    if (title !== "" && names.length === 0 && words.length < 16 && !isEveryday) {
      const whole: Cell = { words, at: 0 };
      common.found.push(...pairsOfCells(line, { words: title, at: 0 }, whole));
      takeExtras(common, `${title}: ${words}`, inCells(line, { words: title, at: 0 }, whole));
      continue;
    }
    const pairs = pairsOf(words);
    common.found.push(...pairs.map((pair) => ({ ...pair, place: placeOf(line, pair.at, pair.end) })));
    const weight = pairs.length > 2 ? weightAlone(words, pairs) : null;
    if (weight !== null) common.found.push({ ...weight, place: placeOf(line, weight.at, weight.end) });
    const took = takeExtras(common, words, (at, end) => placeOf(line, at, end));
    if (
      pairs.length === 0 &&
      !took &&
      (head === "" || !words.startsWith(head)) &&
      !isKnown(words) &&
      figuresIn(words).length > 0
    )
      left.push(words);
  }
  if (models.size > 0) {
    const family = common.name;
    const reads = [...models.values()].map((model) =>
      readOf(
        {
          name: joined(family, model.name),
          found: [...model.found, ...common.found],
          extras: { ...common.extras, ...model.extras },
        },
        "",
      ),
    );
    return { reads, left };
  }
  return common.found.length === 0 ? { reads: [], left } : { reads: [readOf(common, head)], left };
}

/** Lines with numbers that are no value of a panel: the conditions it was measured under, its model, its number. */
function isKnown(words: string): boolean {
  return standard.test(words) || modelIn(words) !== null || /^s[/i]n\b|serial/i.test(words);
}

/** Cells of a row whose name is spread over several, with the name in one. */
function withWholeName(cells: readonly Cell[]): readonly Cell[] {
  const value = cells.findIndex(({ words }, k) => k > 0 && figuresIn(words).length > 0);
  const [first] = cells;
  if (value < 2 || first === undefined) return cells;
  const words = cells
    .slice(0, value)
    .map((cell) => cell.words)
    .join(" ");
  return [{ words, at: first.at }, ...cells.slice(value)];
}

/** Values of a label's cell and a value's cell, read as if one stood after the other. */
function pairsOfCells(line: Line, label: Cell, value: Cell | undefined): (Found & { readonly place: Place })[] {
  const placed = inCells(line, label, value);
  return pairsIn(`${label.words}: ${value?.words ?? ""}`).map((pair) => ({
    ...pair,
    words: `${label.words} ${value?.words ?? ""}`,
    place: placed(pair.at, pair.end),
  }));
}

/** A value of a model's row under the title of its column, with the unit that the title has. */
function takeCell(model: Gathered, line: Line, title: string, value: Cell): void {
  const unit = /[([] ?([^\d)\]]{1,6}) ?[)\]]/.exec(title)?.[1] ?? "";
  const label = { words: title, at: value.at };
  const said = {
    words: figuresIn(value.words).some((figure) => figure.unit !== "") ? value.words : `${value.words} ${unit}`.trim(),
    at: value.at,
  };
  model.found.push(...pairsOfCells(line, label, said));
  takeExtras(model, `${title}: ${said.words}`, inCells(line, label, said));
}

/** Where characters of "label: value" stand. */
function inCells(line: Line, label: Cell, value: Cell | undefined): (at: number, end: number) => Place {
  const begins = label.words.length + 2;
  return (at, end) => {
    const shift = at >= begins && value !== undefined ? value.at - begins : label.at;
    return placeOf(line, at + shift, end + shift);
  };
}

/** Columns that a row of a table heads: models side by side, or conditions. */
function columnsOf(cells: readonly string[]): Columns {
  if (cells.length < 2) return null;
  const [first = "", ...others] = cells;
  const areFields = others.filter((cell) => namesIn(cell).length > 0 && figuresIn(cell).length === 0).length >= 3;
  if (areFields && namesIn(first).length === 0) return { type: "fields", titles: cells };
  const stc = cells.findIndex((cell) => standard.test(cell));
  if (cells.some((cell) => everyday.test(cell)) && namesIn(first).length === 0)
    return {
      type: "conditions",
      use:
        stc >= 0
          ? stc
          : Math.max(
              1,
              cells.findIndex((cell, k) => k > 0 && !everyday.test(cell)),
            ),
    };
  if (stc >= 0 && namesIn(first).length === 0 && figuresIn(others.join(" ")).length === 0)
    return { type: "conditions", use: stc };
  const areNames = others.every((cell) => cell !== "" && namesIn(cell).length === 0 && /[A-Za-z]/.test(cell));
  if (/^(?:model|typ|type|modell|module|product|article|item|)$/i.test(first) && others.length >= 2 && areNames)
    return { type: "models", names: others };
  return null;
}

/** A weight that its unit alone names, among the values of a panel on one line. */
function weightAlone(words: string, pairs: readonly Found[]): Found | null {
  if (ofThePacking.test(words) || pairs.some(({ field }) => field === "weightKg")) return null;
  const [figure, another] = figuresIn(words).filter(({ unit }) => /^(?:kg|lbs?)$/i.test(unit));
  if (figure === undefined || another !== undefined) return null;
  const value = valueOf("weightKg", figure);
  const { at, end } = figure;
  return value === null ? null : { field: "weightKg", words: words.slice(at, end + 4).trim(), at, end, ...value };
}

/** Sizes, price, cells: what goes by a shape of its own. True where a line held any. */
function takeExtras({ extras }: Gathered, words: string, placed: (at: number, end: number) => Place): boolean {
  const placeIn = (part: string) => {
    const at = Math.max(0, words.indexOf(part));
    return placed(at, at + part.length);
  };
  const size = sizeIn(words);
  const price = priceIn(words);
  const cells = cellsIn(words);
  if (size !== null && extras["lengthMm"] === undefined) {
    extras["lengthMm"] = { value: size.lengthMm, words: size.words, place: placeIn(size.words) };
    extras["widthMm"] = { value: size.widthMm, words: size.words, place: placeIn(size.words) };
  }
  if (price !== null && extras["price"] === undefined) {
    extras["price"] = { value: price.price, words: price.words, place: placeIn(price.words) };
    extras["currency"] = { value: price.currency, words: price.words, place: placeIn(price.words) };
  }
  if (cells !== null && extras["cellsInSeries"] === undefined)
    extras["cellsInSeries"] = { value: cells.cells, words: cells.words, place: placeIn(cells.words) };
  return size !== null || price !== null || cells !== null;
}
