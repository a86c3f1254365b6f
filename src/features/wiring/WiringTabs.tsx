"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import OutlinedInput from "@mui/material/OutlinedInput";
import { Copy, PencilLine, Sprout, Trash2 } from "lucide-react";
import { useId, useState } from "react";
import { useDesk, useDeskState, wiringOf } from "@/features/plan-session";
import { FieldLabel, newId, TextLine } from "@/ui";
import { copyWiring, maxWirings, removeWiring, showWiring } from "./wirings";
import { wiringTabsTexts } from "@/messages/en/wiring/view";

const maxNote = 5000;

type Props = {
  readonly comparing: boolean;
  readonly onCompare: (comparing: boolean) => void;
  readonly finding: boolean;
  readonly onFind: (finding: boolean) => void;
};

/** The named wirings of the same panels; one is on the board. */
export function WiringTabs({ comparing, onCompare, finding, onFind }: Props) {
  const desk = useDesk();
  // names only: the tabs are not drawn again when panels move
  const named = useDeskState((state) =>
    JSON.stringify(state.history.present.wirings.map(({ id, name, note }) => ({ id, name, note }))),
  );
  const wirings = JSON.parse(named) as { id: string; name: string; note: string }[];
  const currentId = useDeskState((state) => wiringOf(state).id);
  const wiring = wirings.find(({ id }) => id === currentId) ?? { id: currentId, name: "", note: "" };
  const [writing, setWriting] = useState(false);
  const noteId = useId();
  return (
    <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center" }}>
      <Box
        role="group"
        aria-label={wiringTabsTexts.wiringsOfThesePanels}
        sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}
      >
        {wirings.map(({ id, name }) => (
          <Button
            key={id}
            size="small"
            variant={id === wiring.id ? "contained" : "outlined"}
            aria-pressed={id === wiring.id}
            onClick={() => showWiring(desk, id)}
          >
            {name}
          </Button>
        ))}
      </Box>
      <Box sx={{ display: "flex", alignItems: "center", gap: 0.5 }}>
        <Button
          size="small"
          variant={finding ? "contained" : "outlined"}
          aria-pressed={finding}
          title={wiringTabsTexts.findTheBestWiringsOfThesePanels}
          startIcon={<Sprout size={16} />}
          onClick={() => onFind(!finding)}
        >
          {wiringTabsTexts.bestWirings}
        </Button>
        <IconButton
          aria-label={wiringTabsTexts.editNameAndNoteOfThisWiring}
          title={wiringTabsTexts.editNameAndNoteOfThisWiring}
          aria-expanded={writing}
          aria-controls={noteId}
          onClick={() => setWriting(!writing)}
        >
          <PencilLine size={16} />
        </IconButton>
        {wirings.length > 1 && (
          <Button
            size="small"
            variant={comparing ? "contained" : "outlined"}
            aria-pressed={comparing}
            title={wiringTabsTexts.compareTheWiringsAltC}
            onClick={() => onCompare(!comparing)}
          >
            {wiringTabsTexts.compare}
          </Button>
        )}
        <IconButton
          aria-label={wiringTabsTexts.copyThisWiring}
          title={wiringTabsTexts.copyThisWiringAltN}
          disabled={wirings.length >= maxWirings}
          onClick={() => copyWiring(desk, newId())}
        >
          <Copy size={16} />
        </IconButton>
        <IconButton
          aria-label={wiringTabsTexts.deleteThisWiring}
          title={wiringTabsTexts.deleteThisWiringUndoBringsItBack}
          disabled={wirings.length === 1}
          onClick={() => removeWiring(desk)}
        >
          <Trash2 size={16} />
        </IconButton>
      </Box>
      {/* on a phone the board comes first: the note is a press away */}
      <Box
        id={noteId}
        sx={{ flex: "1 1 300px", minWidth: 0, display: { xs: writing ? "block" : "none", sm: "block" } }}
      >
        {writing ? (
          <Written wiring={wiring} onDone={() => setWriting(false)} />
        ) : (
          wiring.note !== "" && (
            <Box
              component="button"
              type="button"
              aria-label={wiringTabsTexts.noteOnThisWiringNote(wiring.note)}
              onClick={() => setWriting(true)}
              sx={{
                all: "unset",
                boxSizing: "border-box",
                cursor: "text",
                display: "block",
                width: "100%",
                overflow: "hidden",
                textOverflow: "ellipsis",
                whiteSpace: "nowrap",
                fontSize: "0.875rem",
                fontStyle: "italic",
                lineHeight: "36px",
                "@media (pointer: coarse)": { lineHeight: "44px" },
                "&:focus-visible": { outline: "3px solid var(--focus, var(--amber-deep))" },
              }}
            >
              {wiring.note}
            </Box>
          )
        )}
      </Box>
    </Box>
  );
}

type WrittenProps = {
  readonly wiring: { readonly id: string; readonly name: string; readonly note: string };
  readonly onDone: () => void;
};

/** Name and note of a wiring, to be written; read only until they are asked for. */
function Written({ wiring, onDone }: WrittenProps) {
  const desk = useDesk();
  return (
    <Box
      onKeyDown={({ key }) => (key === "Enter" || key === "Escape") && onDone()}
      sx={{ display: "flex", gap: 1, maxWidth: 640 }}
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
