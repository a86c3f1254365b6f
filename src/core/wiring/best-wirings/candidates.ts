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
  type Row,
  rowOf,
  shelfPieces,
  standOf,
  type PanelRef,
  type PanelKey,
  tilesOf,
  tilesOfRows,
  usedIn,
} from "../../engine/array";
import { extraPanels, type LaneContext, type SolvableWiring, termsOf } from "../../plan-model";
import { type FixKind } from "../../assessment";
import { bestRows } from "./arrange";

/** A wiring that might mend something: all lanes as they would be, and in what way they differ. */
export type Candidate = { readonly kind: FixKind; readonly lanes: readonly PortArray[] };

/** The same within the lane that fails. */
type Shaped = { readonly kind: FixKind; readonly rows: readonly Row[] };

const maxCandidates = 400;
/** Panels taken from the shelf at most: a whole array's worth, and no more to try than ends within a second. */
const maxFromShelf = 24;
/** Shapes of another kind from the shelf that are tried, smallest first. */
const maxShapes = 40;

/**
 * Wirings worth trying for a lane: every series × strings when its panels are alike; the best of all rows there are when they are
 * not; one panel, kind or row less; panels from the shelf in their place; odd rows on a free port; stowed
 * panels joined past.
 */
export function* candidatesFor(
  { plan, wired: lanes, wiringId, memory }: Pick<SolvableWiring, "plan" | "wired" | "wiringId" | "memory">,
  context: LaneContext,
): Generator<undefined, Candidate[]> {
  const { lane, tiles } = context;
  const isStowed = (tile: PanelRef) => standOf(context.pose, tile).stance === "stowed";
  const replaced = (rows: readonly Row[]): PortArray[] =>
    lanes.map((other) => (other === lane ? { ...lane, rows } : other));
  const matrix = asMatrix(lane.rows);
  const alike = new Set(tiles.map((tile) => tile.panelId)).size === 1;
  const found: Candidate[] = [
    ...(tiles.some(isStowed)
      ? [
          {
            kind: { type: "joinPast" } as const,
            lanes: replaced(mapTiles(lane.rows, (tile) => (isStowed(tile) ? { ...tile, joinedPast: true } : tile))),
          },
        ]
      : []),
    ...(alike ? matrices(plan, lanes, tiles, matrix).map(({ kind, rows }) => ({ kind, lanes: replaced(rows) })) : []),
    ...(alike ? [] : yield* bestRows(plan, wiringId, lane, tiles, memory)).map((rows): Candidate => ({
      kind: {
        type: "rows",
        rows: rows.map((row) =>
          termsOf(context, tilesOfRows([row]), () => 0).map(({ panelName, count }) => ({ panelName, count })),
        ),
      } as const,
      lanes: replaced(rows),
    })),
    ...(alike
      ? []
      : lessSome(context).map(({ name, rows }) => ({
          kind: { type: "shelve", panelName: name } as const,
          lanes: replaced(rows),
        }))),
    ...fromShelf(plan, lanes, context).map(({ kind, rows }) => ({ kind, lanes: replaced(rows) })),
    ...moves(plan, lanes, context),
  ];
  return found.filter((candidate) => candidate.lanes.some((each) => each.rows.length > 0)).slice(0, maxCandidates);
}

/** Every series × strings of panels that are alike, nearest to as many as there are now first; what lies on the shelf is used, and a few may be bought. */
function matrices(
  plan: Plan,
  lanes: readonly PortArray[],
  tiles: readonly PanelRef[],
  now: { series: number; strings: number } | null,
): Shaped[] {
  const count = tiles.length;
  const panelId = tiles[0]?.panelId ?? "";
  const elsewhere = new Set(tilesOf(lanes).map(keyOf));
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
    return { kind: { type: "matrix", series, strings }, rows: rowsOf(used, series) };
  });
}

function rowsOf(tiles: readonly PanelRef[], series: number): Row[] {
  return Array.from({ length: Math.ceil(tiles.length / series) }, (_, k) =>
    rowOf(tiles.slice(k * series, (k + 1) * series)),
  );
}

/** What a kind goes by. */
function nameOf({ kinds }: Pick<LaneContext, "kinds">, panelId: string): string {
  return kinds.get(panelId)?.name ?? panelId;
}

