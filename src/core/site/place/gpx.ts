import { XMLParser, XMLValidator } from "fast-xml-parser";

/** A stay read from a GPX file (topografix.com/GPX/1/1): a way point, or nights near one another along a track. Dates as YYYY-MM-DD; null: the file has none. */
export type GpxStay = {
  readonly name: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly fromDate: string | null;
  readonly toDate: string | null;
};

export type GpxReading =
  | { readonly type: "stays"; readonly stays: readonly GpxStay[] }
  | { readonly type: "fault"; readonly line: number; readonly field: string; readonly problem: string };

/** Larger than a summer's track at a point every few seconds thinned as such devices do. */
export const maxGpxBytes = 4_000_000;
/** Nights nearer than this to one another are one stay, °: some 5 km. */
const nearDeg = 0.05;
const maxStays = 60;

class Fault extends Error {
  constructor(
    readonly line: number,
    readonly field: string,
    problem: string,
  ) {
    super(problem);
  }
}

type Point = {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly name: string;
  readonly date: string | null;
};

/** Reads the stays of a GPX file: its way and route points where it has any, else the nights of its tracks. Never follows what a file declares or names elsewhere. */
export function readGpx(text: string): GpxReading {
  try {
    return { type: "stays", stays: toStays(text) };
  } catch (error) {
    if (error instanceof Fault) return { type: "fault", line: error.line, field: error.field, problem: error.message };
    throw error;
  }
}

function toStays(text: string): GpxStay[] {
  if (text.length > maxGpxBytes) throw new Fault(1, "file", `${text.length} letters; allowed: up to ${maxGpxBytes}`);
  const declared = /<!(?:DOCTYPE|ENTITY)/i.exec(text);
  if (declared !== null)
    throw new Fault(lineAt(text, declared.index), "DOCTYPE", "a track declares no document type or entities");
  const valid = XMLValidator.validate(text);
  if (valid !== true) throw new Fault(valid.err.line, "XML", valid.err.msg);
  const parser = new XMLParser({
    ignoreAttributes: false,
    attributeNamePrefix: "@",
    processEntities: false,
    parseTagValue: false,
    parseAttributeValue: false,
    isArray: (name) => ["wpt", "rte", "rtept", "trk", "trkseg", "trkpt"].includes(name),
  });
  const { gpx } = parsed(() => parser.parse(text) as { gpx?: Tree });
  if (typeof gpx !== "object" || gpx === null) throw new Fault(1, "gpx", "no such element: this is not a GPX file");
  const named = [
    ...pointsOf(text, "wpt", listIn(gpx, "wpt")),
    ...pointsOf(
      text,
      "rtept",
      listIn(gpx, "rte").flatMap((route) => listIn(route, "rtept")),
    ),
  ];
  if (named.length > 0) return named.slice(0, maxStays).map(stayOfPoint);
  const track = listIn(gpx, "trk")
    .flatMap((each) => listIn(each, "trkseg"))
    .flatMap((segment) => listIn(segment, "trkpt"));
  const nights = nightsOf(pointsOf(text, "trkpt", track));
  if (nights.length === 0) throw new Fault(1, "gpx", "no way points, route points or track points with a time in it");
  return nights.slice(0, maxStays);
}

/** Names that the parser will not have, such as those every object goes by, are a fault of the file. */
function parsed<T>(parse: () => T): T {
  try {
    return parse();
  } catch (error) {
    throw new Fault(1, "XML", error instanceof Error ? error.message : "cannot be read");
  }
}

type Tree = { readonly [key: string]: unknown };

function listIn(tree: Tree, name: string): Tree[] {
  const list = tree[name];
  return Array.isArray(list) ? list.filter((each): each is Tree => typeof each === "object" && each !== null) : [];
}

function pointsOf(text: string, tag: string, elements: readonly Tree[]): Point[] {
  return elements.map((element, k) => ({
    latitudeDeg: degrees(text, tag, k, "lat", element["@lat"], 90),
    longitudeDeg: degrees(text, tag, k, "lon", element["@lon"], 180),
    name:
      typeof element["name"] === "string"
        ? element["name"]
            .replace(/\p{Cc}+/gu, " ")
            .trim()
            .slice(0, 80)
        : "",
    date: dateOf(text, tag, k, element["time"]),
  }));
}

function degrees(text: string, tag: string, k: number, field: string, value: unknown, most: number): number {
  const number = typeof value === "string" && value.trim() !== "" ? Number(value) : Number.NaN;
  if (Number.isFinite(number) && Math.abs(number) <= most) return number;
  throw new Fault(
    lineOfElement(text, tag, k),
    `${tag} ${field}`,
    `"${String(value ?? "").slice(0, 30)}"; allowed: ${-most} to ${most}`,
  );
}

function dateOf(text: string, tag: string, k: number, value: unknown): string | null {
  if (value === undefined) return null;
  const ms = typeof value === "string" ? Date.parse(value) : Number.NaN;
  const date = new Date(ms);
  const year = date.getUTCFullYear();
  if (Number.isNaN(ms) || year < 1900 || year > 2200)
    throw new Fault(
      lineOfElement(text, tag, k),
      `${tag} time`,
      `"${String(value).slice(0, 30)}"; allowed: a date such as 2026-05-01T18:00:00Z`,
    );
  return date.toISOString().slice(0, 10);
}

function stayOfPoint({ name, latitudeDeg, longitudeDeg, date }: Point, k: number): GpxStay {
  return { name: name === "" ? `Stop ${k + 1}` : name, latitudeDeg, longitudeDeg, fromDate: date, toDate: date };
}

/** Where each day of a track ends; days that end near one another are one stay. */
function nightsOf(points: readonly Point[]): GpxStay[] {
  const lastOf = new Map<string, Point>();
  for (const point of points) if (point.date !== null) lastOf.set(point.date, point);
  const stays: GpxStay[] = [];
  for (const [date, { latitudeDeg, longitudeDeg }] of [...lastOf].sort(([a], [b]) => (a < b ? -1 : 1))) {
    const before = stays.at(-1);
    const isNear =
      before !== undefined &&
      Math.abs(before.latitudeDeg - latitudeDeg) < nearDeg &&
      Math.abs(before.longitudeDeg - longitudeDeg) < nearDeg;
    if (isNear) stays[stays.length - 1] = { ...before, toDate: date };
    else stays.push({ name: `Stop ${stays.length + 1}`, latitudeDeg, longitudeDeg, fromDate: date, toDate: date });
  }
  return stays;
}

function lineOfElement(text: string, tag: string, k: number): number {
  const found = [...text.matchAll(new RegExp(`<${tag}[\\s>/]`, "g"))][k];
  return found === undefined ? 1 : lineAt(text, found.index);
}

function lineAt(text: string, index: number): number {
  return text.slice(0, index).split("\n").length;
}
