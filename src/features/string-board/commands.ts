import {
  type Change,
  fillPortArray,
  type Filling,
  piecesIn,
  type Plan,
  type PlanPanel,
  stockOf,
  type Wiring,
} from "@/core/plan";
import {
  copyString,
  countsOf,
  keyOf,
  type PortArray,
  portArrayKey,
  type PortArrayRef,
  lightAt,
  locate,
  mergeStringUp,
  maxPieces,
  newTile,
  type Place,
  type Position,
  putTiles,
  stringAt,
  samePortArray,
  shelfPieces,
  splitString,
  standOf,
  type PanelRef,
  type PanelKey,
  tilesOf,
  tilesOfStrings,
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
  readonly positionId: string;
  readonly position: Position;
};

/** Every port of the plan in order, and the port array of panels not joined to any input while there is one. */
export function portArrayRefs({ plan, wiring }: Board): PortArrayRef[] {
  const ports = plan.inputs.flatMap(({ id, device }) => device.ports.map((port) => ({ inputId: id, portId: port.id })));
  const loose = wiring.portArrays
    .filter((portArray) => !ports.some((port) => samePortArray(port, portArray)))
    .map(({ inputId, portId }) => ({ inputId, portId }));
  return [...ports, ...loose];
}

export function portArrayName({ plan }: Board, { inputId, portId }: PortArrayRef): string {
  const input = plan.inputs.find(({ id }) => id === inputId);
  const port = input?.device.ports.find(({ id }) => id === portId);
  if (input === undefined || port === undefined) return commandsTexts.noControllerYet;
  return plan.inputs.length > 1 ? `${input.device.name}: ${port.name}` : port.name;
}

/** Panels of each kind that are not wired. */
export function shelfOf({ plan, wiring }: Board): { readonly panel: PlanPanel; readonly tiles: readonly PanelRef[] }[] {
  const taken = new Set(tilesOf(wiring.portArrays).map(keyOf));
  return plan.panels.map((panel) => ({
    panel,
    tiles: shelfPieces(panel, taken).map((piece) => newTile(panel.id, piece)),
  }));
}

