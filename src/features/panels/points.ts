import Papa from "papaparse";

export type PointsReading =
  | { readonly type: "points"; readonly points: { v: number; i: number }[] }
  | { readonly type: "fault"; readonly line: number; readonly text: string };

const maxPoints = 500;
const most = { v: 400, i: 40 } as const;

/** Volts and amps, two numbers a line, however they are parted: comma, semicolon, tab or spaces. A heading is passed over. */
export function readPoints(text: string): PointsReading {
  const lines = text.split(/\r?\n/);
  const points: { v: number; i: number }[] = [];
  for (const [k, line] of lines.entries()) {
    const tidy = line.trim();
    if (tidy === "" || (points.length === 0 && k === 0 && /^[a-z]/i.test(tidy))) continue;
    // a decimal comma is told from a parting one by what else parts the two
    const parts = /[;\t]/.test(tidy)
      ? tidy.split(/[;\t]/)
      : tidy.includes(", ")
        ? tidy.split(", ")
        : /\s/.test(tidy)
          ? tidy.split(/\s+/)
          : (Papa.parse<string[]>(tidy).data[0] ?? []);
    const [v, i] = parts.map((part) => Number(part.trim().replace(",", ".").replace(/[va]$/i, "")));
    if (
      v === undefined ||
      i === undefined ||
      parts.length > 2 ||
      !(v >= 0 && v <= most.v && i >= 0 && i <= most.i) ||
      points.length === maxPoints
    )
      return { type: "fault", line: k + 1, text: tidy.slice(0, 40) };
    points.push({ v, i });
  }
  return { type: "points", points };
}
