"use client";

import Box from "@mui/material/Box";
import { TextButton } from "@/ui";

type Props<T extends string> = {
  readonly label: string;
  readonly options: readonly { readonly value: T; readonly text: string }[];
  readonly chosen: readonly T[];
  readonly onChosen: (chosen: T[]) => void;
};

/** Some of a few: each a button that stays pressed. */
export function CheckGroup<T extends string>({ label, options, chosen, onChosen }: Props<T>) {
  return (
    <Box role="group" aria-label={label}>
      <Box sx={{ fontSize: "0.8125rem", fontWeight: 600, mb: "2px" }}>{label}</Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5 }}>
        {options.map(({ value, text }) => {
          const pressed = chosen.includes(value);
          return (
            <TextButton
              key={value}
              aria-pressed={pressed}
              onClick={() =>
                onChosen(
                  options
                    .map((option) => option.value)
                    .filter((each) => (each === value ? !pressed : chosen.includes(each))),
                )
              }
            >
              {text}
            </TextButton>
          );
        })}
      </Box>
    </Box>
  );
}