/** The panels of some keys, wired or on the shelf, in the order in which they stand. */
export function tilesByKey(board: Board, keys: readonly PanelKey[]): PanelRef[] {
  const wanted = new Set(keys);
  return [...tilesOf(board.wiring.portArrays), ...shelfOf(board).flatMap(({ tiles }) => tiles)].filter((tile) =>
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

function rewired({ wiring }: Board, portArrays: readonly PortArray[], said: string): Outcome {
  return portArrays === wiring.portArrays
    ? null
    : { change: { type: "rewire", wiringId: wiring.id, portArrays, counts: {} }, said };
}

export function put(board: Board, keys: readonly PanelKey[], place: Place): Outcome {
  const tiles = tilesByKey(board, keys);
  if (tiles.length === 0) return null;
  return rewired(
    board,
    putTiles(board.wiring.portArrays, tiles, place),
    `${tileWords(board, tiles)} ${placeWords(board, place)}.`,
  );
}

function placeWords(board: Board, place: Place): string {
  switch (place.type) {
    case "shelf":
      return commandsTexts.putOnTheShelf;
    case "beside":
      return commandsTexts.putInParallelWithTileAmpsAdd(tileWords(board, tilesByKey(board, [place.key])));
    case "newString":
      return commandsTexts.putInAStringOfItsOwnOnPortArrayAmps(portArrayName(board, place.portArray));
    case "string":
      return commandsTexts.putInStringStringOfPortArrayVoltsAdd(
        place.string + 1,
        portArrayName(board, place.portArray),
      );
  }
}

/** One step along its string, to the string above or below, or past the last string into a new one. */
export function nudge(board: Board, key: PanelKey, step: "left" | "right" | "up" | "down"): Outcome {
  const found = locate(board.wiring.portArrays, key);
  if (found === null) return step === "up" ? ontoFirst(board, key) : null;
  const { portArray, path, string, at } = found;
  const here = stringAt(board.wiring.portArrays, portArray, path, string);
  if (here === undefined) return null;
  if (step === "left")
    return at === 0 ? null : put(board, [key], { type: "string", portArray, path, string, at: at - 1 });
  if (step === "right")
    return at === here.items.length - 1
      ? null
      : put(board, [key], { type: "string", portArray, path, string, at: at + 2 });
  const other = step === "up" ? string - 1 : string + 1;
  const next = stringAt(board.wiring.portArrays, portArray, path, other);
  if (next !== undefined)
    return put(board, [key], { type: "string", portArray, path, string: other, at: Math.min(at, next.items.length) });
  // alone in the outermost string already: one more step leads to the next port array
  if (here.items.length === 1 && path.length === 0) return toPortArray(board, [key], step === "up" ? -1 : 1);
  return put(board, [key], { type: "newString", portArray, path, at: step === "up" ? 0 : string + 1 });
}

function ontoFirst(board: Board, key: PanelKey): Outcome {
  const [portArray] = portArrayRefs(board).slice(-1);
  return portArray === undefined
    ? null
    : put(board, [key], {
        type: "newString",
        portArray,
        path: [],
        at: board.wiring.portArrays.find((each) => samePortArray(each, portArray))?.strings.length ?? 0,
      });
}

/** To the port array so many places on, as a string of its own; past the last port array lies the shelf. */
export function toPortArray(board: Board, keys: readonly PanelKey[], by: 1 | -1): Outcome {
  const refs = portArrayRefs(board);
  const [first] = keys;
  const found = first === undefined ? null : locate(board.wiring.portArrays, first);
  const now = found === null ? refs.length : refs.findIndex((ref) => samePortArray(ref, found.portArray));
  const target = refs[now + by];
  if (target === undefined)
    return now + by >= refs.length && found !== null ? put(board, keys, { type: "shelf" }) : null;
  const strings = board.wiring.portArrays.find((portArray) => samePortArray(portArray, target))?.strings.length ?? 0;
  return put(board, keys, { type: "newString", portArray: target, path: [], at: strings });
}

/** Somewhere else that panels may be moved to, with its name. */
export type Move = { readonly id: string; readonly words: string; readonly place: Place };

/** Everywhere some panels may go: a new string of each port array, the end of each string that is not theirs already, the shelf. */
export function movesOf(board: Board, keys: readonly PanelKey[]): Move[] {
  const moving = new Set(keys);
  const ofPortArrays = portArrayRefs(board).flatMap((portArray): Move[] => {
    const strings = board.wiring.portArrays.find((each) => samePortArray(each, portArray))?.strings ?? [];
    const name = portArrayName(board, portArray);
    const joins = strings.flatMap((string, k): Move[] => {
      const tiles = tilesOfStrings([string]);
      if (tiles.every((tile) => moving.has(keyOf(tile)))) return [];
      const words = commandsTexts.nameEndOfStringKTileCountInIt(name, k + 1, tiles.length);
      return [
        {
          id: `${portArrayKey(portArray)} ${k}`,
          words,
          place: { type: "string", portArray, path: [], string: k, at: string.items.length },
        },
      ];
    });
    const newString: Place = { type: "newString", portArray, path: [], at: strings.length };
    return [
      ...joins,
      { id: portArrayKey(portArray), words: commandsTexts.nameANewStringAmpsAdd(name), place: newString },
    ];
  });
  return [...ofPortArrays, { id: "shelf", words: "the shelf", place: { type: "shelf" } }];
}

/** Panels moved to a place named by `movesOf`; nothing where it is not there any more. */
export function moveTo(board: Board, keys: readonly PanelKey[], id: string): Outcome {
  const move = movesOf(board, keys).find((each) => each.id === id);
  return move === undefined ? null : put(board, keys, move.place);
}

/** In parallel with the panel before it in its string. */
export function besideBefore(board: Board, key: PanelKey): Outcome {
  const found = locate(board.wiring.portArrays, key);
  const before =
    found === null
      ? undefined
      : stringAt(board.wiring.portArrays, found.portArray, found.path, found.string)?.items[found.at - 1];
  return before?.type === "panel" ? put(board, [key], { type: "beside", key: keyOf(before) }) : null;
}

export function split(board: Board, key: PanelKey): Outcome {
  const found = locate(board.wiring.portArrays, key);
  return found === null
    ? null
    : rewired(
        board,
        splitString(board.wiring.portArrays, found),
        commandsTexts.stringSplitBeforeTileTwoStrings(tileWords(board, tilesByKey(board, [key]))),
      );
}

export function merge(board: Board, key: PanelKey): Outcome {
  const found = locate(board.wiring.portArrays, key);
  return found === null
    ? null
    : rewired(board, mergeStringUp(board.wiring.portArrays, found), commandsTexts.stringJoinedToTheOneAboveVolts);
}

/** A string once more below it, from what lies on the shelf: nothing is bought by wiring. */
export function copy(board: Board, key: PanelKey): Outcome {
  const found = locate(board.wiring.portArrays, key);
  if (found === null) return null;
  const portArrays = copyString(board.wiring.portArrays, found, (panelId) => stockOf(board.plan, panelId));
  const counts = countsOf(portArrays);
  const lacking = board.plan.panels.flatMap(({ id, given, label }) =>
    (counts[id] ?? 0) > given ? [`${(counts[id] ?? 0) - given} × ${label.name}`] : [],
  );
  return lacking.length > 0
    ? {
        change: null,
        said: commandsTexts.theShelfLacksLackingForAnother(lacking.join(", ")),
      }
    : rewired(board, portArrays, commandsTexts.stringCopiedBelowAmpsAdd);
}

/** What filling a port array with equal strings takes, in words: how many, whether so many are free, and what goes to the shelf. */
export function fillWords({ plan, wiring }: Board, filling: Filling): string {
  const { lacks, shelved } = fillPortArray(plan, wiring, filling);
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

/** A port array filled with equal strings; `more` panels may be put into the plan for it. */
export function fill(board: Board, filling: Filling, more: number): Outcome {
  const { lacks } = fillPortArray(board.plan, board.wiring, filling);
  if (lacks > more) return null;
  if (piecesIn(board.plan) + lacks > maxPieces) return { change: null, said: fullWords };
  return {
    change: { type: "fillPortArray", wiringId: board.wiring.id, more, ...filling },
    said: `${portArrayName(board, filling)}: ${fillWords(board, filling)}.`,
  };
}

export function diode(board: Board, key: PanelKey): Outcome {
  const found = locate(board.wiring.portArrays, key);
  if (found === null) return null;
  const has = stringAt(board.wiring.portArrays, found.portArray, found.path, found.string)?.blockingDiode === true;
  return rewired(
    board,
    toggleBlockingDiode(board.wiring.portArrays, found),
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

/** How some panels stand, in the position looked at; of panels on the shelf nobody asks. */
export function setStands(board: Board, keys: readonly PanelKey[], patch: StandPatch, said: string): Outcome {
  const wired = wiredOf(board, keys);
  if (wired.length === 0) return null;
  return {
    change: { type: "setStands", positionId: board.positionId, keys: wired.map(keyOf), patch },
    said: `${tileWords(board, wired)} ${said}.`,
  };
}

function wiredOf(board: Board, keys: readonly PanelKey[]): PanelRef[] {
  return tilesByKey(board, keys).filter((tile) => locate(board.wiring.portArrays, keyOf(tile)) !== null);
}

export function toggleStowed(board: Board, keys: readonly PanelKey[]): Outcome {
  const already = tilesByKey(board, keys).every((tile) => standOf(board.position, tile).stance === "stowed");
  return already
    ? setStands(board, keys, { stance: "out" }, commandsTexts.inUseAgain)
    : setStands(board, keys, { stance: "stowed" }, "stowed: connected but covered");
}

/** Panels taken out, their leads joined past them, or put back: that moves plugs, so it is the wiring's, in every position. */
export function toggleTakenOut(board: Board, keys: readonly PanelKey[]): Outcome {
  const wired = wiredOf(board, keys);
  if (wired.length === 0) return null;
  const bypassed = !wired.every((tile) => tile.bypassed);
  return {
    change: { type: "setBypassed", wiringId: board.wiring.id, keys: wired.map(keyOf), bypassed },
    said: `${tileWords(board, wired)} ${bypassed ? commandsTexts.bypassedLeadsJoinedPastIt : commandsTexts.backInItsString}.`,
  };
}

/** Light left on a shaded substring: what falls on it from the sky around. */
export const shadedLight = 0.15;

/** One substring of a panel put in shade, or back in the light. */
export function toggleShade(board: Board, key: PanelKey, substring: number, substrings: number): Outcome {
  const [tile] = tilesByKey(board, [key]);
  if (tile === undefined || substring >= substrings) return null;
  const stand = standOf(board.position, tile);
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
  const tiltDeg = Math.max(-75, Math.min(75, standOf(board.position, first).tiltDeg + byDeg));
  return setStands(
    board,
    keys,
    { tiltDeg },
    tiltDeg === 0 ? "laid flat" : `tilted ${Math.abs(tiltDeg)}° ${tiltDeg > 0 ? "towards" : "away from"} the noon sun`,
  );
}
