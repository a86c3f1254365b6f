import { type PanelRead } from "../panel-read";
import { type DeviceRead } from "../device/read-types";
import { readText } from "../read";
import { valueIn } from "../pairs";
import { type ReadField } from "../fields";
import { type PhotoFigure } from "./figures";
import { type Box, boxAround } from "./gray-image";
import { proofed, zeroed } from "./proof";
import { type Row } from "./row";
import { type Settled } from "./vote";

/** A value on a photo: where it stands, how it was read there, and which of its characters are unsure. */
export type PhotoMark = { readonly box: Box; readonly text: string; readonly unsure: readonly number[] };
/** What a value may be: as it was taken first. */
export type Candidates = Readonly<Record<string, readonly number[]>>;
export type PhotoPanel = PanelRead & { readonly marks: Readonly<Record<string, PhotoMark>> };
export type PhotoReading = {
  readonly panels: readonly PhotoPanel[];
  /** Of a controller's or a station's sticker; a value whose number the looks do not agree on is doubted. */
  readonly devices: readonly DeviceRead[];
  readonly unread: readonly string[];
};

type Looked = PhotoFigure & { readonly settled: Settled };
type Told = {
  readonly text: string;
  readonly figures: readonly { readonly of: Looked; readonly at: number; readonly end: number }[];
};

/**
 * Reads a sticker from the lines of its photo and several looks at each number (one `settled` a figure). What the looks do not
 * agree on is doubted, unless the label's own numbers leave one reading only; what they leave is offered.
 */
export function readPhoto(
  rows: readonly Row[],
  figures: readonly PhotoFigure[],
  settled: readonly Settled[],
): PhotoReading {
  const looked = figures.flatMap((figure, k): Looked[] => {
    const own = settled[k];
    return own === undefined ? [] : [{ ...figure, settled: own }];
  });
  const { told, late } = withWhatFits(rows, looked);
  const { panels, devices, unread } = readText(textOf(told));
  return {
    panels: panels.map((panel) => marked(panel, told, late)),
    devices: devices.map((device) => withDoubts(device, told)),
    unread,
  };
}

function textOf(told: readonly Told[]): string {
  return told.map(({ text }) => text).join("\n");
}

/** Rows with their numbers as they were settled, or as `instead` has them. */
function toldRows(rows: readonly Row[], looked: readonly Looked[], instead: ReadonlyMap<Looked, string>): Told[] {
  return rows.map(({ text }, k) => {
    let [out, from] = ["", 0];
    const places: Told["figures"][number][] = [];
    for (const figure of looked.filter(({ row }) => row === k)) {
      out += text.slice(from, figure.at);
      const own = instead.get(figure) ?? figure.settled.text;
      places.push({ of: figure, at: out.length, end: out.length + own.length });
      out += own;
      from = figure.end;
    }
    return { text: out + text.slice(from), figures: places };
  });
}

/** A number that no field can be ("471 A") is tried as what else it may be: the first that is one is taken, and doubted. */
function withWhatFits(
  rows: readonly Row[],
  looked: readonly Looked[],
): { readonly told: Told[]; readonly late: ReadonlySet<Looked> } {
  const instead = new Map<Looked, string>();
  let told = toldRows(rows, looked, instead);
  const used = usedIn(told);
  for (const figure of looked) {
    if (used.has(figure)) continue;
    for (const other of otherReadings(figure.settled)) {
      instead.set(figure, other);
      const tried = toldRows(rows, looked, instead);
      if (usedIn(tried).has(figure)) {
        told = tried;
        break;
      }
      instead.delete(figure);
    }
  }
  return { told, late: new Set(instead.keys()) };
}

function usedIn(told: readonly Told[]): Set<Looked> {
  return new Set(
    readText(textOf(told)).panels.flatMap(({ places }) =>
      Object.values(places).flatMap((place) => figuresAt(told, place)[0]?.of ?? []),
    ),
  );
}

/** The numbers of a photo that a value was read from. */
function figuresAt(told: readonly Told[], { line, at, end }: PanelRead["places"][string]): Told["figures"] {
  return (told[line]?.figures ?? []).filter((figure) => figure.at < end && figure.end > at);
}

/** What a number may be that fits nowhere as it is: as some look saw it, with strokes through its zeros, with its point elsewhere. */
function otherReadings({ text, others }: Settled): string[] {
  const sign = /^[-+]/.exec(text)?.[0] ?? "";
  const digits = text.replace(/\D/g, "");
  const points = Array.from(
    { length: Math.max(0, digits.length - 1) },
    (_, k) => `${sign}${digits.slice(0, k + 1)}.${digits.slice(k + 1)}`,
  );
  return [...others, ...zeroed(text), ...points].filter((each) => each !== text);
}

function marked(panel: PanelRead, told: readonly Told[], late: ReadonlySet<Looked>): PhotoPanel {
  const marks: Record<string, PhotoMark> = {};
  const candidates: Record<string, readonly number[]> = {};
  const unsure = new Set<string>();
  for (const [field, place] of Object.entries(panel.places)) {
    const found = figuresAt(told, place);
    const [first] = found;
    if (first === undefined) continue;
    const { settled } = first.of;
    const isLate = late.has(first.of);
    marks[field] = {
      box: found.length === 1 ? first.of.box : boxAround(found.map(({ of }) => of.box)),
      text: (told[place.line]?.text ?? "").slice(place.at, place.end),
      unsure: isLate ? [...first.of.text].map((_, k) => k) : settled.unsure,
    };
    if (isLate || found.some(({ of }) => of.settled.unsure.length > 0)) unsure.add(field);
    const value = panel.fields[field as ReadField];
    if (found.length > 1 || typeof value !== "number") continue;
    const unit = unitAfter(told[place.line]?.text ?? "", first.end);
    const others = [settled.text, ...settled.others, ...(isLate ? otherReadings(settled) : [])].flatMap(
      (text) => valueIn(field as ReadField, `${text}${unit}`) ?? [],
    );
    candidates[field] = [...new Set([value, ...others])];
  }
  return { ...proofed(panel, candidates, unsure), marks };
}

function withDoubts(device: DeviceRead, told: readonly Told[]): DeviceRead {
  const torn = Object.entries(device.places).flatMap(([field, place]) => {
    const first = figuresAt(told, place).find(({ of }) => of.settled.unsure.length > 0);
    return first === undefined ? [] : [{ field, value: Number(first.of.settled.text), why: "looksDiffer" as const }];
  });
  return { ...device, doubts: [...device.doubts, ...torn] };
}

function unitAfter(text: string, end: number): string {
  return /^[ \t]?[^\s\d;,]{0,6}/.exec(text.slice(end))?.[0] ?? "";
}
