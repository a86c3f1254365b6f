"use client";

import Box from "@mui/material/Box";
import OutlinedInput from "@mui/material/OutlinedInput";
import { useId } from "react";
import { FieldLabel } from "./FieldLabel";

type Props = {
  readonly label: string;
  readonly value: string;
  readonly most: number;
  readonly onValue: (value: string) => void;
  readonly onDone?: () => void;
  readonly placeholder?: string;
};

/** A short text that may be left empty. */
export function FreeLine({ label, value, most, onValue, onDone, placeholder }: Props) {
  const id = useId();
  return (
    <Box sx={{ minWidth: 0 }}>
      <FieldLabel htmlFor={id}>{label}</FieldLabel>
      <OutlinedInput
        id={id}
        fullWidth
        size="small"
        value={value}
        placeholder={placeholder ?? ""}
        onChange={({ target }) => onValue(target.value)}
        onBlur={onDone}
        inputProps={{ autoComplete: "off", maxLength: most }}
      />
    </Box>
  );
}
