"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { BookmarkPlus } from "lucide-react";
import Link from "next/link";
import { useState } from "react";
import { PickList, Region } from "@/ui";
import { type LibraryState } from "./useLibrary";
import { librarySheetTexts } from "@/messages/en/plan-session/view";

type Props<T> = {
  readonly shelf: "panels" | "inputs";
  readonly label: string;
  readonly state: LibraryState<T>;
  readonly emptyWords: string;
  readonly detail: (record: T) => string;
  readonly onTake: (record: T) => void;
};

/** A shelf of the library to take from; says so when it is empty or out of reach. */
export function LibrarySheet<T extends { readonly id: string; readonly sheet: { readonly name: string } }>({
  shelf,
  label,
  state,
  emptyWords,
  detail,
  onTake,
}: Props<T>) {
  const records = state.type === "ready" ? state.records : [];
  return (
    <Region
      title={librarySheetTexts.library}
      flush
      aside={
        <Box
          component={Link}
          href={`/library/${shelf}`}
          prefetch={false}
          sx={{
            color: "inherit",
            fontSize: "0.8125rem",
            minHeight: 36,
            display: "inline-flex",
            alignItems: "center",
            "@media (pointer: coarse)": { minHeight: 44 },
          }}
        >
          {librarySheetTexts.openTheLibrary}
        </Box>
      }
    >
      {state.type === "fault" && (
        <Box role="alert" sx={{ p: 1.5, fontSize: "0.875rem" }}>
          {state.message}
        </Box>
      )}
      {state.type === "ready" && records.length === 0 && <Box sx={{ p: 1.5, fontSize: "0.875rem" }}>{emptyWords}</Box>}
      <Box sx={{ maxHeight: 300, overflowY: "auto" }}>
        <PickList
          label={label}
          items={records.map((record) => ({ id: record.id, name: record.sheet.name, detail: detail(record) }))}
          chosen={null}
          onChoose={(id) => {
            const record = records.find((candidate) => candidate.id === id);
            if (record !== undefined) onTake(record);
          }}
        />
      </Box>
    </Region>
  );
}

/** Puts what is on screen on the shelf, and says whether it is there. */
export function KeepInLibrary({ keep }: { keep: () => Promise<string | null> }) {
  const [word, setWord] = useState<string | null>(null);
  return (
    <Box sx={{ display: "flex", alignItems: "center", gap: 1 }}>
      <Box role="status" sx={{ fontSize: "0.8125rem" }}>
        {word}
      </Box>
      <Button
        size="small"
        startIcon={<BookmarkPlus size={16} />}
        onClick={() => void keep().then((fault) => setWord(fault ?? librarySheetTexts.savedToTheLibrary))}
      >
        {librarySheetTexts.saveToTheLibrary}
      </Button>
    </Box>
  );
}
