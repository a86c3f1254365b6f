import {
  keyOf,
  portArrayKey,
  locate,
  type Place,
  putTiles,
  stringAt,
  samePortArray,
  type PanelKey,
  tilesOfStrings,
} from "@/core/engine/array";
import { commandsTexts } from "@/messages/en/string-board/view";
import { type Outcome, type Board, portArrayRefs, portArrayName, tilesByKey, tileWords, rewired } from "./commands";

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
