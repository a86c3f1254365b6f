import { skyNames } from "@/core/engine/sky";
import { type Desk } from "@/features/plan-session";
import { applyFirstFix } from "@/features/checks";
import { stepPosition } from "./positions";
import { copyWiring, stepWiring } from "./wirings";
import { stepShortcutsTexts } from "@/messages/en/wiring/view";

type Parts = {
  readonly desk: Desk;
  readonly newId: () => string;
  readonly toggleCompare: () => void;
  readonly toggleFind: () => void;
};

/** A key of the whole step: what to press, what it does, and the doing. */
export type StepShortcut = {
  readonly press: string;
  readonly words: string;
  readonly matches: (event: KeyboardEvent) => boolean;
  readonly run: (parts: Parts) => void;
};

// by the key's place: with Alt some keyboards write another letter. Alone, letters belong to the panel in focus and to fields
const alt =
  (letter: string, shift = false) =>
  (event: KeyboardEvent) =>
    event.altKey && !event.ctrlKey && !event.metaKey && event.shiftKey === shift && event.code === `Key${letter}`;

/** What can be done to the wiring as a whole. */
export const stepShortcuts: readonly StepShortcut[] = [
  { press: "Alt W", words: "next wiring", matches: alt("W"), run: ({ desk }) => stepWiring(desk, 1) },
  { press: "Alt Shift W", words: "wiring before", matches: alt("W", true), run: ({ desk }) => stepWiring(desk, -1) },
  {
    press: "Alt P",
    words: stepShortcutsTexts.nextPositionOfThePanels,
    matches: alt("P"),
    run: ({ desk }) => stepPosition(desk),
  },
  {
    press: "Alt N",
    words: stepShortcutsTexts.copyThisWiring,
    matches: alt("N"),
    run: ({ desk, newId }) => copyWiring(desk, newId()),
  },
  {
    press: "Alt C",
    words: stepShortcutsTexts.compareTheWiringsOrCloseThe,
    matches: alt("C"),
    run: ({ toggleCompare }) => toggleCompare(),
  },
  {
    press: "Alt A",
    words: stepShortcutsTexts.openOrCloseBestWirings,
    matches: alt("A"),
    run: ({ toggleFind }) => toggleFind(),
  },
  {
    press: "Alt S",
    words: "next sky",
    matches: alt("S"),
    run: ({ desk }) =>
      desk.set({ sky: skyNames[(skyNames.indexOf(desk.now().sky) + 1) % skyNames.length] ?? "brightNoon" }),
  },
  {
    press: "Alt L",
    words: stepShortcutsTexts.openChecks,
    matches: alt("L"),
    run: ({ desk }) => desk.set({ ledgerOpen: true }),
  },
  {
    press: "Alt M",
    words: stepShortcutsTexts.applyTheFirstFixInChecks,
    matches: alt("M"),
    run: ({ desk }) => applyFirstFix(desk),
  },
];
