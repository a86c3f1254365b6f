import { partsOfKey, type PanelKey } from "@/core/engine/array";
import {
  besideBefore,
  type Board,
  copy,
  countBy,
  diode,
  merge,
  nudge,
  type Outcome,
  put,
  setStands,
  split,
  tiltBy,
  toLane,
  toggleShade,
  toggleStowed,
  toggleTakenOut,
} from "./commands";

/** A key of the board: what to press, what it does, and the doing. */
export type BoardKey = {
  readonly press: string;
  readonly words: string;
  readonly matches: (event: KeyboardEvent) => boolean;
  readonly run: (
    board: Board,
    keys: readonly PanelKey[],
    event: KeyboardEvent,
    substringsOf: (key: PanelKey) => number,
  ) => Outcome;
};

const plain = (event: KeyboardEvent) => !event.altKey && !event.ctrlKey && !event.metaKey;
const letter =
  (of: string, shift = false) =>
  (event: KeyboardEvent) =>
    plain(event) && event.shiftKey === shift && event.key.toLowerCase() === of;
const alt =
  (of: string, shift = false) =>
  (event: KeyboardEvent) =>
    event.altKey && !event.ctrlKey && !event.metaKey && event.shiftKey === shift && event.key === of;
const first = (keys: readonly PanelKey[]) => keys[0] ?? "";

/** Every action of the board by key. The list is also what `?` shows. */
export const boardKeys: readonly BoardKey[] = [
  {
    press: "Alt ←",
    words: "one place to the left in its row",
    matches: alt("ArrowLeft"),
    run: (board, keys) => nudge(board, first(keys), "left"),
  },
  {
    press: "Alt →",
    words: "one place to the right in its row",
    matches: alt("ArrowRight"),
    run: (board, keys) => nudge(board, first(keys), "right"),
  },
  {
    press: "Alt ↑",
    words: "to the row above, or a new one; from the shelf, onto the board",
    matches: alt("ArrowUp"),
    run: (board, keys) => nudge(board, first(keys), "up"),
  },
  {
    press: "Alt ↓",
    words: "to the row below, or a new one",
    matches: alt("ArrowDown"),
    run: (board, keys) => nudge(board, first(keys), "down"),
  },
  {
    press: "Alt Shift ↑",
    words: "to the lane above, as a row",
    matches: alt("ArrowUp", true),
    run: (board, keys) => toLane(board, keys, -1),
  },
  {
    press: "Alt Shift ↓",
    words: "to the lane below, or the shelf",
    matches: alt("ArrowDown", true),
    run: (board, keys) => toLane(board, keys, 1),
  },
  {
    press: "P",
    words: "in parallel with the panel before it",
    matches: letter("p"),
    run: (board, keys) => besideBefore(board, first(keys)),
  },
  {
    press: "Delete",
    words: "to the shelf",
    matches: (event) => plain(event) && (event.key === "Delete" || event.key === "Backspace"),
    run: (board, keys) => put(board, keys, { type: "shelf" }),
  },
  {
    press: "X",
    words: "split the row before it",
    matches: letter("x"),
    run: (board, keys) => split(board, first(keys)),
  },
  {
    press: "J",
    words: "join its row to the one above",
    matches: letter("j"),
    run: (board, keys) => merge(board, first(keys)),
  },
  { press: "C", words: "copy its row", matches: letter("c"), run: (board, keys) => copy(board, first(keys)) },
  {
    press: "D",
    words: "blocking diode in its row, or none",
    matches: letter("d"),
    run: (board, keys) => diode(board, first(keys)),
  },
  {
    press: "S",
    words: "stowed, or out again",
    matches: letter("s"),
    run: (board, keys) => toggleStowed(board, keys),
  },
  {
    press: "O",
    words: "taken out, or back in",
    matches: letter("o"),
    run: (board, keys) => toggleTakenOut(board, keys),
  },
  {
    press: "T",
    words: "tilt 15° towards the noon sun",
    matches: letter("t"),
    run: (board, keys) => tiltBy(board, keys, 15),
  },
  {
    press: "Shift T",
    words: "tilt 15° away from it",
    matches: letter("t", true),
    run: (board, keys) => tiltBy(board, keys, -15),
  },
  {
    press: "1 … 9",
    words: "shade that substring, or clear it",
    matches: (event) => plain(event) && /^[1-9]$/.test(event.key),
    run: (board, keys, event, substringsOf) =>
      toggleShade(board, first(keys), Number(event.key) - 1, substringsOf(first(keys))),
  },
  {
    press: "+",
    words: "one more of its kind in the plan",
    matches: (event) => plain(event) && event.key === "+",
    run: (board, keys) => countBy(board, partsOfKey(first(keys)).panelId, 1),
  },
  {
    press: "−",
    words: "one fewer of its kind",
    matches: (event) => plain(event) && event.key === "-",
    run: (board, keys) => countBy(board, partsOfKey(first(keys)).panelId, -1),
  },
  {
    press: "0",
    words: "no shade",
    matches: (event) => plain(event) && event.key === "0",
    run: (board, keys) => setStands(board, keys, { light: [1] }, "in full light"),
  },
];

/** Keys that move about and select, told with the others. */
export const moveKeys: readonly { readonly press: string; readonly words: string }[] = [
  { press: "← → ↑ ↓", words: "go to the next panel that way" },
  { press: "Space", words: "select it, or not" },
  { press: "Enter", words: "select it alone" },
  { press: "Ctrl A", words: "select its whole row" },
  { press: "F", words: "fill its lane by number" },
  { press: "Escape", words: "stop dragging; select nothing" },
  { press: "Ctrl Z", words: "undo" },
  { press: "Ctrl Shift Z", words: "redo" },
  { press: "Alt 1 … 9", words: "go to a step of the trail" },
  { press: "Ctrl K", words: "find any action by name" },
  { press: "?", words: "show this list" },
];
