import { type Plan, stockOf } from "../../plan";
import {
  asMatrix,
  freePieces,
  isChanged,
  type Item,
  keyOf,
  type PortArray,
  mapTiles,
  newTile,
  type PvString,
  stringOf,
  shelfPieces,
  standOf,
  type PanelRef,
  type PanelKey,
  tilesOf,
  tilesOfStrings,
  usedIn,
} from "../../engine/array";
import { extraPanels, type PortArrayContext, type SolvableWiring, termsOf } from "../../plan-model";
import { type FixKind } from "../../assessment";
import { bestStrings } from "./arrange";

/** A wiring that might fix something: all port arrays as they would be, and in what way they differ. */
export type Candidate = { readonly kind: FixKind; readonly portArrays: readonly PortArray[] };

/** The same within the port array that fails. */
type Shaped = { readonly kind: FixKind; readonly strings: readonly PvString[] };

const maxCandidates = 400;
/** Panels taken from the shelf at most: a whole array's worth, and no more to try than ends within a second. */
const maxFromShelf = 24;
/** Shapes of another kind from the shelf that are tried, smallest first. */
const maxShapes = 40;

/**
 * Wirings worth trying for a port array: every series × strings when its panels are alike; the best of all strings there are when they are
 * not; one panel, kind or string less; panels from the shelf in their place; odd strings on a free port; stowed
 * panels joined past.
 */
export function* candidatesFor(
  { plan, wired: portArrays, wiringId, memory }: Pick<SolvableWiring, "plan" | "wired" | "wiringId" | "memory">,
  context: PortArrayContext,
): Generator<undefined, Candidate[]> {
  const { portArray, tiles } = context;
  const isStowed = (tile: PanelRef) => standOf(context.position, tile).stance === "stowed";
  const replaced = (strings: readonly PvString[]): PortArray[] =>
    portArrays.map((other) => (other === portArray ? { ...portArray, strings } : other));
  const matrix = asMatrix(portArray.strings);
  const alike = new Set(tiles.map((tile) => tile.panelId)).size === 1;
  const found: Candidate[] = [
    ...(tiles.some(isStowed)
      ? [
          {
            kind: { type: "setBypassed" } as const,
            portArrays: replaced(
              mapTiles(portArray.strings, (tile) => (isStowed(tile) ? { ...tile, bypassed: true } : tile)),
            ),
          },
        ]
      : []),
    ...(alike
      ? matrices(plan, portArrays, tiles, matrix).map(({ kind, strings }) => ({ kind, portArrays: replaced(strings) }))
      : []),
    ...(alike ? [] : yield* bestStrings(plan, wiringId, portArray, tiles, memory)).map((strings): Candidate => ({
      kind: {
        type: "strings",
        strings: strings.map((string) =>
          termsOf(context, tilesOfStrings([string]), () => 0).map(({ panelName, count }) => ({ panelName, count })),
        ),
      } as const,
      portArrays: replaced(strings),
    })),
    ...(alike
      ? []
      : lessSome(context).map(({ name, strings }) => ({
          kind: { type: "shelve", panelName: name } as const,
          portArrays: replaced(strings),
        }))),
    ...fromShelf(plan, portArrays, context).map(({ kind, strings }) => ({ kind, portArrays: replaced(strings) })),
    ...moves(plan, portArrays, context),
  ];
  return found
    .filter((candidate) => candidate.portArrays.some((each) => each.strings.length > 0))
    .slice(0, maxCandidates);
}

/** Every series × strings of panels that are alike, nearest to as many as there are now first; what lies on the shelf is used, and a few may be bought. */
function matrices(
  plan: Plan,
  portArrays: readonly PortArray[],
  tiles: readonly PanelRef[],
  now: { series: number; strings: number } | null,
): Shaped[] {
  const count = tiles.length;
  const panelId = tiles[0]?.panelId ?? "";
  const elsewhere = new Set(tilesOf(portArrays).map(keyOf));
  const kind = stockOf(plan, panelId);
  const free = shelfPieces(kind, elsewhere).length;
  const most = count + Math.max(extraPanels, Math.min(free, maxFromShelf));
  const found: { series: number; strings: number }[] = [];
  for (let series = 1; series <= most; series++) {
    for (let strings = 1; series * strings <= most; strings++) {
      if (series === now?.series && strings === now.strings) continue;
      found.push({ series, strings });
    }
  }
  const nearest = found.sort((a, b) => Math.abs(a.series * a.strings - count) - Math.abs(b.series * b.strings - count));
  return nearest.map(({ series, strings }) => {
    const wanted = series * strings;
    const more = freePieces(kind, wanted - count, elsewhere).map((piece) => newTile(panelId, piece));
    const used = [...tiles, ...more].slice(0, wanted);
    return { kind: { type: "matrix", series, strings }, strings: stringsOf(used, series) };
  });
}

function stringsOf(tiles: readonly PanelRef[], series: number): PvString[] {
  return Array.from({ length: Math.ceil(tiles.length / series) }, (_, k) =>
    stringOf(tiles.slice(k * series, (k + 1) * series)),
  );
}

/** What a kind goes by. */
function nameOf({ kinds }: Pick<PortArrayContext, "kinds">, panelId: string): string {
  return kinds.get(panelId)?.name ?? panelId;
}

