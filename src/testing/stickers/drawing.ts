import { type Random } from "@/core/engine/random";
import { anyLetters } from "./letters";
import { type MadeLabel } from "./made-label";
import { anyRows } from "./rows";

export type Layout = "columns" | "right" | "leaders" | "equals" | "zebra" | "signs" | "everyday" | "prose" | "grid";
export const layouts: readonly [Layout, ...Layout[]] = [
  "columns",
  "right",
  "leaders",
  "equals",
  "zebra",
  "signs",
  "everyday",
  "prose",
  "grid",
];

/** What is printed: outlines of letters, lines and fills on a sheet, in its own pixels; ink and paper are shades 0-255. */
export type Drawing = {
  readonly widePx: number;
  readonly highPx: number;
  readonly svg: (ink: string, paper: string) => string;
  readonly fields: Readonly<Record<string, number>>;
};

/** A sticker as it left the press. */
export function drawn(label: MadeLabel, layout: Layout, draw: Random): Drawing {
  const letters = anyLetters(draw);
  const px = 30;
  const margin = 40;
  const told = anyRows(label, draw, layout === "everyday");
  const ink: string[] = [];
  const shade: string[] = [];
  const say = (words: string, x: number, y: number, size = px, face: "plain" | "bold" = "plain") => {
    ink.push(`<path d="${letters.path(words, x, y, size, face)}"/>`);
    return letters.wide(words, size, face);
  };
  const rule = (x: number, y: number, w: number, h = 2) =>
    ink.push(`<rect x="${x}" y="${y}" width="${w}" height="${h}"/>`);
  const widestName = Math.max(...told.rows.map(({ name }) => letters.wide(name, px)));
  const wide = Math.max(880, Math.min(1300, widestName + draw.whole(layout === "everyday" ? 580 : 400, 640)));
  let y = margin + 46;
  say(label.maker, margin, y, 50, draw.pick(["bold", "plain"]));
  const what = draw.pick(["SOLAR MODULE", "PV MODULE", "Solar Panel", "PHOTOVOLTAIC MODULE"]);
  say(what, wide - margin - letters.wide(what, 26, "bold"), y, 26, "bold");
  y += 48;
  say(`${draw.pick(["Type", "Model", "Model No.", "Module Type"])}: ${label.model}`, margin, y, 34, "bold");
  if (draw.chance(0.6)) {
    y += 36;
    say(`S/N: ${draw.whole(100000, 999999)}${draw.whole(100000, 999999)}`, margin, y, 22);
  }
  y += 16;
  rule(margin, y, wide - 2 * margin);
  const conditions = draw.pick([
    "STC: 1000W/m2, AM 1.5, 25°C",
    "Standard Test Conditions: 1000 W/m², AM1.5, 25°C",
    "All technical data at STC: AM=1.5 E=1000W/m² Tc=25°C",
  ]);
  const isConditionsFirst = draw.chance(0.4) && layout !== "everyday";
  if (isConditionsFirst) {
    y += 34;
    say(conditions, margin, y, 23);
  }
  const pitch = draw.number(1.25, 1.75) * px;
  const at = margin + widestName + draw.whole(40, layout === "everyday" ? 70 : 160);
  const second = at + 220;
  if (layout === "everyday") {
    y += pitch;
    say("Electrical data", margin, y, px, "bold");
    say("STC", at, y, px, "bold");
    say(draw.pick(["NOCT", "NMOT"]), second, y, px, "bold");
  }
  if (layout === "prose") {
    const words = `${told.rows.map(({ name, value }) => `${name.replace(/:$/, "")} ${value}`).join("; ")}.`.split(" ");
    y += pitch;
    let x = margin;
    for (const word of words) {
      const w = letters.wide(`${word} `, px);
      if (x + w > wide - margin) {
        x = margin;
        y += pitch;
      }
      say(word, x, y);
      x += w;
    }
  } else
    for (const [k, { name, value, everyday }] of told.rows.entries()) {
      y += pitch;
      if (layout === "zebra" && k % 2 === 0)
        shade.push(`<rect x="${margin}" y="${y - pitch * 0.72}" width="${wide - 2 * margin}" height="${pitch}"/>`);
      if (layout === "grid") rule(margin, y + pitch * 0.32, wide - 2 * margin, 1.5);
      if (layout === "equals") {
        say(`${name} = ${value}`, margin, y);
        continue;
      }
      let x = margin;
      if (layout === "signs") x += foreign(draw, px, x, y, ink) + 10;
      const nameEnds = x + say(layout === "right" || layout === "leaders" ? `${name}:` : name, x, y);
      if (layout === "right" || layout === "leaders") {
        const begins = wide - margin - letters.wide(value, px);
        say(value, begins, y, px, layout === "leaders" ? "bold" : "plain");
        if (layout === "leaders")
          for (let dot = nameEnds + 12; dot < begins - 12; dot += 11)
            ink.push(`<circle cx="${dot}" cy="${y}" r="1.1" opacity="0.5"/>`);
        continue;
      }
      say(value, layout === "signs" ? Math.max(at + 170, nameEnds + 20) : at, y);
      if (everyday !== undefined) say(everyday, second, y);
    }
  if (!isConditionsFirst) {
    y += pitch;
    say(layout === "everyday" ? `${conditions}  NMOT: 800 W/m², 20 °C, 1 m/s` : conditions, margin, y, 22);
  }
  if (draw.chance(0.6)) {
    y += 30;
    say("WARNING: Electric shock hazard. Do not disconnect under load.", margin, y, 20);
  }
  if (draw.chance(0.5)) {
    y += 18;
    for (let x = margin; x < margin + 300; x += draw.whole(4, 10)) rule(x, y, draw.whole(1, 5), 54);
    y += 54;
  }
  const high = Math.round(y + margin);
  const border = draw.chance(0.5)
    ? `<rect x="14" y="14" width="${wide - 28}" height="${high - 28}" fill="none" stroke-width="3"/>`
    : "";
  return {
    widePx: Math.round(wide),
    highPx: high,
    fields: told.fields,
    svg: (inkShade, paper) =>
      `<rect width="${wide}" height="${high}" fill="${paper}"/><g fill="${inkShade}" opacity="0.08">${shade.join("")}</g><g fill="${inkShade}" stroke="none">${ink.join("")}</g><g stroke="${inkShade}">${border}</g>`,
  };
}

/** Strokes that look like signs of another writing: nothing a reader of Latin letters can read. */
function foreign(draw: Random, px: number, x: number, y: number, ink: string[]): number {
  const signs = draw.whole(2, 4);
  for (let k = 0; k < signs; k++)
    for (let stroke = 0; stroke < 6; stroke++) {
      const [left, top] = [x + k * px * 0.95 + draw.number(0.05, 0.3) * px, y - draw.number(0.1, 0.8) * px];
      const isFlat = draw.chance(0.5);
      ink.push(`<rect x="${left}" y="${top}" width="${isFlat ? px * 0.5 : 2}" height="${isFlat ? 2 : px * 0.4}"/>`);
    }
  return signs * px * 0.95;
}
