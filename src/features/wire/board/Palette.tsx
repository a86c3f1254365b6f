"use client";

import Autocomplete from "@mui/material/Autocomplete";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import TextField from "@mui/material/TextField";
import { stopKeys, type StopKey } from "../stop-keys";
import { boardKeys, type BoardKey } from "./keys";

type Props = {
  readonly onClose: () => void;
  readonly selected: number;
  readonly onPanels: (action: BoardKey) => void;
  readonly onStop: (action: StopKey) => void;
};

type Found = {
  readonly of: string;
  readonly press: string;
  readonly words: string;
  readonly run: (props: Props) => void;
};

/** Everything that has a key; a digit needs to say which substring, and the buttons and keys do that. */
const found: readonly Found[] = [
  ...boardKeys
    .filter(({ press }) => press !== "1 … 9")
    .map((action) => ({
      of: "The panels selected",
      press: action.press,
      words: action.words,
      run: ({ onPanels }: Props) => onPanels(action),
    })),
  ...stopKeys.map((action) => ({
    of: "The wiring",
    press: action.press,
    words: action.words,
    run: ({ onStop }: Props) => onStop(action),
  })),
];

/** Any action found by its name. */
export function Palette(props: Props) {
  const { onClose, selected } = props;
  return (
    <Dialog
      open
      onClose={onClose}
      // the list inside would keep Escape for itself
      onKeyDownCapture={({ key }) => key === "Escape" && onClose()}
      transitionDuration={0}
      aria-label="Find a board action"
      fullWidth
      maxWidth="sm"
    >
      {/* above the list, which lies over all that is below the field */}
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
      <DialogContent>
        <Autocomplete
          open
          autoHighlight
          options={found}
          groupBy={({ of }) => of}
          getOptionLabel={({ words, press }) => `${words} (${press})`}
          onChange={(_, action) => {
            onClose();
            action?.run(props);
          }}
          renderInput={(params) => (
            <TextField
              {...params}
              autoFocus
              label={
                selected === 0
                  ? "No panel is selected: do what?"
                  : `With ${selected === 1 ? "the panel" : `the ${selected} panels`} selected: do what?`
              }
            />
          )}
        />
      </DialogContent>
    </Dialog>
  );
}
