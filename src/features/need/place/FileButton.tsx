"use client";

import Box from "@mui/material/Box";
import { useRef } from "react";
import { TextButton } from "@/ui";

/** What was said of a file: a word of progress, or what is wrong with it. */
export type Said = { readonly words: string; readonly wrong: boolean };

type Props = {
  readonly words: string;
  /** What the picker is called. */ readonly label: string;
  readonly accept: string;
  readonly onFile: (file: File) => void;
};

/** A button that opens a file; the same file may be opened again. */
export function FileButton({ words, label, accept, onFile }: Props) {
  const picker = useRef<HTMLInputElement>(null);
  return (
    <>
      <TextButton onClick={() => picker.current?.click()}>{words}</TextButton>
      <input
        ref={picker}
        type="file"
        accept={accept}
        aria-label={label}
        hidden
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file !== undefined) onFile(file);
        }}
      />
    </>
  );
}

/** What was said of a file, or else what holds without one. */
export function FileSaid({ said, otherwise = "" }: { said: Said | null; otherwise?: string }) {
  const wrong = said?.wrong === true;
  return (
    <Box aria-live="polite" role={wrong ? "alert" : undefined} sx={{ color: wrong ? "error.main" : undefined }}>
      {said?.words ?? otherwise}
    </Box>
  );
}
