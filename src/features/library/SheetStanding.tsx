"use client";

import Button from "@mui/material/Button";
import { format } from "date-fns";
import { useStore } from "zustand";
import { AlertBar, LeftLine, LeftList, offerFile } from "@/ui";
import { type SheetEditor } from "./sheet-editor";

type Props<Sheet> = {
  readonly editor: SheetEditor<Sheet>;
  /** The sheet as a file of the library. */ readonly fileText: (sheet: Sheet) => string;
  /** Told once a version was kept as a sheet of its own. */ readonly onNew: () => void;
};

/** What keeps an open sheet from being saved, and the ways out; nothing is lost while it stands. */
export function SheetStanding<Sheet extends { readonly name: string }>({ editor, fileText, onNew }: Props<Sheet>) {
  const { save, left, history } = useStore(editor.store);
  const { autosave } = editor;
  const sheet = history.present;
  const saveAsNew = (key: string | null) => () =>
    void autosave.saveAsNew(key).then((id) => {
      if (id !== null) onNew();
    });
  return (
    <>
      {save.type === "stale" && (
        <AlertBar
          level="care"
          keys={
            <>
              <Button size="small" variant="outlined" onClick={autosave.takeTheirs}>
                Show theirs
              </Button>
              <Button size="small" variant="contained" onClick={autosave.keepMine}>
                Keep mine
              </Button>
            </>
          }
        >
          <span>
            This sheet was changed elsewhere (now revision {save.theirs.revision}). Yours is on screen, not saved.
          </span>
        </AlertBar>
      )}
      {(save.type === "gone" || save.type === "refused") && (
        <AlertBar
          level="stop"
          keys={
            <>
              <Button size="small" variant="contained" onClick={saveAsNew(null)}>
                Save as a new sheet
              </Button>
              <Button
                size="small"
                variant="outlined"
                onClick={() => offerFile("sheet.json", "application/json", fileText(sheet))}
              >
                Download it
              </Button>
            </>
          }
        >
          <span>
            {save.type === "gone" ? <strong>This sheet was removed elsewhere.</strong> : save.message} What you see is
            kept in this browser.
          </span>
        </AlertBar>
      )}
      {save.type === "unreachable" && (
        <AlertBar level="care">
          <span>{save.message} What you see is kept in this browser, and saved as soon as that can be.</span>
        </AlertBar>
      )}
      {left.length > 0 && (
        <LeftList>
          {left.map(({ key, revision, atMs, document }) => (
            <LeftLine
              key={key}
              words={
                <>
                  <strong>
                    “{document.name}”, left unsaved at {format(atMs, "HH:mm, d MMMM")}
                  </strong>
                  , made from revision {revision}.
                </>
              }
              keys={
                <>
                  <Button variant="contained" size="small" onClick={() => autosave.bringBack(key)}>
                    Bring back
                  </Button>
                  <Button variant="outlined" size="small" onClick={saveAsNew(key)}>
                    Save as a sheet of its own
                  </Button>
                  <Button variant="outlined" size="small" onClick={() => autosave.discard(key)}>
                    Let it go
                  </Button>
                </>
              }
            />
          ))}
        </LeftList>
      )}
    </>
  );
}
