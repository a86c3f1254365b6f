"use client";

import Button from "@mui/material/Button";
import { format } from "date-fns";
import { useStore } from "zustand";
import { SaveStanding } from "@/features/sync";
import { LeftLine, UnsavedList, downloadFile } from "@/ui";
import { type SheetEditor } from "./sheet-editor";
import { sheetStandingTexts } from "@/messages/en/library/view";

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
      <SaveStanding
        save={save}
        noun="sheet"
        gone="removed"
        changedWords="elsewhere"
        takeTheirs={autosave.takeTheirs}
        keepMine={autosave.keepMine}
        saveAsNew={saveAsNew(null)}
        download={() => downloadFile("sheet.json", "application/json", fileText(sheet))}
      />
      {left.length > 0 && (
        <UnsavedList>
          {left.map(({ key, revision, atMs, document }) => (
            <LeftLine
              key={key}
              words={
                <>
                  <strong>
                    {sheetStandingTexts.nameLeftUnsavedAtTime(document.name, format(atMs, "HH:mm, d MMMM"))}
                  </strong>
                  {sheetStandingTexts.madeFromRevisionRevision(revision)}
                </>
              }
              keys={
                <>
                  <Button variant="contained" size="small" onClick={() => autosave.bringBack(key)}>
                    {sheetStandingTexts.restore}
                  </Button>
                  <Button variant="outlined" size="small" onClick={saveAsNew(key)}>
                    {sheetStandingTexts.saveAsANewEntry}
                  </Button>
                  <Button variant="outlined" size="small" onClick={() => autosave.discard(key)}>
                    {sheetStandingTexts.discardChanges}
                  </Button>
                </>
              }
            />
          ))}
        </UnsavedList>
      )}
    </>
  );
}
