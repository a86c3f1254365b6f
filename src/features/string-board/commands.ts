import {
  type Change,
  fillLane,
  type Filling,
  piecesIn,
  type Plan,
  type PlanPanel,
  stockOf,
  type Wiring,
} from "@/core/plan";
import {
  copyRow,
  countsOf,
  keyOf,
  type PortArray,
  laneKey,
  type LaneRef,
  lightAt,
  locate,
  mergeRowUp,
  maxPieces,
  newTile,
  type Place,
  type Pose,
  putTiles,
  rowAt,
  sameLane,
  shelfPieces,
  splitRow,
  standOf,
  type PanelRef,
  type PanelKey,
  tilesOf,
  tilesOfRows,
  toggleBlockingDiode,
} from "@/core/engine/array";
import { counted, shortName } from "@/messages/en";
import { commandsTexts } from "@/messages/en/string-board/view";

/** What a board action does, and what is said of it; why not, where it cannot be done. Null: there is nothing to do. */
export type Outcome = { readonly change: Change | null; readonly said: string } | null;

export type Board = {
  readonly plan: Plan;
  readonly wiring: Wiring;
  /** How the panels stand, and the name of that in the plan. */
  readonly poseId: string;
  readonly pose: Pose;
};

/** Every port of the plan in order, and the lane of panels not joined to any input while there is one. */
export function laneRefs({ plan, wiring }: Board): LaneRef[] {
  const ports = plan.inputs.flatMap(({ id, device }) => device.ports.map((port) => ({ inputId: id, portId: port.id })));
  const loose = wiring.lanes
    .filter((lane) => !ports.some((port) => sameLane(port, lane)))
    .map(({ inputId, portId }) => ({ inputId, portId }));
  return [...ports, ...loose];
}

export function laneName({ plan }: Board, { inputId, portId }: LaneRef): string {
  const input = plan.inputs.find(({ id }) => id === inputId);
  const port = input?.device.ports.find(({ id }) => id === portId);
  if (input === undefined || port === undefined) return commandsTexts.noControllerYet;
  return plan.inputs.length > 1 ? `${input.device.name}: ${port.name}` : port.name;
}

/** Panels of each kind that are not wired. */
export function shelfOf({ plan, wiring }: Board): { readonly panel: PlanPanel; readonly tiles: readonly PanelRef[] }[] {
  const taken = new Set(tilesOf(wiring.lanes).map(keyOf));
  return plan.panels.map((panel) => ({
    panel,
    tiles: shelfPieces(panel, taken).map((piece) => newTile(panel.id, piece)),
  }));
}

/** The panels of some keys, wired or on the shelf, in the order in which they stand. */
export function tilesByKey(board: Board, keys: readonly PanelKey[]): PanelRef[] {
  const wanted = new Set(keys);
  return [...tilesOf(board.wiring.lanes), ...shelfOf(board).flatMap(({ tiles }) => tiles)].filter((tile) =>
    wanted.has(keyOf(tile)),
  );
}

/** The words for some panels: "MG-195 2", or "3 panels". */
export function tileWords({ plan }: Board, tiles: readonly Pick<PanelRef, "panelId" | "piece">[]): string {
  const [only] = tiles;
  if (only === undefined) return "nothing";
  if (tiles.length > 1) return commandsTexts.tileCountPanels(tiles.length);
  return commandsTexts.nameNumberPiece(
    plan.panels.find(({ id }) => id === only.panelId)?.label.name ?? "panel",
    only.piece,
  );
}

function rewired({ wiring }: Board, lanes: readonly PortArray[], said: string): Outcome {
  return lanes === wiring.lanes ? null : { change: { type: "rewire", wiringId: wiring.id, lanes, counts: {} }, said };
}

export function put(board: Board, keys: readonly PanelKey[], place: Place): Outcome {
  const tiles = tilesByKey(board, keys);
  if (tiles.length === 0) return null;
  return rewired(
    board,
    putTiles(board.wiring.lanes, tiles, place),
    `${tileWords(board, tiles)} ${placeWords(board, place)}.`,
  );
}