/** One panel of each kind, each whole kind, and each row left on the shelf. */
function lessSome({ lane, tiles, ...context }: LaneContext): { name: string; rows: readonly Row[] }[] {
  const kinds = [...new Set(tiles.map((tile) => tile.panelId))];
  const without = (gone: (tile: PanelRef) => boolean): readonly Row[] =>
    mapTiles(lane.rows, (tile) => (gone(tile) ? null : tile));
  const name = (panelId: string) => nameOf(context, panelId);
  const lastOf = (panelId: string): PanelKey => keyOf(tiles.findLast((tile) => tile.panelId === panelId) as PanelRef);
  return [
    ...kinds.map((panelId) => ({ name: name(panelId), rows: without((tile) => keyOf(tile) === lastOf(panelId)) })),
    ...kinds.map((panelId) => ({ name: name(panelId), rows: without((tile) => tile.panelId === panelId) })),
    ...lane.rows.map((row, k) => ({
      name: name(tilesOfRows([row])[0]?.panelId ?? kinds[0] ?? ""),
      rows: lane.rows.filter((_, other) => other !== k),
    })),
  ].filter(({ rows }) => rows.length > 0);
}

/** Panels of another kind that lie on the shelf: equal rows of them instead, or each in the place of one of a kind that is wired. */
function fromShelf(plan: Plan, lanes: readonly PortArray[], { lane, tiles, ...context }: LaneContext): Shaped[] {
  const here = [...new Set(tiles.map((tile) => tile.panelId))];
  const wired = new Set(tilesOf(lanes).map(keyOf));
  const shelf = plan.panels
    .filter(({ id }) => context.kinds.has(id))
    .map((panel) => ({
      panelId: panel.id,
      pieces: shelfPieces(panel, wired).slice(0, maxFromShelf),
      name: nameOf(context, panel.id),
    }));
  return shelf.flatMap(({ panelId, pieces, name }): Shaped[] => {
    // of a kind that is wired here already, rows of all there are have been tried
    const shapes = (here.includes(panelId) ? [] : pieces).flatMap((_, k) =>
      Array.from({ length: Math.floor(pieces.length / (k + 1)) }, (__, r) => ({ series: k + 1, strings: r + 1 })),
    );
    const instead = shapes.slice(0, maxShapes).map(({ series, strings }): Shaped => ({
      kind: { type: "instead", panelName: name, series, strings },
      rows: rowsOf(
        pieces.slice(0, series * strings).map((piece) => newTile(panelId, piece)),
        series,
      ),
    }));
    const exchanged = here.flatMap((out): Shaped[] => {
      const count = tiles.filter((tile) => tile.panelId === out).length;
      // one kind alone changed for another is equal rows instead
      if (out === panelId || here.length === 1 || count > pieces.length) return [];
      const spare = [...pieces];
      const rows = mapTiles(lane.rows, (tile) =>
        tile.panelId === out && !tile.joinedPast ? { ...tile, panelId, piece: spare.shift() ?? 0 } : tile,
      );
      return [{ kind: { type: "exchange", count, outName: nameOf(context, out), inName: name }, rows }];
    });
    return [...instead, ...exchanged];
  });
}

/** Odd rows, kinds and panels on a port nothing feeds yet, in one row or side by side. */
function moves(plan: Plan, lanes: readonly PortArray[], { lane, tiles, pose }: LaneContext): Candidate[] {
  const isFree = (inputId: string, portId: string) =>
    !lanes.some((other) => other.inputId === inputId && other.portId === portId);
  const free = plan.inputs.flatMap(({ id, device }) =>
    device.ports
      .filter((port) => isFree(id, port.id))
      .map((port) => ({ inputId: id, device, port, name: `${device.name}: ${port.name}` })),
  );
  const apart: PanelRef[][] = [
    ...[...new Set(tiles.map((tile) => tile.panelId))].map((panelId) =>
      tiles.filter((tile) => tile.panelId === panelId),
    ),
    ...lane.rows.map((row) => usedIn([row])),
    tiles.filter((tile) => isChanged(standOf(pose, tile))),
    [...tiles],
  ].filter((some) => some.length > 0);
  return free.flatMap(({ inputId, device, port, name }) =>
    apart.flatMap((some) => {
      const keys = new Set(some.map(keyOf));
      const rest = mapTiles(lane.rows, (tile) => (keys.has(keyOf(tile)) ? null : tile));
      const addOn = device.modules.find(({ id }) => id === port.moduleId)?.name ?? null;
      const shapes: Item[][][] = some.length === 1 ? [[some]] : [[some], some.map((tile) => [tile])];
      return shapes.map((rows): Candidate => ({
        kind: { type: "move", panels: some.length, portName: name, moduleName: addOn },
        lanes: [
          ...lanes
            .map((other) => (other === lane ? { ...lane, rows: rest } : other))
            .filter((other) => other.rows.length > 0),
          { inputId, portId: port.id, rows: rows.map(rowOf) },
        ],
      }));
    }),
  );
}
