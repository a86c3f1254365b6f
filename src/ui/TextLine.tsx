"use client";

import Box from "@mui/material/Box";
import OutlinedInput from "@mui/material/OutlinedInput";
import { useId, useState } from "react";
import { FieldLabel } from "./FieldLabel";
import { textLineTexts } from "@/messages/en/ui/view";

type Props = {
  readonly label: string;
  readonly value: string;
  readonly most: number;
  readonly onValue: (value: string) => void;
  readonly onDone: () => void;
  readonly onFocus?: () => void;
};

/** A short text that may not be empty, such as a name. */
export function TextLine({ label, value, most, onValue, onDone, onFocus }: Props) {
  const id = useId();
  const [draft, setDraft] = useState<{ text: string; from: string } | null>(null);
  const text = draft !== null && draft.from === value ? draft.text : value;
  const tidy = text.trim();
  const error =
    tidy === ""
      ? textLineTexts.labelIsRequiredStillUsingValue(label, value)
      : tidy.length > most
        ? textLineTexts.labelHasTidyCountCharacters(label, tidy.length, most, value)
        : null;
  return (
    <Box sx={{ minWidth: 0 }}>
      <FieldLabel htmlFor={id}>{label}</FieldLabel>
      <OutlinedInput
        id={id}
        fullWidth
        size="small"
        value={text}
        error={error !== null}
        onFocus={onFocus}
        onBlur={() => {
          if (error === null) setDraft(null);
          onDone();
        }}
        onChange={(event) => {
          const next = event.target.value.trim();
          const usable = next !== "" && next.length <= most;
          setDraft({ text: event.target.value, from: usable ? next : value });
          if (usable) onValue(next);
        }}
        inputProps={{ autoComplete: "off", "aria-invalid": error !== null, "aria-describedby": `${id}-error` }}
      />
      <Box
        id={`${id}-error`}
        role={error === null ? undefined : "alert"}
        sx={{ color: "error.main", fontSize: "0.8125rem", fontWeight: 600 }}
      >
        {error}
      </Box>
    </Box>
  );
}