function placeWords(board: Board, place: Place): string {
  switch (place.type) {
    case "shelf":
      return commandsTexts.putOnTheShelf;
    case "beside":
      return commandsTexts.putInParallelWithTileAmpsAdd(tileWords(board, tilesByKey(board, [place.key])));
    case "newRow":
      return commandsTexts.putInAStringOfItsOwnOnLaneAmps(laneName(board, place.lane));
    case "row":
      return commandsTexts.putInStringRowOfLaneVoltsAdd(place.row + 1, laneName(board, place.lane));
  }
}

/** One step along its row, to the row above or below, or past the last row into a new one. */
export function nudge(board: Board, key: PanelKey, step: "left" | "right" | "up" | "down"): Outcome {
  const found = locate(board.wiring.lanes, key);
  if (found === null) return step === "up" ? ontoFirst(board, key) : null;
  const { lane, path, row, at } = found;
  const here = rowAt(board.wiring.lanes, lane, path, row);
  if (here === undefined) return null;
  if (step === "left") return at === 0 ? null : put(board, [key], { type: "row", lane, path, row, at: at - 1 });
  if (step === "right")
    return at === here.items.length - 1 ? null : put(board, [key], { type: "row", lane, path, row, at: at + 2 });
  const other = step === "up" ? row - 1 : row + 1;
  const next = rowAt(board.wiring.lanes, lane, path, other);
  if (next !== undefined)
    return put(board, [key], { type: "row", lane, path, row: other, at: Math.min(at, next.items.length) });
  // alone in the outermost row already: one more step leads to the next lane
  if (here.items.length === 1 && path.length === 0) return toLane(board, [key], step === "up" ? -1 : 1);
  return put(board, [key], { type: "newRow", lane, path, at: step === "up" ? 0 : row + 1 });
}

function ontoFirst(board: Board, key: PanelKey): Outcome {
  const [lane] = laneRefs(board).slice(-1);
  return lane === undefined
    ? null
    : put(board, [key], {
        type: "newRow",
        lane,
        path: [],
        at: board.wiring.lanes.find((each) => sameLane(each, lane))?.rows.length ?? 0,
      });
}

/** To the lane so many places on, as a row of its own; past the last lane lies the shelf. */
export function toLane(board: Board, keys: readonly PanelKey[], by: 1 | -1): Outcome {
  const refs = laneRefs(board);
  const [first] = keys;
  const found = first === undefined ? null : locate(board.wiring.lanes, first);
  const now = found === null ? refs.length : refs.findIndex((ref) => sameLane(ref, found.lane));
  const target = refs[now + by];
  if (target === undefined)
    return now + by >= refs.length && found !== null ? put(board, keys, { type: "shelf" }) : null;
  const rows = board.wiring.lanes.find((lane) => sameLane(lane, target))?.rows.length ?? 0;
  return put(board, keys, { type: "newRow", lane: target, path: [], at: rows });
}

/** Somewhere else that panels may be moved to, with its name. */
export type Move = { readonly id: string; readonly words: string; readonly place: Place };

/** Everywhere some panels may go: a new row of each lane, the end of each row that is not theirs already, the shelf. */
export function movesOf(board: Board, keys: readonly PanelKey[]): Move[] {
  const moving = new Set(keys);
  const ofLanes = laneRefs(board).flatMap((lane): Move[] => {
    const rows = board.wiring.lanes.find((each) => sameLane(each, lane))?.rows ?? [];
    const name = laneName(board, lane);
    const joins = rows.flatMap((row, k): Move[] => {
      const tiles = tilesOfRows([row]);
      if (tiles.every((tile) => moving.has(keyOf(tile)))) return [];
      const words = commandsTexts.nameEndOfStringKTileCountInIt(name, k + 1, tiles.length);
      return [
        { id: `${laneKey(lane)} ${k}`, words, place: { type: "row", lane, path: [], row: k, at: row.items.length } },
      ];
    });
    const newRow: Place = { type: "newRow", lane, path: [], at: rows.length };
    return [...joins, { id: laneKey(lane), words: commandsTexts.nameANewStringAmpsAdd(name), place: newRow }];
  });
  return [...ofLanes, { id: "shelf", words: "the shelf", place: { type: "shelf" } }];
}

