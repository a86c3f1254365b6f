"use client";

import Button from "@mui/material/Button";
import { format } from "date-fns";
import { LeftLine, UnsavedList } from "@/ui";
import { type LeftSheet } from "./useShelf";

type Props<Sheet> = {
  readonly left: readonly LeftSheet<Sheet>[];
  readonly onShelf: (id: string) => boolean;
  readonly onOpen: (id: string) => void;
  readonly onKeep: (draft: LeftSheet<Sheet>) => void;
  readonly onDiscard: (key: string) => void;
};

/** Sheets that were typed and never saved; nothing goes until the person says so. */
export function LeftSheets<Sheet extends { readonly name: string }>(props: Props<Sheet>) {
  const { left, onShelf, onOpen, onKeep, onDiscard } = props;
  if (left.length === 0) return null;
  return (
    <UnsavedList>
      {left.map((draft) => {
        const { key, documentId, revision, atMs, document } = draft;
        const there = onShelf(documentId);
        return (
          <LeftLine
            key={key}
            words={
              <>
                <strong>“{document.name}”</strong> was left unsaved at {format(atMs, "HH:mm, d MMMM")}, made from
                revision {revision}
                {there ? "." : "; its sheet is gone from the shelf since."}
              </>
            }
            keys={
              <>
                {there ? (
                  <Button variant="contained" size="small" onClick={() => onOpen(documentId)}>
                    Open “{document.name}”
                  </Button>
                ) : (
                  <Button variant="contained" size="small" onClick={() => onKeep(draft)}>
                    Save as a new sheet
                  </Button>
                )}
                <Button variant="outlined" size="small" onClick={() => onDiscard(key)}>
                  Discard
                </Button>
              </>
            }
          />
        );
      })}
    </UnsavedList>
  );
}
