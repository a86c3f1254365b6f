"use client";

import Box from "@mui/material/Box";
import OutlinedInput from "@mui/material/OutlinedInput";
import { useId, useState } from "react";
import { FieldLabel } from "./FieldLabel";

type Props = {
  readonly label: string;
  /** As the calendar of this place writes it: 2026-07-01, with a time of the day 2026-07-01T08:30. */ readonly value: string;
  readonly withTime?: boolean;
  readonly disabled?: boolean;
  readonly onValue: (value: string) => void;
  readonly onDone?: () => void;
};

/**
 * A day of the calendar, taken when one leaves the field or presses Enter: typed key by key it passes other days, and what is half
 * typed is none. Then the one of before holds.
 */
export function DayField({ label, value, withTime = false, disabled = false, onValue, onDone }: Props) {
  const id = useId();
  const [draft, setDraft] = useState<string | null>(null);
  const take = () => {
    if (draft === null) return;
    setDraft(null);
    if (isWhole(draft)) onValue(draft);
    onDone?.();
  };
  return (
    <Box sx={{ minWidth: 0 }}>
      <FieldLabel htmlFor={id}>{label}</FieldLabel>
      <OutlinedInput
        id={id}
        type={withTime ? "datetime-local" : "date"}
        size="small"
        fullWidth
        value={draft ?? value}
        disabled={disabled}
        onChange={({ target }) => setDraft(target.value)}
        onBlur={take}
        onKeyDown={({ key }) => {
          if (key === "Enter") take();
        }}
      />
    </Box>
  );
}

/** Of a day that is not there yet nothing is told; a year half typed reads as one long ago: 2, 20 and 202 on the way to 2026. */
function isWhole(day: string): boolean {
  return /^[1-9]\d{3}-/.test(day);
}
