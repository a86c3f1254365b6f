/** @jest-environment node */
import { execFileSync } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import ELK from "elkjs/lib/elk.bundled.js";
import Papa from "papaparse";
import { type Plan } from "@/core/plan";
import {
  diagramOf,
  graphOf,
  type LayoutAnswer,
  layoutAsk,
  type ProtectReport,
  protectReport,
} from "@/core/protection/diagram";
import { createSolveCache, solvableById } from "@/core/plan-model";
import { diagramSheet, diagramSheets, labelSheets, type Paper, sheetSvg } from "@/core/drawings";
import { changed, demoPlan } from "@/testing";
import { sheetsAsPdf } from "@/ui";
import { boxWords, labelTexts } from "@/messages/en";
import { drawingNote } from "@/features/print-tables";
import { listCsv, listJson } from "./list-files";

const plan = changed(demoPlan("The Lantern"), {
  type: "setDevice",
  inputId: "press",
  patch: { name: "Lodestone <b>&\u0007 “Long”" },
});
const report = protectReport(solvableById(plan, "pressday", null, createSolveCache()));

async function drawn(of: Plan, told: ProtectReport, paper: Paper) {
  const graph = graphOf(told.assembly, (part) => boxWords(part, of, told, "metric"));
  const answer = (await new ELK().layout(layoutAsk(graph) as never)) as LayoutAnswer;
  return diagramSheet(`${of.name}: Press day`, drawingNote(told), diagramOf(graph, answer), paper);
}

/** Words of a PDF as another program reads them. */
function wordsOf(pdf: Uint8Array): string {
  const folder = mkdtempSync(path.join(os.tmpdir(), "golden-array-wiring-"));
  const file = path.join(folder, "sheet.pdf");
  writeFileSync(file, pdf);
  return execFileSync("pdftotext", ["-layout", file, "-"], { encoding: "utf8" });
}

const due = [
  /Mossgate MG-195/,
  /String 1 -/,
  /String 2 -/,
  /6 mm² . 0\.9 m/,
  /10 mm² . 3\.2 m/,
  /DC isolator 32 A/,
  /fuse 50 A/,
  /Battery/,
  /Voc at most 60\.1 V DC/,
];

test.each<Paper>(["a4", "letter"])(
  "the drawing on %s is a PDF whose words another program reads, all of it on the paper",
  async (paper) => {
    const sheet = await drawn(plan, report, paper);
    const words = wordsOf(await sheetsAsPdf([sheet])).replaceAll("\u00a0", " ");
    for (const each of due) expect(words).toMatch(each);
    for (const mark of sheet.marks)
      for (const [x, y] of mark.type === "line" ? mark.points : mark.type === "text" ? [mark.at] : []) {
        expect(x).toBeGreaterThan(5);
        expect(x).toBeLessThan(sheet.wideMm - 5);
        expect(y).toBeGreaterThan(5);
        expect(y).toBeLessThan(sheet.deepMm - 5);
      }
  },
);

test("what is too wide to be read at arm's length goes on a sheet for each input, every box on one of them", async () => {
  const graph = graphOf(report.assembly, (part) => boxWords(part, plan, report, "metric"));
  const answer = (await new ELK().layout(layoutAsk(graph) as never)) as LayoutAnswer;
  const diagram = diagramOf(graph, answer);
  const small = { ...diagram, wide: diagram.wide / 2, high: diagram.high / 2 };
  expect(diagramSheets("t", "n", small, "a4").length).toBe(1);
  const far = { ...diagram, wide: 4 * diagram.wide };
  const sheets = diagramSheets("t", "n", far, "a4");
  expect(sheets.length).toBe(2);
  const words = sheets.flatMap(({ marks }) => marks.flatMap((mark) => (mark.type === "text" ? [mark.text] : [])));
  for (const { text } of diagram.boxes) expect(words).toContain(text.title);
});

test("the SVG is read by Debian's renderer, and holds the same words, none of which runs", async () => {
  const svg = sheetSvg(await drawn(plan, report, "a4"));
  const folder = mkdtempSync(path.join(os.tmpdir(), "golden-array-wiring-"));
  const [file, png] = [path.join(folder, "wiring.svg"), path.join(folder, "wiring.png")];
  writeFileSync(file, svg);
  execFileSync("rsvg-convert", ["--width", "800", "--output", png, file]);
  expect(readFileSync(png).length).toBeGreaterThan(10_000);
  expect(svg.replaceAll("\u00a0", " ").replaceAll("\u2212", "-")).toMatch(/String 2 -/);
  expect(svg).toContain("Lodestone &lt;b&gt;&amp;");
  expect(svg).not.toMatch(/<b>|\u0007|<script|href/);
});

test("labels are on as many sheets as they take: each string, plus and minus, twice", async () => {
  const labels = labelTexts(report);
  const words = wordsOf(await sheetsAsPdf(labelSheets("Labels", labels, "a4")));
  for (const each of [/STRING 1 \+/, /STRING 2 -/, /LIVE IN DAYLIGHT/, /up to 60\.1.V DC/]) expect(words).toMatch(each);
  expect(words.match(/STRING 1 \+/g)?.length).toBe(2);
  // nothing under 8 pt, and nothing wider than its label, however long a name is
  const long = [{ large: "PV ISOLATOR (DC DISCONNECT)", small: `${"Lodestone Long ".repeat(9)}· up to 81.7 V DC` }];
  for (const { marks } of [...labelSheets("Labels", labels, "a4"), ...labelSheets("Labels", long, "letter")])
    for (const mark of marks) {
      if (mark.type !== "text") continue;
      expect(mark.sizeMm).toBeGreaterThan(2.82);
      if (mark.anchor === "middle") expect(0.55 * mark.sizeMm * mark.text.length).toBeLessThan(60);
    }
});

test("the list as CSV and JSON has every part once, and they add up", async () => {
  const { data } = Papa.parse<Record<string, string>>(await listCsv(report, "XTS"), { header: true });
  expect(data.length).toBe(report.lines.length + 1);
  const parts = data.slice(0, -1).map((string) => Number(string["money"]));
  expect(parts.reduce((sum, each) => sum + each, 0)).toBeCloseTo(Number(data.at(-1)?.["money"]), 1);
  const json = JSON.parse(listJson("p", "w", report, "XTS")) as {
    parts: { count: number }[];
    money: { parts: number };
  };
  expect([json.parts.length, json.money.parts]).toEqual([report.lines.length, report.money.parts]);
});
