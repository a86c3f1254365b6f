"use client";

import Box from "@mui/material/Box";
import OutlinedInput from "@mui/material/OutlinedInput";
import { useId } from "react";

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
      <Box component="label" htmlFor={id} sx={{ display: "block", fontSize: "0.8125rem", fontWeight: 600, mb: "2px" }}>
        {label}
      </Box>
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
