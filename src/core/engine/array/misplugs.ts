import { changeover } from "./changeover";
import { type PortArrayRef, samePortArray } from "./edit";
import { type Item, type PortArray, type PvString } from "./port-array";
import { allOut } from "./position";
import { keyOf, portArrayKey, mapTiles, tilesOfStrings } from "./walk";

/**
 * A way to get a change of wiring wrong. `bothIn`: the new strings of a port plugged in while the old ones still are.
 * `crossed`: strings made for one port plugged in at another that the change has to do with. `unaltered`: strings as they
 * stood at one port plugged in at another, before they were made over for it.
 */
export type Misplug = {
  readonly type: "bothIn" | "crossed" | "unaltered";
  /** what then stands at the port */ readonly portArray: PortArray;
  /** the port the strings are meant for, or stood at */ readonly meant: PortArrayRef;
};

/**
 * Every misplug of going from one wiring to another; whether one is dangerous is for the rules to say. Strings of the same kinds
 * in the same order as a port has before or after are what belongs there: to plug them in there is no misplug.
 */
export function misplugs(from: readonly PortArray[], to: readonly PortArray[]): Misplug[] {
  const steps = changeover(from, to, allOut, allOut);
  const ports = steps.filter(({ type }) => type === "isolate");
  const moved = (portArrays: readonly PortArray[], type: "plug" | "unplug") =>
    portArrays.filter((portArray) => steps.some((step) => step.type === type && samePortArray(step, portArray)));
  const atOthers = (type: "crossed" | "unaltered", portArrays: readonly PortArray[]) =>
    portArrays.flatMap((portArray) =>
      ports
        .filter((port) => !samePortArray(port, portArray))
        .map(({ inputId, portId }): Misplug => ({
          type,
          portArray: { inputId, portId, strings: portArray.strings },
          meant: portArray,
        })),
    );
  const found = [
    ...moved(to, "plug").flatMap((portArray) => bothIn(from, portArray)),
    ...atOthers("crossed", moved(to, "plug")),
    ...moved(to, "plug").flatMap((portArray) => crossedBoth(from, portArray, ports)),
    ...atOthers("unaltered", moved(from, "unplug")),
  ];
  const seen = new Set([...from, ...to].map(shapeOfPortArray));
  return found.filter(({ portArray }) => {
    const shape = shapeOfPortArray(portArray);
    if (seen.has(shape)) return false;
    seen.add(shape);
    return true;
  });
}

/** Old strings and new at a port at once: the old ones without the panels that have moved, or whole, with the new ones that need none of them. */
function bothIn(from: readonly PortArray[], portArray: PortArray): Misplug[] {
  const old = from.find((each) => samePortArray(each, portArray))?.strings ?? [];
  const moving = keysOf(portArray.strings);
  const shortened = mapTiles(old, (tile) => (moving.has(keyOf(tile)) ? null : tile));
  return [
    { left: shortened, added: portArray.strings },
    { left: old, added: without(portArray.strings, keysOf(old)) },
    { left: without(old, moving), added: portArray.strings },
  ].flatMap(({ left, added }) =>
    left.length === 0 || added.length === 0
      ? []
      : [{ type: "bothIn" as const, portArray: { ...portArray, strings: [...left, ...added] }, meant: portArray }],
  );
}

/** New strings of one port plugged in at another beside what still stands there. */
function crossedBoth(from: readonly PortArray[], portArray: PortArray, ports: readonly PortArrayRef[]): Misplug[] {
  return from
    .filter((old) => !samePortArray(old, portArray) && ports.some((port) => samePortArray(port, old)))
    .flatMap((old): Misplug[] => {
      const added = without(portArray.strings, keysOf(old.strings));
      return added.length === 0
        ? []
        : [{ type: "crossed", portArray: { ...old, strings: [...old.strings, ...added] }, meant: portArray }];
    });
}

function keysOf(strings: readonly PvString[]): ReadonlySet<string> {
  return new Set(tilesOfStrings(strings).map(keyOf));
}

function without(strings: readonly PvString[], keys: ReadonlySet<string>): readonly PvString[] {
  return strings.filter((string) => !tilesOfStrings([string]).some((tile) => keys.has(keyOf(tile))));
}

/** A port and the kinds of panel before it, string by string, whichever pieces of them and however they are lit. */
function shapeOfPortArray(portArray: PortArray): string {
  const ofItem = (item: Item): string =>
    item.type === "panel" ? `${item.panelId}${item.bypassed ? "-" : ""}` : `(${ofStrings(item.strings)})`;
  const ofString = (string: PvString) =>
    `${string.items.map(ofItem).sort().join("+")}${string.blockingDiode ? "|" : ""}`;
  const ofStrings = (strings: readonly PvString[]): string => strings.map(ofString).sort().join("/");
  return `${portArrayKey(portArray)}:${ofStrings(portArray.strings)}`;
}
