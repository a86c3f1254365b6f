import { type Assembly, type Part, type Pole, type Terminal } from "./assembly";

/** What stands in a box of the drawing. */
export type BoxText = { readonly title: string; readonly lines: readonly string[] };

/** A box with where its terminals are, and lines between terminals: what a layout package places. Units of the drawing. */
export type Box = {
  readonly id: string;
  readonly part: Part;
  readonly text: BoxText;
  readonly wide: number;
  readonly high: number;
  /** Where the foot of its title stands, and how far below it each line. */ readonly titleY: number;
  readonly ports: readonly BoxPort[];
};
export type BoxPort = {
  readonly id: string;
  readonly side: "north" | "south";
  readonly x: number;
  readonly y: number;
  /** The sign beside it; null: none, as it goes through. */ readonly sign: Pole | null;
};
export type Lead = { readonly id: string; readonly from: string; readonly to: string; readonly pole: Pole | "link" };
export type Graph = { readonly boxes: readonly Box[]; readonly leads: readonly Lead[] };

/** Letters are no wider than this share of their height on the mean: the drawing reserves it, so that no text runs into another. */
export const letterWide = 0.6;
export const titleHigh = 12;
export const lineHigh = 10.5;
export const lineStep = 14;
const padding = 8;
const signRoom = 13;
const minWide = 58;
/** Everything can be pressed by a thumb. */
const minHigh = 44;
const maxLetters = 30;

/** A text that fits: what is too long for a box ends with dots. */
export function fitted(text: string, most = maxLetters): string {
  return text.length <= most ? text : `${text.slice(0, most - 1).trimEnd()}…`;
}

/** The drawing of an assembly before anything has its place. `textOf`: what stands in each box. */
export function graphOf({ parts, wires }: Assembly, textOf: (part: Part) => BoxText): Graph {
  const known = new Map(parts.map((part) => [part.id, part]));
  const counts = new Map<string, number>();
  /** A rail has a stud for each lead, counted as they come; anything else a terminal of its name. */
  const terminalId = ({ part, at }: Terminal): string => {
    const of = known.get(part);
    if (of === undefined) throw new Error(`a lead ends at "${part}", which is not there`);
    if (!isRail(of)) return `${part} @ ${at}`;
    const stud = counts.get(`${part} @ ${at}`) ?? 0;
    counts.set(`${part} @ ${at}`, stud + 1);
    return `${part} @ ${at} ${stud}`;
  };
  const leads = wires.map(({ id, from, to, pole }): Lead => ({ id, from: terminalId(from), to: terminalId(to), pole }));
  const boxes = parts.map((part) => boxOf(part, textOf(part), (at) => counts.get(`${part.id} @ ${at}`) ?? 0));
  return { boxes, leads };
}

/** What strings join at: as wide as they are many. */
function isRail({ type }: Part): boolean {
  return type === "bar" || type === "branch";
}
/** From stud to stud, about as far as strings are apart. */
const studApart = { bar: 164, branch: 60 } as const;
/** The minus bar is where all begins: at its right end is where the minus leads on, below it like the strings. */
const onwards = 60;
function isStart(part: Part): boolean {
  return part.type === "bar" && part.pole === "-";
}

function boxOf(part: Part, given: BoxText, studs: (at: "in" | "out") => number): Box {
  const text = { title: fitted(given.title), lines: given.lines.map((each) => fitted(each)) };
  const widest = Math.max(
    text.title.length * titleHigh * letterWide,
    ...text.lines.map((each) => each.length * lineHigh * letterWide),
  );
  const ports = portsOf(part, studs);
  const perSide = Math.max(
    ...(["north", "south"] as const).map((side) => ports.filter((each) => each.side === side).length),
  );
  const room =
    part.type === "bar" || part.type === "branch"
      ? studApart[part.type] * Math.max(studs("in"), studs("out")) + (isStart(part) ? onwards : 0)
      : 2 * poleApart * Math.ceil(perSide / 2) + 24;
  const wide = Math.max(minWide, widest + 2 * padding, room);
  const signs = (side: "north" | "south") =>
    ports.some((each) => each.side === side && each.sign !== null) ? signRoom : 4;
  const natural = signs("north") + signs("south") + lineStep * (1 + text.lines.length);
  const high = Math.max(minHigh, natural);
  const titleY = signs("north") + titleHigh - 1 + (high - natural) / 2;
  const placed = (["north", "south"] as const).flatMap((side) => {
    const here = ports.filter((each) => each.side === side);
    return here.map(({ at, sign }, k): BoxPort => ({
      id: `${part.id} @ ${at}`,
      side,
      x: isStart(part)
        ? at.startsWith("in")
          ? wide - onwards / 2
          : (k + 0.5) * ((wide - onwards) / (here.length - 1))
        : xOf(k, here.length, wide, isPaired(part)),
      y: side === "north" ? 0 : high,
      sign,
    }));
  });
  return { id: part.id, part, text, wide, high, titleY, ports: placed };
}

/** From minus to plus of a pair, so that the two cores of a cable run straight from box to box. */
const poleApart = 44;

function isPaired(part: Part): boolean {
  return (
    part.type === "switch" ||
    part.type === "input" ||
    part.type === "bank" ||
    (part.type === "cable" && part.pole === "both")
  );
}

function xOf(k: number, count: number, wide: number, inPairs: boolean): number {
  if (!inPairs) return (wide * (k + 0.5)) / count;
  const middle = (wide * (Math.floor(k / 2) + 0.5)) / (count / 2);
  return middle + (k % 2 === 0 ? -poleApart / 2 : poleApart / 2);
}

type PortOf = { readonly at: string; readonly side: "north" | "south"; readonly sign: Pole | null };

/** Everything flows down, from − to +. */
function portsOf(part: Part, studs: (at: "in" | "out") => number): PortOf[] {
  const both = (at: "in" | "out", side: "north" | "south", signed: boolean): PortOf[] =>
    (["-", "+"] as const).map((sign) => ({ at: `${at}${sign}`, side, sign: signed ? sign : null }));
  switch (part.type) {
    case "panel":
      return [
        { at: "-", side: "north", sign: "-" },
        { at: "+", side: "south", sign: "+" },
      ];
    case "diode":
    case "fuse":
      return [
        { at: "in", side: "north", sign: null },
        { at: "out", side: "south", sign: null },
      ];
    case "branch":
    case "bar":
      return (["out", "in"] as const).flatMap((at) =>
        Array.from({ length: studs(at) }, (_, k): PortOf => ({
          at: `${at} ${k}`,
          side: at === "in" && !isStart(part) ? "north" : "south",
          sign: null,
        })),
      );
    case "cable":
      return part.pole === "both"
        ? [...both("in", "north", false), ...both("out", "south", false)]
        : [
            { at: "in", side: "north", sign: null },
            { at: "out", side: "south", sign: null },
          ];
    case "switch":
      return [...both("in", "north", true), ...both("out", "south", true)];
    case "input":
      return [
        ...part.ports.flatMap(({ portId }) =>
          (["-", "+"] as const).map((sign): PortOf => ({ at: `${portId ?? ""}${sign}`, side: "north", sign })),
        ),
        ...(part.hasBank ? (["-", "+"] as const) : []).map((sign): PortOf => ({
          at: `battery${sign}`,
          side: "south",
          sign,
        })),
      ];
    case "bank":
      return (["-", "+"] as const).map((sign): PortOf => ({ at: sign, side: "north", sign }));
  }
}
