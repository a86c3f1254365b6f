"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Drawer from "@mui/material/Drawer";
import IconButton from "@mui/material/IconButton";
import { Undo2, X } from "lucide-react";
import Link from "next/link";
import { type ReactNode, useEffect, useId, useState } from "react";
import { useStore } from "zustand";
import { type InputRecord, type PanelRecord, type ShelfClient } from "@/api";
import { LevelMark } from "@/ui";
import { createSheetEditor, type SheetEditor, type SheetSave } from "./sheet-editor";

type AnyRecord = PanelRecord | InputRecord;

type Props<Sheet, R> = {
  readonly record: R;
  readonly shelf: ShelfClient<Sheet, R>;
  readonly onSaved: (record: R) => void;
  readonly onClose: () => void;
  readonly onCopy: (sheet: Sheet) => void;
  readonly onRetire: (retired: boolean) => void;
  readonly children: (editor: SheetEditor<Sheet, R>, sheet: Sheet) => ReactNode;
};

/** A sheet of the library, open for editing beside the table. Saved by itself; Ctrl Z takes back. */
export function EditSheet<Sheet extends { readonly name: string }, R extends AnyRecord & { readonly sheet: Sheet }>({
  record,
  shelf,
  onSaved,
  onClose,
  onCopy,
  onRetire,
  children,
}: Props<Sheet, R>) {
  const titleId = useId();
  const [editor] = useState(() =>
    createSheetEditor<Sheet, R>({
      record,
      shelf,
      wait: (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
      saved: onSaved,
    }),
  );
  const { sheet, save, past } = useStore(editor.store);
  useEffect(() => {
    const leave = () => editor.flush();
    window.addEventListener("pagehide", leave);
    return () => window.removeEventListener("pagehide", leave);
  }, [editor]);
  const keys = (event: React.KeyboardEvent) => {
    if (!(event.ctrlKey || event.metaKey) || event.altKey || event.shiftKey || event.key.toLowerCase() !== "z") return;
    event.preventDefault();
    editor.undo();
  };
  return (
    <Drawer
      anchor="right"
      open
      transitionDuration={0}
      onClose={onClose}
      aria-labelledby={titleId}
      slotProps={{ paper: { sx: { width: "min(680px, 100vw)", borderLeft: "2px solid var(--ink)" } } }}
    >
      <Box onKeyDown={keys} sx={{ display: "grid", gap: 1.5, p: { xs: 1, md: 2 } }}>
        <Box sx={{ display: "flex", alignItems: "center", gap: 1 }}>
          <Box sx={{ flex: 1, minWidth: 0 }}>
            <Box
              component="h2"
              id={titleId}
              sx={{ fontFamily: "var(--font-display)", fontSize: "1.25rem", fontWeight: 600, m: 0 }}
            >
              {sheet.name}
            </Box>
            <Box
              role="status"
              data-save={save.type}
              sx={{
                fontSize: "0.8125rem",
                color: save.type === "fault" || save.type === "stale" ? "var(--stop)" : "text.secondary",
              }}
            >
              {saveWords(save)}
            </Box>
          </Box>
          <IconButton
            aria-label="Take back the last change"
            title="Take back the last change (Ctrl Z)"
            disabled={past.length === 0}
            onClick={editor.undo}
          >
            <Undo2 size={18} />
          </IconButton>
          <IconButton aria-label="Close the sheet" onClick={onClose}>
            <X size={18} />
          </IconButton>
        </Box>
        {save.type === "stale" && (
          <Box
            role="alert"
            sx={{
              display: "flex",
              gap: 1,
              alignItems: "center",
              flexWrap: "wrap",
              borderLeft: "6px solid var(--care)",
              pl: 1,
            }}
          >
            <LevelMark level="care" />
            <span>This sheet was changed elsewhere. Yours is on screen, not saved.</span>
            <Button size="small" variant="outlined" onClick={editor.takeTheirs}>
              Show theirs
            </Button>
            <Button size="small" variant="contained" onClick={editor.keepMine}>
              Keep mine
            </Button>
          </Box>
        )}
        {children(editor, sheet)}
        <Box
          component="section"
          aria-label="Used by"
          sx={{ borderTop: "1px solid var(--line)", pt: 1, fontSize: "0.875rem" }}
        >
          <strong>Used by: </strong>
          {record.usedBy.length === 0
            ? "no plan."
            : record.usedBy.map(({ id, name }, k) => (
                <span key={id}>
                  {k > 0 && ", "}
                  <Box component={Link} href={`/plan/${id}/wire`} prefetch={false} sx={{ color: "inherit" }}>
                    {name}
                  </Box>
                </span>
              ))}
          <Box sx={{ color: "text.secondary" }}>A plan holds its own copy: what you change here changes no plan.</Box>
        </Box>
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
          <Button variant="outlined" onClick={() => onCopy(sheet)}>
            Copy this sheet
          </Button>
          <Button variant="outlined" onClick={() => void editor.settled().then(() => onRetire(!record.retired))}>
            {record.retired ? "Bring it back" : "Retire it"}
          </Button>
        </Box>
      </Box>
    </Drawer>
  );
}

function saveWords(save: SheetSave<unknown>): string {
  switch (save.type) {
    case "saved":
      return "Saved";
    case "unsaved":
      return "Saving…";
    case "fault":
      return `Not saved: ${save.message}`;
    case "stale":
      return "Not saved: changed elsewhere";
  }
}
