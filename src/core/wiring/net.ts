import { type Net, substringCount } from "../net";
import { type PanelModel } from "../panel";
import { type Row, type Tile } from "./lane";

/** What one panel stands under. */
export type TileSky = { readonly cellTempC: number; readonly irradianceWm2: readonly number[] };

type Parts = {
  readonly modelOf: (panelId: string) => PanelModel;
  readonly skyOf: (tile: Tile, substrings: number) => TileSky;
};

/**
 * The rows of a lane as a net, and its panels in the order in which they stand in it. Panels that are off
 * are not in it; null when none is left.
 */
export function netOfRows(
  rows: readonly Row[],
  parts: Parts,
): { readonly net: Net; readonly tiles: readonly Tile[] } | null {
  const tiles: Tile[] = [];
  const parallel = (members: readonly Row[]): Net | null => joined("parallel", members.map(series));
  const series = (row: Row): Net | null => {
    const items = row.items.map((item): Net | null => {
      if (item.type === "group") return parallel(item.rows);
      if (item.stance === "off") return null;
      tiles.push(item);
      const model = parts.modelOf(item.panelId);
      return { type: "panel", model, ...parts.skyOf(item, substringCount(model)) };
    });
    const string = joined("series", items);
    return string === null || !row.blockingDiode
      ? string
      : { type: "series", members: [string, { type: "blockingDiode" }] };
  };
  const net = parallel(rows);
  return net === null ? null : { net, tiles };
}

function joined(type: "series" | "parallel", found: readonly (Net | null)[]): Net | null {
  const members = found.filter((member) => member !== null);
  const [only] = members;
  if (only === undefined) return null;
  return members.length === 1 ? only : { type, members };
}

/** A tile's light spread over as many substrings as its panel has, whatever the number it was given for. */
export function lightOf({ light, stance }: Pick<Tile, "light" | "stance">, substrings: number): number[] {
  if (stance === "stowed") return [0];
  if (light.length === 1) return [...light];
  return Array.from({ length: substrings }, (_, k) => lightAt(light, k, substrings));
}

/** Share of light on one of so many substrings, whatever the number it was given for. */
export function lightAt(light: readonly number[], substring: number, substrings: number): number {
  return light[Math.floor((substring * light.length) / substrings)] ?? 1;
}
