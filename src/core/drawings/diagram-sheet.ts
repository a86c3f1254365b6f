import { type Diagram, lineStep, partsOfDiagram } from "../protection/diagram";
import { minTextMm, line, type Mark, type Paper, papers, type Sheet, type Spot, text, textWideMm } from "./marks";

/** The wiring's drawing and its labels on paper. */

const marginMm = 12;
const titleMm = 14;
const footMm = 8;
/** Larger than this nobody needs it: letters 5 mm high. */
const maxScale = 0.42;

const titleUnits = 12;
const lineUnits = 10.5;
/** So that letters are still 8 pt where a sheet is printed between the margins of a page. */
const minLineMm = 1.24 * minTextMm;

/** As many sheets as it takes to be read at arm's length: one for the whole, or one for each input with all that feeds it. */
export function diagramSheets(title: string, note: string, diagram: Diagram, paper: Paper): Sheet[] {
  const whole = diagramSheet(title, note, diagram, paper);
  const parts = partsOfDiagram(diagram);
  if (scaleFor(diagram, paper).scale * lineUnits >= minLineMm || parts.length < 2) return [whole];
  return parts.map((part, k) => diagramSheet(`${title}, sheet ${k + 1} of ${parts.length}`, note, part, paper));
}

/** On one sheet, lying or standing as fits it better, as large as can be. */
export function diagramSheet(title: string, note: string, diagram: Diagram, paper: Paper): Sheet {
  const { wide, boxes, lines } = diagram;
  const { wideMm, deepMm, scale } = scaleFor(diagram, paper);
  const left = (wideMm - wide * scale) / 2;
  const top = marginMm + titleMm;
  const at = (x: number, y: number): Spot => [left + x * scale, top + y * scale];
  return {
    name: title,
    wideMm,
    deepMm,
    marks: [
      text([marginMm, marginMm + 4], title, 4.5),
      text([marginMm, marginMm + 9.5], note, 3.55),
      ...lines.map(({ points, pole }): Mark =>
        line(
          points.map(([x, y]) => at(x, y)),
          pole === "-" ? "plain" : "bold",
          false,
          pole === "-",
        ),
      ),
      ...boxes.flatMap((box): Mark[] => {
        const corners = [
          at(box.left, box.top),
          at(box.left + box.wide, box.top),
          at(box.left + box.wide, box.top + box.high),
          at(box.left, box.top + box.high),
        ];
        const first = box.top + box.titleY;
        const middle = box.left + box.wide / 2;
        return [
          line(corners, box.part.type === "panel" ? "bold" : "plain", true),
          text(at(middle, first), box.text.title, titleUnits * scale, "middle"),
          ...box.text.lines.map((words, k) =>
            text(at(middle, first + lineStep * (k + 1)), words, lineUnits * scale, "middle"),
          ),
          ...box.ports.flatMap(({ side, sign, x, y }): Mark[] =>
            sign === null
              ? []
              : [
                  text(
                    at(box.left + x, box.top + y + (side === "north" ? 11 : -3)),
                    sign === "+" ? "+" : "\u2212",
                    12 * scale,
                    "middle",
                  ),
                ],
          ),
        ];
      }),
      text(
        [marginMm, deepMm - marginMm + 3],
        "Bold line: plus and links between panels. Dashed: minus. Panels are live whenever there is light.",
        3.55,
      ),
    ],
  };
}

function scaleFor({ wide, high }: Pick<Diagram, "wide" | "high">, paper: Paper) {
  const { wideMm: short, deepMm: long } = papers[paper];
  const scaleOn = (w: number, d: number) =>
    Math.min(maxScale, (w - 2 * marginMm) / wide, (d - 2 * marginMm - titleMm - footMm) / high);
  const isLying = scaleOn(long, short) > scaleOn(short, long);
  const [wideMm, deepMm] = isLying ? [long, short] : [short, long];
  return { wideMm, deepMm, scale: scaleOn(wideMm, deepMm) };
}

const labelWideMm = 60;
const labelHighMm = 20;
const labelRoomMm = labelWideMm - 4;

/** Labels to cut out and stick on, as many as there are texts: a large word, and a small one under it. */
export function labelSheets(
  title: string,
  labels: readonly { readonly large: string; readonly small: string }[],
  paper: Paper,
): Sheet[] {
  const { wideMm, deepMm } = papers[paper];
  const across = Math.floor((wideMm - 2 * marginMm) / labelWideMm);
  const down = Math.floor((deepMm - 2 * marginMm - titleMm) / labelHighMm);
  const perSheet = across * down;
  return Array.from({ length: Math.ceil(labels.length / perSheet) }, (_, page): Sheet => ({
    name: title,
    wideMm,
    deepMm,
    marks: [
      text([marginMm, marginMm + 4], `${title}: cut out, and stick one at each end`, 4),
      ...labels.slice(page * perSheet, (page + 1) * perSheet).flatMap(({ large, small }, k): Mark[] => {
        const x = marginMm + (k % across) * labelWideMm;
        const y = marginMm + titleMm + Math.floor(k / across) * labelHighMm;
        const corners: Spot[] = [
          [x, y],
          [x + labelWideMm, y],
          [x + labelWideMm, y + labelHighMm],
          [x, y + labelHighMm],
        ];
        return [
          line(corners, "fine", true),
          text([x + labelWideMm / 2, y + 8], large, Math.min(6, labelRoomMm / (0.66 * large.length)), "middle"),
          ...wrapped(small).map((words, n) =>
            text([x + labelWideMm / 2, y + 11.6 + 3 * n], words, minTextMm, "middle"),
          ),
        ];
      }),
    ],
  }));
}

/** The small words of a label in lines that fit its width: what it names in two at most, what stands after the last dot on its own. */
function wrapped(small: string): string[] {
  const most = Math.floor(labelRoomMm / textWideMm("m", minTextMm));
  if (small.length <= most) return [small];
  const cut = small.lastIndexOf(" \u00b7 ");
  const [name, rest] = cut < 0 ? [small, []] : [small.slice(0, cut), [small.slice(cut + 3)]];
  const lines: string[] = [];
  for (const word of name.split(" ")) {
    const last = lines.at(-1);
    if (last !== undefined && `${last} ${word}`.length <= most) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return [...lines.slice(0, 2), ...rest].map((line) =>
    line.length > most ? `${line.slice(0, most - 1)}\u2026` : line,
  );
}
