import { type Net, substringCount } from "../net";
import { type PanelModel } from "../panel";
import { type PvString, type PanelRef } from "./port-array";

type Parts = {
  readonly modelOf: (tile: PanelRef) => PanelModel;
  /** What falls on a panel of so many substrings. */
  readonly lightOn: (
    tile: PanelRef,
    substrings: number,
  ) => { readonly cellTempC: number; readonly irradianceWm2: readonly number[] };
  /** What the cables resist; null: nothing. */ readonly cables?: Cables | null;
};

/** Ω before the strings of a port array are joined, by their ids, for strings not among them, and after. */
export type Cables = {
  readonly stringOhm: ReadonlyMap<string, number>;
  readonly otherStringOhm: number;
  readonly arrayOhm: number;
};

/**
 * The strings of a port array as a net, and its panels in the order in which they stand in it. Panels taken out
 * are not in it; null when none is left.
 */
export function netOfStrings(
  strings: readonly PvString[],
  parts: Parts,
): { readonly net: Net; readonly tiles: readonly PanelRef[] } | null {
  const tiles: PanelRef[] = [];
  const cables = parts.cables ?? null;
  const parallel = (members: readonly PvString[]): Net | null => joined("parallel", members.map(series));
  const behind = (net: Net | null, ohm: number): Net | null =>
    net === null || ohm === 0 ? net : { type: "series", members: [net, { type: "cable", ohm }] };
  const series = (string: PvString): Net | null => {
    const items = string.items.map((item): Net | null => {
      if (item.type === "group") return parallel(item.strings);
      if (item.bypassed) return null;
      tiles.push(item);
      const model = parts.modelOf(item);
      return { type: "panel", model, ...parts.lightOn(item, substringCount(model)) };
    });
    const inSeries = joined("series", items);
    return inSeries === null || !string.blockingDiode
      ? inSeries
      : { type: "series", members: [inSeries, { type: "blockingDiode" }] };
  };
  const net =
    cables === null
      ? parallel(strings)
      : behind(
          joined(
            "parallel",
            strings.map((string) =>
              behind(series(string), cables.stringOhm.get(string.id ?? "") ?? cables.otherStringOhm),
            ),
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
