/** @jest-environment node */
import { execFileSync } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { panelsOn } from "@/core/layout/roof";
import { parkedIn } from "@/core/plan-model";
import { drawSurface, type Paper, papers, planSheet, sheetSvg, templateSheets } from "@/core/drawings";
import { changed, demoPlan } from "@/testing";
import { drawingDxf } from "./dxf";
import { sheetsAsPdf } from "@/ui";

const plan = changed(
  demoPlan("The Lantern"),
  {
    type: "putInSpace",
    list: "glands",
    item: { id: "new", name: "New gland", surfaceId: "roof", xMm: 1234, yMm: 2750, holeMm: 22, existing: false },
  },
  { type: "patchInSpace", list: "obstacles", id: "hatch", patch: { name: "Hatch <b>&\u0007 \u201cnew\u201d" } },
);
const [surface] = plan.space.surfaces;
if (surface === undefined) throw new Error("the demo has a roof");
const drawing = drawSurface(plan, surface, panelsOn(plan, surface, "parked", parkedIn(plan)));
const mm = (value: number) => String(Math.round(value));

/** Every stroke of a PDF's page, corner by corner in mm from its top left, as another program reads it. */
function strokesOf(
  pdf: Uint8Array,
  page: number,
): { readonly strokes: readonly (readonly [number, number])[][]; readonly size: readonly [number, number] } {
  const folder = mkdtempSync(path.join(os.tmpdir(), "golden-array-sheet-"));
  const [file, svg] = [path.join(folder, "sheet.pdf"), path.join(folder, "sheet.svg")];
  writeFileSync(file, pdf);
  execFileSync("pdftocairo", ["-svg", "-origpagesizes", "-f", String(page), "-l", String(page), file, svg]);
  const text = readFileSync(svg, "utf8");
  const inMm = 25.4 / 72;
  const [, wide = "", deep = ""] = /viewBox="0 0 ([\d.]+) ([\d.]+)"/.exec(text) ?? [];
  const strokes = [...text.matchAll(/<path[^>]*fill:none[^>]*>/g)].map(([element]) => {
    const d = / d="([^"]+)"/.exec(element)?.[1] ?? "";
    const [a = 1, b = 0, c = 0, e = 1, f = 0, g = 0] = (
      /transform="matrix\(([^)]+)\)"/.exec(element)?.[1] ?? "1,0,0,1,0,0"
    )
      .split(",")
      .map(Number);
    return [...d.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x = "", y = ""]) => {
      const [px, py] = [Number(x), Number(y)];
      return [(a * px + c * py + f) * inMm, (b * px + e * py + g) * inMm] as const;
    });
  });
  return { strokes, size: [Number(wide) * inMm, Number(deep) * inMm] };
}

test.each(Object.keys(papers) as Paper[])(
  "the template on %s prints true: ruler, hole and paper within 0.2 mm",
  async (paper) => {
    const { sheets } = templateSheets("Roof", drawing, paper, "holes", mm);
    // near the edge of a tile a hole is drawn on both sides of it
    expect(sheets.length).toBeGreaterThan(0);
    const pdf = await sheetsAsPdf(sheets);
    const { strokes, size } = strokesOf(pdf, 1);
    expect(size[0]).toBeCloseTo(papers[paper].wideMm, 1);
    expect(size[1]).toBeCloseTo(papers[paper].deepMm, 1);
    const spans = strokes.map((points) => {
      const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
      return {
        left: Math.min(...xs),
        wide: Math.max(...xs) - Math.min(...xs),
        deep: Math.max(...ys) - Math.min(...ys),
      };
    });
    // the ruler: one level line of 100 mm
    expect(spans.some(({ wide, deep }) => Math.abs(wide - 100) < 0.2 && deep < 0.1)).toBe(true);
    // the hole: a circle of 22 mm, and its cross, whose middle is 1234 mm from the left edge by what the tile says of itself
    const circle = spans.find(({ wide, deep }) => Math.abs(wide - 22) < 0.2 && Math.abs(deep - 22) < 0.2);
    const tile = sheets[0]?.marks.flatMap((mark) => (mark.type === "text" ? [mark.text] : [])).join("\n") ?? "";
    const leftMm = Number(/lower left mark: (\d+) from the left edge/.exec(tile)?.[1]);
    expect(circle).toBeDefined();
    const margin = 12;
    // the tile's own words are rounded to a millimetre
    expect(Math.abs((circle?.left ?? 0) + 11 - margin + leftMm - 1234)).toBeLessThan(0.7);
  },
);

test("with the corners of panels, every corner lies on a sheet, and tiles overlap so that neighbours can be glued", () => {
  const { sheets, leftOut } = templateSheets("Roof", drawing, "a4", "all", mm);
  expect(leftOut).toBe(0);
  const words = sheets
    .flatMap(({ marks }) => marks.flatMap((mark) => (mark.type === "text" ? [mark.text] : [])))
    .join("\n");
  for (const panel of [1, 2, 3, 4])
    for (const corner of [1, 2, 3, 4]) expect(words).toMatch(new RegExp(`half-cut ${panel}, corner ${corner}`));
});

test("the drawing to scale tells every edge from both sides, so that the two add up to the roof", () => {
  const { marks } = planSheet("Roof", drawing, "a4", mm);
  const numbers = marks.flatMap((mark) => (mark.type === "text" && /^\d+$/.test(mark.text) ? [Number(mark.text)] : []));
  // panel 1: 165 to 835 mm from the left, 90 to 1570 mm from the back, of 2300 × 6400 mm
  for (const each of [165, 2300 - 165, 835, 2300 - 835, 90, 6400 - 90, 1570, 6400 - 1570])
    expect(numbers).toContain(each);
  // nothing under 8 pt; what is too small for its name has a number, told below
  for (const on of ["a4", "letter", "page"] as const)
    for (const mark of planSheet("Roof", drawing, on, mm).marks)
      if (mark.type === "text") expect(mark.sizeMm).toBeGreaterThan(2.82);
});

test("names that hold markup are only words in SVG, and one line in DXF, which is in mm from the back left corner", () => {
  const svg = sheetSvg(planSheet("A & B", drawing, "letter", mm));
  expect(svg).toContain("Hatch &lt;b&gt;&amp;");
  expect(svg).not.toContain("<b>");
  const lines = drawingDxf(drawing).split(/\r?\n/);
  // group codes and values alternate
  const pairs = Array.from(
    { length: Math.floor(lines.length / 2) },
    (_, k) => [lines[2 * k]?.trim(), lines[2 * k + 1]] as const,
  );
  expect(pairs.every(([code]) => /^\d+$/.test(code ?? ""))).toBe(true);
  const circle = pairs.findIndex(
    ([code, value], k) =>
      code === "0" && value === "CIRCLE" && pairs.slice(k, k + 12).some(([c, v]) => c === "40" && Number(v) === 11),
  );
  const of = (code: string) => Number(pairs.slice(circle, circle + 12).find(([c]) => c === code)?.[1]);
  expect([of("10"), of("20")]).toEqual([1234, 2750]);
});