/** Panels moved to a place named by `movesOf`; nothing where it is not there any more. */
export function moveTo(board: Board, keys: readonly PanelKey[], id: string): Outcome {
  const move = movesOf(board, keys).find((each) => each.id === id);
  return move === undefined ? null : put(board, keys, move.place);
}

/** In parallel with the panel before it in its row. */
export function besideBefore(board: Board, key: PanelKey): Outcome {
  const found = locate(board.wiring.lanes, key);
  const before =
    found === null ? undefined : rowAt(board.wiring.lanes, found.lane, found.path, found.row)?.items[found.at - 1];
  return before?.type === "panel" ? put(board, [key], { type: "beside", key: keyOf(before) }) : null;
}

export function split(board: Board, key: PanelKey): Outcome {
  const found = locate(board.wiring.lanes, key);
  return found === null
    ? null
    : rewired(
        board,
        splitRow(board.wiring.lanes, found),
        commandsTexts.stringSplitBeforeTileTwoStrings(tileWords(board, tilesByKey(board, [key]))),
      );
}

export function merge(board: Board, key: PanelKey): Outcome {
  const found = locate(board.wiring.lanes, key);
  return found === null
    ? null
    : rewired(board, mergeRowUp(board.wiring.lanes, found), commandsTexts.stringJoinedToTheOneAboveVolts);
}

/** A row once more below it, from what lies on the shelf: nothing is bought by wiring. */
export function copy(board: Board, key: PanelKey): Outcome {
  const found = locate(board.wiring.lanes, key);
  if (found === null) return null;
  const lanes = copyRow(board.wiring.lanes, found, (panelId) => stockOf(board.plan, panelId));
  const counts = countsOf(lanes);
  const lacking = board.plan.panels.flatMap(({ id, given, label }) =>
    (counts[id] ?? 0) > given ? [`${(counts[id] ?? 0) - given} × ${label.name}`] : [],
  );
  return lacking.length > 0
    ? {
        change: null,
        said: commandsTexts.theShelfLacksLackingForAnother(lacking.join(", ")),
      }
    : rewired(board, lanes, commandsTexts.stringCopiedBelowAmpsAdd);
}

/** What filling a lane with equal rows takes, in words: how many, whether so many are free, and what goes to the shelf. */
export function fillWords({ plan, wiring }: Board, filling: Filling): string {
  const { lacks, shelved } = fillLane(plan, wiring, filling);
  const nameOf = (panelId: string) => panelName(plan.panels.find(({ id }) => id === panelId));
  const { panelId, series, strings } = filling;
  const goes = [...new Set(shelved.map((tile) => tile.panelId))].map(
    (id) => `${shelved.filter((tile) => tile.panelId === id).length} × ${nameOf(id)}`,
  );
  return [
    commandsTexts.seriesInSeriesStringsInParallel(
      series,
      counted(strings, "string"),
      series * strings,
      nameOf(panelId),
    ),
    ...(lacks > 0 ? [commandsTexts.lacksMoreThanAreFree(lacks)] : []),
    ...(goes.length > 0 ? [commandsTexts.goesToTheShelf(goes.join(", "))] : []),
  ].join(", ");
}

function panelName(panel: PlanPanel | undefined): string {
  return panel === undefined ? "panel" : shortName(panel.label.name);
}

/** A lane filled with equal rows; `more` panels may be put into the plan for it. */
export function fill(board: Board, filling: Filling, more: number): Outcome {
  const { lacks } = fillLane(board.plan, board.wiring, filling);
  if (lacks > more) return null;
  if (piecesIn(board.plan) + lacks > maxPieces) return { change: null, said: fullWords };
  return {
    change: { type: "fillLane", wiringId: board.wiring.id, more, ...filling },
    said: `${laneName(board, filling)}: ${fillWords(board, filling)}.`,
  };
}

