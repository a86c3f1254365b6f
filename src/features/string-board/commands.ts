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
  type PortArrayRef,
  locate,
  mergeStringUp,
  maxPieces,
  newTile,
  type Position,
  stringAt,
  samePortArray,
  shelfPieces,
  splitString,
  type PanelRef,
  type PanelKey,
  tilesOf,
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

export function rewired({ wiring }: Board, portArrays: readonly PortArray[], said: string): Outcome {
  return portArrays === wiring.portArrays
    ? null
    : { change: { type: "rewire", wiringId: wiring.id, portArrays, counts: {} }, said };
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
  const { lacks, borrowed, shelved } = fillPortArray(plan, wiring, filling);
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
    ...(borrowed.length > 0 ? [commandsTexts.borrowedFromOthers(borrowed.length)] : []),
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

export function wiredOf(board: Board, keys: readonly PanelKey[]): PanelRef[] {
  return tilesByKey(board, keys).filter((tile) => locate(board.wiring.portArrays, keyOf(tile)) !== null);
}
