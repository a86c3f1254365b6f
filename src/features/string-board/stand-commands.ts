import { type Change } from "@/core/plan";
import { keyOf, lightAt, standOf, type PanelKey } from "@/core/engine/array";
import { commandsTexts } from "@/messages/en/string-board/view";
import { type Outcome, type Board, tilesByKey, tileWords, wiredOf } from "./commands";

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