export function diode(board: Board, key: PanelKey): Outcome {
  const found = locate(board.wiring.lanes, key);
  if (found === null) return null;
  const has = rowAt(board.wiring.lanes, found.lane, found.path, found.row)?.blockingDiode === true;
  return rewired(
    board,
    toggleBlockingDiode(board.wiring.lanes, found),
    has ? commandsTexts.blockingDiodeRemovedFromThe : commandsTexts.blockingDiodeAddedToTheStringNo,
  );
}

const fullWords = commandsTexts.aPlanHoldsAtMostMaxPiecesPanels(maxPieces);

/** One more or fewer panel of a kind in the plan; the last one of a kind stays. */
export function countBy({ plan }: Board, panelId: string, by: 1 | -1): Outcome {
  const panel = plan.panels.find(({ id }) => id === panelId);
  if (panel === undefined || panel.pieces.length + by < 1) return null;
  if (piecesIn(plan) + by > maxPieces) return { change: null, said: fullWords };
  return {
    change: { type: "setCount", panelId: panel.id, count: panel.pieces.length + by },
    said: commandsTexts.pieceCountNameInThePlan(panel.pieces.length + by, panel.label.name),
  };
}

type StandPatch = Extract<Change, { type: "setStands" }>["patch"];

/** How some panels stand, in the pose looked at; of panels on the shelf nobody asks. */
export function setStands(board: Board, keys: readonly PanelKey[], patch: StandPatch, said: string): Outcome {
  const wired = wiredOf(board, keys);
  if (wired.length === 0) return null;
  return {
    change: { type: "setStands", poseId: board.poseId, keys: wired.map(keyOf), patch },
    said: `${tileWords(board, wired)} ${said}.`,
  };
}

function wiredOf(board: Board, keys: readonly PanelKey[]): PanelRef[] {
  return tilesByKey(board, keys).filter((tile) => locate(board.wiring.lanes, keyOf(tile)) !== null);
}

export function toggleStowed(board: Board, keys: readonly PanelKey[]): Outcome {
  const already = tilesByKey(board, keys).every((tile) => standOf(board.pose, tile).stance === "stowed");
  return already
    ? setStands(board, keys, { stance: "out" }, commandsTexts.inUseAgain)
    : setStands(board, keys, { stance: "stowed" }, "stowed: connected but covered");
}

/** Panels taken out, their leads joined past them, or put back: that moves plugs, so it is the wiring's, in every pose. */
export function toggleTakenOut(board: Board, keys: readonly PanelKey[]): Outcome {
  const wired = wiredOf(board, keys);
  if (wired.length === 0) return null;
  const joinedPast = !wired.every((tile) => tile.joinedPast);
  return {
    change: { type: "joinPast", wiringId: board.wiring.id, keys: wired.map(keyOf), joinedPast },
    said: `${tileWords(board, wired)} ${joinedPast ? commandsTexts.bypassedLeadsJoinedPastIt : commandsTexts.backInItsString}.`,
  };
}

/** Light left on a shaded substring: what falls on it from the sky around. */
export const shadedLight = 0.15;

/** One substring of a panel put in shade, or back in the light. */
export function toggleShade(board: Board, key: PanelKey, substring: number, substrings: number): Outcome {
  const [tile] = tilesByKey(board, [key]);
  if (tile === undefined || substring >= substrings) return null;
  const stand = standOf(board.pose, tile);
  const light = Array.from({ length: substrings }, (_, k) => lightAt(stand.light, k, substrings));
  const shaded = (light[substring] ?? 1) < 1;
  const next = light.with(substring, shaded ? 1 : shadedLight);
  return setStands(
    board,
    [key],
    { light: next.every((share) => share === 1) ? [1] : next },
    commandsTexts.cellGroup(substring + 1, shaded),
  );
}

export function tiltBy(board: Board, keys: readonly PanelKey[], byDeg: number): Outcome {
  const [first] = tilesByKey(board, keys);
  if (first === undefined) return null;
  const tiltDeg = Math.max(-75, Math.min(75, standOf(board.pose, first).tiltDeg + byDeg));
  return setStands(
    board,
    keys,
    { tiltDeg },
    tiltDeg === 0 ? "laid flat" : `tilted ${Math.abs(tiltDeg)}° ${tiltDeg > 0 ? "towards" : "away from"} the noon sun`,
  );
}
