"use client";

import Autocomplete from "@mui/material/Autocomplete";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import TextField from "@mui/material/TextField";
import { boardKeys, type BoardKey } from "./keys";

type Props = { readonly onClose: () => void; readonly selected: number; readonly onRun: (action: BoardKey) => void };

/** Any board action found by its name, for the panels selected. */
export function Palette({ onClose, selected, onRun }: Props) {
  return (
    <Dialog open onClose={onClose} transitionDuration={0} aria-label="Find a board action" fullWidth maxWidth="sm">
      <DialogContent>
        <Autocomplete
          open
          autoHighlight
          // a digit needs to say which substring; the buttons and keys do that
          options={boardKeys.filter(({ press }) => press !== "1 … 9")}
          getOptionLabel={({ words, press }) => `${words} (${press})`}
          onChange={(_, action) => {
            onClose();
            if (action !== null) onRun(action);
          }}
          renderInput={(params) => <TextField {...params} autoFocus label={selected === 0 ? "Select a panel first; then, do what?" : `With ${selected === 1 ? "the panel" : `the ${selected} panels`} selected: do what?`} />}
        />
      </DialogContent>
    </Dialog>
  );
}
