"use client";

import { visible } from "@/messages/en";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Drawer from "@mui/material/Drawer";
import IconButton from "@mui/material/IconButton";
import { Undo2, X } from "lucide-react";
import Link from "next/link";
import { type ReactNode, useId } from "react";
import { useStore } from "zustand";
import { type InputRecord, type PanelRecord } from "@/api";
import { needsAttention, useIsKept } from "@/features/sync";
import { saveWords } from "@/messages/en/sync/save";
import { type SheetEditor } from "./sheet-editor";
import { SheetStanding } from "./SheetStanding";
import { editSheetTexts } from "@/messages/en/library/view";

type Props<Sheet> = {
  readonly editor: SheetEditor<Sheet>;
  readonly record: PanelRecord | InputRecord;
  readonly fileText: (sheet: Sheet) => string;
  readonly onClose: () => void;
  readonly onCopy: (sheet: Sheet) => void;
  /** Told once a version was kept as a sheet of its own. */ readonly onNew: () => void;
  readonly onRetire: (retired: boolean) => void;
  readonly children: (sheet: Sheet) => ReactNode;
};

/** A sheet of the library, open for editing beside the table. Saved by itself; Ctrl Z takes back. */
export function EditSheet<Sheet extends { readonly name: string }>(props: Props<Sheet>) {
  const { editor, record, fileText, onClose, onCopy, onNew, onRetire, children } = props;
  const titleId = useId();
  const { history, save, revision, notice } = useStore(editor.store);
  const isKept = useIsKept();
  const sheet = history.present;
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
              {visible(sheet.name)}
            </Box>
            <Box
              role="status"
              data-save={save.type}
              sx={{
                fontSize: "0.8125rem",
                color: needsAttention(save) ? "var(--stop)" : "text.secondary",
              }}
            >
              {saveWords(save.type, revision, isKept)}
            </Box>
            {notice !== null && <Box sx={{ fontSize: "0.8125rem" }}>{notice}</Box>}
          </Box>
          <IconButton
            aria-label={editSheetTexts.undoTheLastChange}
            title={editSheetTexts.undoTheLastChangeCtrlZ}
            disabled={history.past.length === 0}
            onClick={editor.undo}
          >
            <Undo2 size={18} />
          </IconButton>
          <IconButton aria-label={editSheetTexts.closeThisEntry} onClick={onClose}>
            <X size={18} />
          </IconButton>
        </Box>
        <SheetStanding editor={editor} fileText={fileText} onNew={onNew} />
        {children(sheet)}
        <Box
          component="section"
          aria-label={editSheetTexts.usedBy}
          sx={{ borderTop: "1px solid var(--line)", pt: 1, fontSize: "0.875rem" }}
        >
          <strong>{editSheetTexts.usedBy2} </strong>
          {record.usedBy.length === 0
            ? editSheetTexts.noPlan
            : record.usedBy.map(({ id, name }, k) => (
                <span key={id}>
                  {k > 0 && ", "}
                  <Box component={Link} href={`/plan/${id}/wiring`} prefetch={false} sx={{ color: "inherit" }}>
                    {name}
                  </Box>
                </span>
              ))}
          <Box sx={{ color: "text.secondary" }}>{editSheetTexts.aPlanHoldsItsOwnCopyChangesHere}</Box>
        </Box>
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
          <Button variant="outlined" onClick={() => onCopy(sheet)}>
            {editSheetTexts.copyThisEntry}
          </Button>
          <Button
            variant="outlined"
            onClick={() => void editor.autosave.settled().then(() => onRetire(!record.retired))}
          >
            {record.retired ? editSheetTexts.restore : editSheetTexts.archive}
          </Button>
        </Box>
      </Box>
    </Drawer>
  );
}
