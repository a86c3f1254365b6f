import { type Net, substringCount } from "../net";
import { type PanelModel } from "../panel";
import { type Row, type PanelRef } from "./lane";

type Parts = {
  readonly modelOf: (tile: PanelRef) => PanelModel;
  /** What falls on a panel of so many substrings. */
  readonly lightOn: (
    tile: PanelRef,
    substrings: number,
  ) => { readonly cellTempC: number; readonly irradianceWm2: readonly number[] };
  /** What the cables resist; null: nothing. */ readonly cables?: Cables | null;
};

/** Ω before the rows of a lane are joined, by their ids, for rows not among them, and after. */
export type Cables = {
  readonly rowOhm: ReadonlyMap<string, number>;
  readonly otherRowOhm: number;
  readonly arrayOhm: number;
};

/**
 * The rows of a lane as a net, and its panels in the order in which they stand in it. Panels taken out
 * are not in it; null when none is left.
 */
export function netOfRows(
  rows: readonly Row[],
  parts: Parts,
): { readonly net: Net; readonly tiles: readonly PanelRef[] } | null {
  const tiles: PanelRef[] = [];
  const cables = parts.cables ?? null;
  const parallel = (members: readonly Row[]): Net | null => joined("parallel", members.map(series));
  const behind = (net: Net | null, ohm: number): Net | null =>
    net === null || ohm === 0 ? net : { type: "series", members: [net, { type: "cable", ohm }] };
  const series = (row: Row): Net | null => {
    const items = row.items.map((item): Net | null => {
      if (item.type === "group") return parallel(item.rows);
      if (item.joinedPast) return null;
      tiles.push(item);
      const model = parts.modelOf(item);
      return { type: "panel", model, ...parts.lightOn(item, substringCount(model)) };
    });
    const string = joined("series", items);
    return string === null || !row.blockingDiode
      ? string
      : { type: "series", members: [string, { type: "blockingDiode" }] };
  };
  const net =
    cables === null
      ? parallel(rows)
      : behind(
          joined(
            "parallel",
            rows.map((row) => behind(series(row), cables.rowOhm.get(row.id ?? "") ?? cables.otherRowOhm)),
          ),
          cables.arrayOhm,
        );
  return net === null ? null : { net, tiles };
}

function joined(type: "series" | "parallel", found: readonly (Net | null)[]): Net | null {
  const members = found.filter((member) => member !== null);
  const [only] = members;
  if (only === undefined) return null;
  return members.length === 1 ? only : { type, members };
}
