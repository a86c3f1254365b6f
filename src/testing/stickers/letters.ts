import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import opentype from "opentype.js";
import { type Random } from "@/core/engine/random";

export type Face = "plain" | "bold";
export type Letters = {
  readonly wide: (words: string, px: number, face?: Face) => number;
  readonly path: (words: string, x: number, y: number, px: number, face?: Face) => string;
};

const families = ["open-sans", "arimo", "archivo-narrow", "roboto-mono"] as const;
const known = new Map<string, opentype.Font>();

/** A family of letters, drawn from a seed: as outlines, so that no machine's own fonts matter. */
export function anyLetters(draw: Random): Letters {
  const family = draw.pick(families);
  const font = (face: Face) => fontOf(family, face === "bold" ? 700 : 400);
  // letter by letter: pairs of letters drawn nearer together come out broken from some files
  const wide = (words: string, px: number, face: Face = "plain") => {
    const { unitsPerEm } = font(face);
    return [...words].reduce((sum, c) => sum + ((font(face).charToGlyph(c).advanceWidth ?? 0) * px) / unitsPerEm, 0);
  };
  return {
    wide,
    path: (words, x, y, px, face = "plain") =>
      [...words]
        .map((c, k, all) =>
          dOf(
            font(face)
              .charToGlyph(c)
              .getPath(x + wide(all.slice(0, k).join(""), px, face), y, px).commands,
          ),
        )
        .join(""),
  };
}

/** A path as SVG has it: the package's own way of writing one loses some curves. */
function dOf(commands: readonly opentype.PathCommand[]): string {
  return commands
    .map((each) => {
      const { type, ...places } = each as {
        type: string;
        x1?: number;
        y1?: number;
        x2?: number;
        y2?: number;
        x?: number;
        y?: number;
      };
      const { x1, y1, x2, y2, x, y } = places;
      return (
        type +
        [x1, y1, x2, y2, x, y]
          .filter((n) => n !== undefined)
          .map((n) => n.toFixed(2))
          .join(" ")
      );
    })
    .join("");
}

function fontOf(family: string, weight: number): opentype.Font {
  const file = `@fontsource/${family}/files/${family}-latin-${weight}-normal.woff`;
  const before = known.get(file);
  if (before !== undefined) return before;
  const bytes = readFileSync(createRequire(__filename).resolve(file));
  const font = opentype.parse(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength));
  known.set(file, font);
  return font;
}
