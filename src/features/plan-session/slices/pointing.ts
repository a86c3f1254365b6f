import { type PanelKey } from "@/core/engine/array";

/** What is pointed at, selected and unfolded. */
export type PointingSlice = {
  /** The finding pointed at, whose panels and curves are lit. */ readonly litFinding: string | null;
  /** The finding somebody looked for, shown in the ledger though rules that pass are folded. */
  readonly soughtFinding: string | null;
  /** Panels selected on the board. */ readonly selected: readonly PanelKey[];
  /** The last board action, in words, for those who do not see it. */ readonly said: string;
  readonly ledgerOpen: boolean;
  /** The term the glossary is open at. */ readonly glossaryTerm: string | null;
};

export const pointingAtNothing: PointingSlice = {
  litFinding: null,
  soughtFinding: null,
  selected: [],
  said: "",
  ledgerOpen: false,
  glossaryTerm: null,
};
