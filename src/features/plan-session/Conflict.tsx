"use client";

import Button from "@mui/material/Button";
import Snackbar from "@mui/material/Snackbar";
import { useState } from "react";
import { planFileName, planFileText } from "@/core/plan";
import { SaveStanding } from "@/features/sync";
import { downloadFile } from "@/ui";
import { ConflictView } from "./ConflictView";
import { useDesk, useDeskState, useResolve } from "./DeskProvider";
import { changedWords } from "./messages";
import { useSaveAsNew } from "./useSaveAsNew";
import { conflictTexts } from "@/messages/en/plan-session/view";

/** Says that a save did not happen, why, and what can be done. Nothing is lost while it stands. */
export function Conflict() {
  const save = useDeskState((state) => state.save);
  const resolve = useResolve();
  const mine = useDeskState((state) => state.history.present);
  const acknowledged = useDeskState((state) => state.acknowledged);
  const [comparing, setComparing] = useState(false);
  const saveAsNew = useSaveAsNew(null);
  const stale = save.type === "stale" ? save : null;
  return (
    <SaveStanding
      save={save}
      noun="plan"
      gone="deleted"
      changedWords={`in another tab or browser: ${changedWords(stale?.changed ?? null)}`}
      takeTheirs={resolve.takeTheirs}
      keepMine={resolve.keepMine}
      saveAsNew={saveAsNew}
      download={() => downloadFile(planFileName(mine), "application/json", planFileText(mine))}
      moreKeys={
        <Button variant="outlined" size="small" onClick={() => setComparing(true)}>
          {conflictTexts.chooseByPart}
        </Button>
      }
    >
      {comparing && stale !== null && (
        <ConflictView
          // a draft found on returning does not know what it began from
          base={stale.theirs.document === acknowledged ? null : acknowledged}
          mine={mine}
          theirs={stale.theirs.document}
          onMerge={(plan) => {
            setComparing(false);
            resolve.merge(plan);
          }}
          onClose={() => setComparing(false)}
        />
      )}
    </SaveStanding>
  );
}

/** Word of something that happened by itself. */
export function Notice() {
  const desk = useDesk();
  const notice = useDeskState((state) => state.notice);
  return (
    <Snackbar
      open={notice !== null}
      message={notice}
      autoHideDuration={8000}
      onClose={(_, reason) => reason !== "clickaway" && desk.set({ notice: null })}
    />
  );
}
