import { besideBefore, nudge, put, toPortArray } from "./move-commands";
import { setStands, tiltBy, toggleShade, toggleStowed, toggleTakenOut } from "./stand-commands";
import { partsOfKey, type PanelKey } from "@/core/engine/array";
import { type Board, copy, countBy, diode, merge, type Outcome, split } from "./commands";
import { shortcutsTexts } from "@/messages/en/string-board/view";

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
    words: shortcutsTexts.onePlaceToTheLeftInItsString,
    matches: alt("ArrowLeft"),
    run: (board, keys) => nudge(board, first(keys), "left"),
  },
  {
    press: "Alt →",
    words: shortcutsTexts.onePlaceToTheRightInItsString,
    matches: alt("ArrowRight"),
    run: (board, keys) => nudge(board, first(keys), "right"),
  },
  {
    press: "Alt ↑",
    words: shortcutsTexts.toTheStringAboveOrANewOneFromThe,
    matches: alt("ArrowUp"),
    run: (board, keys) => nudge(board, first(keys), "up"),
  },
  {
    press: "Alt ↓",
    words: shortcutsTexts.toTheStringBelowOrANewOne,
    matches: alt("ArrowDown"),
    run: (board, keys) => nudge(board, first(keys), "down"),
  },
  {
    press: "Alt Shift ↑",
    words: shortcutsTexts.toThePvInputAboveAsAString,
    matches: alt("ArrowUp", true),
    run: (board, keys) => toPortArray(board, keys, -1),
  },
  {
    press: "Alt Shift ↓",
    words: shortcutsTexts.toThePvInputBelowOrTheShelf,
    matches: alt("ArrowDown", true),
    run: (board, keys) => toPortArray(board, keys, 1),
  },
  {
    press: "P",
    words: shortcutsTexts.inParallelWithThePanelBeforeIt,
    matches: letter("p"),
    run: (board, keys) => besideBefore(board, first(keys)),
  },
  {
    press: "Delete",
    words: shortcutsTexts.toTheShelf,
    matches: (event) => plain(event) && (event.key === "Delete" || event.key === "Backspace"),
    run: (board, keys) => put(board, keys, { type: "shelf" }),
  },
  {
    press: "X",
    words: shortcutsTexts.splitTheStringBeforeIt,
    matches: letter("x"),
    run: (board, keys) => split(board, first(keys)),
  },
  {
    press: "J",
    words: shortcutsTexts.joinItsStringToTheOneAbove,
    matches: letter("j"),
    run: (board, keys) => merge(board, first(keys)),
  },
  {
    press: "C",
    words: shortcutsTexts.copyItsString,
    matches: letter("c"),
    run: (board, keys) => copy(board, first(keys)),
  },
  {
    press: "D",
    words: shortcutsTexts.addABlockingDiodeToItsStringOr,
    matches: letter("d"),
    run: (board, keys) => diode(board, first(keys)),
  },
  {
    press: "S",
    words: shortcutsTexts.stowOrUseAgain,
    matches: letter("s"),
    run: (board, keys) => toggleStowed(board, keys),
  },
  {
    press: "O",
    words: shortcutsTexts.bypassOrPutBack,
    matches: letter("o"),
    run: (board, keys) => toggleTakenOut(board, keys),
  },
  {
    press: "T",
    words: shortcutsTexts.tilt15TowardsTheNoonSun,
    matches: letter("t"),
    run: (board, keys) => tiltBy(board, keys, 15),
  },
  {
    press: "Shift T",
    words: shortcutsTexts.tilt15AwayFromTheNoonSun,
    matches: letter("t", true),
    run: (board, keys) => tiltBy(board, keys, -15),
  },
  {
    press: "1 … 9",
    words: shortcutsTexts.shadeThatCellGroupOrResetIt,
    matches: (event) => plain(event) && /^[1-9]$/.test(event.key),
    run: (board, keys, event, substringsOf) =>
      toggleShade(board, first(keys), Number(event.key) - 1, substringsOf(first(keys))),
  },
  {
    press: "+",
    words: shortcutsTexts.oneMoreOfItsKindInThePlan,
    matches: (event) => plain(event) && event.key === "+",
    run: (board, keys) => countBy(board, partsOfKey(first(keys)).panelId, 1),
  },
  {
    press: "−",
    words: shortcutsTexts.oneFewerOfItsKind,
    matches: (event) => plain(event) && event.key === "-",
    run: (board, keys) => countBy(board, partsOfKey(first(keys)).panelId, -1),
  },
  {
    press: "0",
    words: "no shade",
    matches: (event) => plain(event) && event.key === "0",
    run: (board, keys) => setStands(board, keys, { light: [1] }, shortcutsTexts.inFullSun),
  },
];

/** Keys that move about and select, told with the others. */
export const moveKeys: readonly { readonly press: string; readonly words: string }[] = [
  { press: "← → ↑ ↓", words: shortcutsTexts.goToTheNextPanelInThatDirection },
  { press: "Space", words: shortcutsTexts.selectOrDeselectIt },
  { press: "Enter", words: shortcutsTexts.selectOnlyThisPanel },
  { press: "Ctrl A", words: shortcutsTexts.selectItsWholeString },
  { press: "F", words: shortcutsTexts.fillItsPvInputByNumber },
  { press: "Escape", words: shortcutsTexts.cancelDraggingDeselect },
  { press: "Ctrl Z", words: "undo" },
  { press: "Ctrl Shift Z", words: "redo" },
  { press: "Alt 1 … 9", words: shortcutsTexts.goToAStep },
  { press: "Ctrl K", words: shortcutsTexts.findAnyCommandByName },
  { press: "?", words: shortcutsTexts.showThisList },
];
