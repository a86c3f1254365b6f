"use client";

import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import Select from "@mui/material/Select";
import { useId } from "react";

type Props<T extends string> = {
  readonly label: string;
  readonly value: T | "";
  readonly options: readonly { readonly value: T; readonly text: string }[];
  readonly onChoice: (value: T) => void;
  readonly onFocus?: () => void;
  readonly help?: string;
  readonly placeholder?: string;
  /** the label is for those who do not see; the placeholder says it to the others */
  readonly labelHidden?: boolean;
};

/** One choice out of a few, with its label above it like every other field. */
export function ChoiceField<T extends string>({
  label,
  value,
  options,
  onChoice,
  onFocus,
  help,
  placeholder,
  labelHidden = false,
}: Props<T>) {
  const id = useId();
  return (
    <Box sx={{ minWidth: 0 }}>
      <Box
        component="label"
        id={`${id}-label`}
        className={labelHidden ? "visually-hidden" : undefined}
        sx={{ display: "block", fontSize: "0.8125rem", fontWeight: 600, mb: "2px" }}
      >
        {label}
      </Box>
      <Select
        size="small"
        fullWidth
        displayEmpty
        value={value}
        labelId={`${id}-label`}
        onFocus={onFocus}
        onChange={(event) => {
          const chosen = options.find((option) => option.value === event.target.value);
          if (chosen !== undefined) onChoice(chosen.value);
        }}
        renderValue={(chosen) => options.find((option) => option.value === chosen)?.text ?? placeholder ?? ""}
        SelectDisplayProps={{ "aria-describedby": `${id}-help` }}
      >
        {options.map((option) => (
          <MenuItem key={option.value} value={option.value}>
            {option.text}
          </MenuItem>
        ))}
      </Select>
      <span id={`${id}-help`} className="visually-hidden">
        {help}
      </span>
    </Box>
  );
}