/** One panel of each kind, each whole kind, and each string left on the shelf. */
function lessSome({
  portArray,
  tiles,
  ...context
}: PortArrayContext): { name: string; strings: readonly PvString[] }[] {
  const kinds = [...new Set(tiles.map((tile) => tile.panelId))];
  const without = (gone: (tile: PanelRef) => boolean): readonly PvString[] =>
    mapTiles(portArray.strings, (tile) => (gone(tile) ? null : tile));
  const name = (panelId: string) => nameOf(context, panelId);
  const lastOf = (panelId: string): PanelKey => keyOf(tiles.findLast((tile) => tile.panelId === panelId) as PanelRef);
  return [
    ...kinds.map((panelId) => ({ name: name(panelId), strings: without((tile) => keyOf(tile) === lastOf(panelId)) })),
    ...kinds.map((panelId) => ({ name: name(panelId), strings: without((tile) => tile.panelId === panelId) })),
    ...portArray.strings.map((string, k) => ({
      name: name(tilesOfStrings([string])[0]?.panelId ?? kinds[0] ?? ""),
      strings: portArray.strings.filter((_, other) => other !== k),
    })),
  ].filter(({ strings }) => strings.length > 0);
}

/** Panels of another kind that lie on the shelf: equal strings of them instead, or each in the place of one of a kind that is wired. */
function fromShelf(
  plan: Plan,
  portArrays: readonly PortArray[],
  { portArray, tiles, ...context }: PortArrayContext,
): Shaped[] {
  const here = [...new Set(tiles.map((tile) => tile.panelId))];
  const wired = new Set(tilesOf(portArrays).map(keyOf));
  const shelf = plan.panels
    .filter(({ id }) => context.kinds.has(id))
    .map((panel) => ({
      panelId: panel.id,
      pieces: shelfPieces(panel, wired).slice(0, maxFromShelf),
      name: nameOf(context, panel.id),
    }));
  return shelf.flatMap(({ panelId, pieces, name }): Shaped[] => {
    // of a kind that is wired here already, strings of all there are have been tried
    const shapes = (here.includes(panelId) ? [] : pieces).flatMap((_, k) =>
      Array.from({ length: Math.floor(pieces.length / (k + 1)) }, (__, r) => ({ series: k + 1, strings: r + 1 })),
    );
    const instead = shapes.slice(0, maxShapes).map(({ series, strings }): Shaped => ({
      kind: { type: "instead", panelName: name, series, strings },
      strings: stringsOf(
        pieces.slice(0, series * strings).map((piece) => newTile(panelId, piece)),
        series,
      ),
    }));
    const exchanged = here.flatMap((out): Shaped[] => {
      const count = tiles.filter((tile) => tile.panelId === out).length;
      // one kind alone changed for another is equal strings instead
      if (out === panelId || here.length === 1 || count > pieces.length) return [];
      const spare = [...pieces];
      const strings = mapTiles(portArray.strings, (tile) =>
        tile.panelId === out && !tile.bypassed ? { ...tile, panelId, piece: spare.shift() ?? 0 } : tile,
      );
      return [{ kind: { type: "exchange", count, outName: nameOf(context, out), inName: name }, strings }];
    });
    return [...instead, ...exchanged];
  });
}

/** Odd strings, kinds and panels on a port nothing feeds yet, in one string or side by side. */
function moves(
  plan: Plan,
  portArrays: readonly PortArray[],
  { portArray, tiles, position }: PortArrayContext,
): Candidate[] {
  const isFree = (inputId: string, portId: string) =>
    !portArrays.some((other) => other.inputId === inputId && other.portId === portId);
  const free = plan.inputs.flatMap(({ id, device }) =>
    device.ports
      .filter((port) => isFree(id, port.id))
      .map((port) => ({ inputId: id, device, port, name: `${device.name}: ${port.name}` })),
  );
  const apart: PanelRef[][] = [
    ...[...new Set(tiles.map((tile) => tile.panelId))].map((panelId) =>
      tiles.filter((tile) => tile.panelId === panelId),
    ),
    ...portArray.strings.map((string) => usedIn([string])),
    tiles.filter((tile) => isChanged(standOf(position, tile))),
    [...tiles],
  ].filter((some) => some.length > 0);
  return free.flatMap(({ inputId, device, port, name }) =>
    apart.flatMap((some) => {
      const keys = new Set(some.map(keyOf));
      const rest = mapTiles(portArray.strings, (tile) => (keys.has(keyOf(tile)) ? null : tile));
      const addOn = device.modules.find(({ id }) => id === port.moduleId)?.name ?? null;
      const shapes: Item[][][] = some.length === 1 ? [[some]] : [[some], some.map((tile) => [tile])];
      return shapes.map((strings): Candidate => ({
        kind: { type: "move", panels: some.length, portName: name, moduleName: addOn },
        portArrays: [
          ...portArrays
            .map((other) => (other === portArray ? { ...portArray, strings: rest } : other))
            .filter((other) => other.strings.length > 0),
          { inputId, portId: port.id, strings: strings.map(stringOf) },
        ],
      }));
    }),
  );
}
