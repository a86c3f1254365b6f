"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { boardKeys, moveKeys } from "./shortcuts";
import { keyListTexts } from "@/messages/en/string-board/view";

type Props = { readonly around: readonly AroundKey[]; readonly onClose: () => void };

/** A key beside the board, with what it does. */
export type AroundKey = { readonly press: string; readonly words: string; readonly run: () => void };

/** Every key of the board and what it does. */
export function KeyList({ around, onClose }: Props) {
  return (
    <Dialog open onClose={onClose} transitionDuration={0} aria-labelledby="key-list-title" maxWidth="md">
      <DialogTitle id="key-list-title">{keyListTexts.keysOfTheStringBoard}</DialogTitle>
      <DialogContent>
        <Box component="p" sx={{ mt: 0 }}>
          {keyListTexts.withTheFocusOnAPanelSelected}
        </Box>
        <Keys keys={[...moveKeys, ...boardKeys]} />
        {around.length > 0 && (
          <>
            <Box component="p" sx={{ mb: 1 }}>
              {keyListTexts.anywhereOnThisStepExceptInAText}
            </Box>
            <Keys keys={around} />
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{keyListTexts.close}</Button>
      </DialogActions>
    </Dialog>
  );
}

function Keys({ keys }: { keys: readonly { readonly press: string; readonly words: string }[] }) {
  return (
    <Box
      component="dl"
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "110px 1fr", md: "110px 1fr 110px 1fr" },
        columnGap: 2,
        stringGap: 0.375,
        m: 0,
        fontSize: "0.875rem",
      }}
    >
      {keys.map(({ press, words }) => [
        <Box component="dt" key={`${press} key`} sx={{ fontWeight: 700 }}>
          <kbd>{press}</kbd>
        </Box>,
        <Box component="dd" key={`${press} words`} sx={{ m: 0 }}>
          {words}
        </Box>,
      ])}
    </Box>
  );
}
