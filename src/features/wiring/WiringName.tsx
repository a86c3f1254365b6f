"use client";

import Box from "@mui/material/Box";
import OutlinedInput from "@mui/material/OutlinedInput";
import { useId } from "react";
import { useDesk } from "@/features/plan-session";
import { wiringTabsTexts } from "@/messages/en/wiring/view";
import { FieldLabel, TextLine } from "@/ui";

const maxNote = 5000;

type Props = {
  readonly wiring: { readonly id: string; readonly name: string; readonly note: string };
  readonly onDone: () => void;
};

/** Name and note of a wiring, to be written. */
export function WiringName({ wiring, onDone }: Props) {
  const desk = useDesk();
  return (
    <Box
      onKeyDown={({ key }) => (key === "Enter" || key === "Escape") && onDone()}
      sx={{ display: "flex", gap: 1, maxWidth: 640, mb: 1.5 }}
    >
      <Box sx={{ flex: { xs: "0 0 130px", sm: "0 0 170px" } }}>
        <TextLine
          key={wiring.id}
          label={wiringTabsTexts.nameOfThisWiring}
          value={wiring.name}
          most={80}
          onValue={(name) =>
            desk.change({ type: "setWiring", wiringId: wiring.id, patch: { name } }, `wiring:${wiring.id}:name`)
          }
          onDone={desk.endGesture}
        />
      </Box>
      <Box sx={{ flex: "1 1 150px" }}>
        <NoteLine
          key={`note ${wiring.id}`}
          note={wiring.note}
          onNote={(note) =>
            desk.change({ type: "setWiring", wiringId: wiring.id, patch: { note } }, `wiring:${wiring.id}:note`)
          }
          onDone={desk.endGesture}
        />
      </Box>
    </Box>
  );
}

/** What to know when changing to this wiring; may be empty, unlike a name. */
function NoteLine({ note, onNote, onDone }: { note: string; onNote: (note: string) => void; onDone: () => void }) {
  const id = useId();
  return (
    <Box>
      <FieldLabel htmlFor={id}>{wiringTabsTexts.noteOnThisWiring}</FieldLabel>
      <OutlinedInput
        id={id}
        size="small"
        fullWidth
        value={note}
        placeholder={wiringTabsTexts.whichConnectorsMoveWhatToWatch}
        onChange={(event) => onNote(event.target.value)}
        onBlur={onDone}
        inputProps={{ maxLength: maxNote }}
        sx={{ "& input::placeholder": { color: "text.secondary", opacity: 1, fontStyle: "italic" } }}
      />
    </Box>
  );
}
