"use client";

import Button from "@mui/material/Button";
import { format } from "date-fns";
import { LeftLine, UnsavedList } from "@/ui";
import { type LeftSheet } from "./useShelf";
import { leftSheetsTexts } from "@/messages/en/library/view";

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
                <strong>“{document.name}”</strong>{" "}
                {leftSheetsTexts.wasLeftUnsavedAtTimeMadeFrom(format(atMs, "HH:mm, d MMMM"), revision)}
                {there ? "." : leftSheetsTexts.theEntryHasSinceBeenDeletedFrom}
              </>
            }
            keys={
              <>
                {there ? (
                  <Button variant="contained" size="small" onClick={() => onOpen(documentId)}>
                    {leftSheetsTexts.openName(document.name)}
                  </Button>
                ) : (
                  <Button variant="contained" size="small" onClick={() => onKeep(draft)}>
                    {leftSheetsTexts.saveAsANewEntry}
                  </Button>
                )}
                <Button variant="outlined" size="small" onClick={() => onDiscard(key)}>
                  {leftSheetsTexts.discardChanges}
                </Button>
              </>
            }
          />
        );
      })}
    </UnsavedList>
  );
}
