import { speaksOfDevice } from "./device/devices";
import { figuresIn } from "./number";
import { namesIn } from "./pairs";
import { pairsOf } from "./pairs-of";
import { type Line } from "./plain";

const panelWord = /\bpanel|solarmodul|\bmodule?\b|solar ?modul|blanket|photovolta/i;
const deviceWord =
  /station|controller|charger|laderegler|regler|generator|wechselrichter|inverter|power ?bank|mppt|pwm/i;

export type Part = { readonly kind: "panel" | "device"; readonly head: string; readonly lines: Line[] };

/** A text by what it is of: a heading that names a station or a controller begins one, a panel's another. */
export function partsOf(lines: readonly Line[]): Part[] {
  const parts: Part[] = [];
  const isHead = ({ words, cells }: Line) =>
    words !== "" &&
    words.length < 90 &&
    cells.length === 0 &&
    pairsOf(words).length === 0 &&
    !/[:.!?]$|^[*•·-] |: (?:\d|.*\d ?[vaw])/i.test(words);
  const kindOf = (words: string) => {
    const [panel, device] = [panelWord.test(words), deviceWord.test(words)];
    return panel === device ? null : panel ? "panel" : "device";
  };
  for (const [k, line] of lines.entries()) {
    const kind = isHead(line)
      ? (kindOf(line.words) ?? (isModelHead(line, lines.slice(k + 1, k + 9)) ? "panel" : null))
      : null;
    const last = parts.at(-1);
    if (last === undefined && line.words === "") continue;
    // what stands apart in the first line, "SOLAR MODULE" at its right, is no part of a name
    if (last === undefined)
      parts.push({ kind: kind ?? "panel", head: line.cells[0]?.words ?? line.words, lines: [line] });
    else if (kind !== null && (kind !== last.kind || (last.lines.length > 1 && isNamed(line.words))))
      parts.push({ kind, head: line.words, lines: [line] });
    else last.lines.push(line);
  }
  // no heading said so: a text that speaks of sockets for panels, and of no panel's own volts, is one of a device
  return parts.map((part) =>
    part.kind === "panel" && !statesPanel(part.lines) && speaksOfDevice(part.lines)
      ? { ...part, kind: "device" }
      : part,
  );
}

/** Whether lines state what only panels have: volts and amps at full power, or open volts that no input is said to stand. */
function statesPanel(lines: readonly Line[]): boolean {
  return lines.some(
    ({ words }) =>
      !ofAnInput.test(words) && namesIn(words).some(({ field }) => ["vmpV", "impA", "vocV"].includes(field)),
  );
}
const ofAnInput =
  /\bpv\b|max(?:imum|\.)? (?:open|input|solar|array)|input|solar|array|mppt\b|eingang|range|recommended|suitable|empfohlen|for example|e\.g\./i;

/** Whether a line is the name of a panel whose values follow, among those of others. */
function isModelHead({ words }: Line, after: readonly Line[]): boolean {
  if (words.length > 40 || !isNamed(words) || figuresIn(words).some(({ unit }) => /^(?:k?w|wp|v|a)$/i.test(unit)))
    return false;
  const fields = new Set<string>();
  for (const { words: next } of after) {
    const pairs = pairsOf(next);
    if (next !== "" && pairs.length === 0) break;
    for (const { field } of pairs) fields.add(field);
  }
  return ["pmaxW", "vocV", "iscA", "vmpV", "impA"].filter((field) => fields.has(field)).length >= 3;
}

/** Whether a heading names a thing of its own: letters and digits together, as models go by. */
function isNamed(words: string): boolean {
  return /\b(?=[\w-]*\d)(?=[\w-]*[A-Za-z])[\w-]{3,}\b/.test(words);
}
