"use client";

import Button from "@mui/material/Button";
import Snackbar from "@mui/material/Snackbar";
import { useState } from "react";
import { planFileName, planFileText } from "@/core/plan";
import { AlertBar, offerFile } from "@/ui";
import { ConflictView } from "./ConflictView";
import { useDesk, useDeskState, useResolve } from "./DeskProvider";
import { changedWords } from "./messages";
import { useSaveAsNew } from "./useSaveAsNew";

/** Says that a save did not happen, why, and what can be done. Nothing is lost while it stands. */
export function Conflict() {
  const save = useDeskState((state) => state.save);
  const resolve = useResolve();
  const mine = useDeskState((state) => state.history.present);
  const acknowledged = useDeskState((state) => state.acknowledged);
  const [comparing, setComparing] = useState(false);
  const saveAsNew = useSaveAsNew(null);
  if (save.type === "refused" || save.type === "gone") {
    return (
      <AlertBar
        level="stop"
        keys={
          <>
            <Button variant="contained" size="small" onClick={saveAsNew}>
              Save as a new plan
            </Button>
            <Button
              variant="outlined"
              size="small"
              onClick={() => offerFile(planFileName(mine), "application/json", planFileText(mine))}
            >
              Download it
            </Button>
          </>
        }
      >
        <span>
          {save.type === "gone" ? <strong>This plan was deleted elsewhere.</strong> : save.message} What you see is kept
          in this browser.
        </span>
      </AlertBar>
    );
  }
  if (save.type === "unreachable")
    return (
      <AlertBar level="care">
        <span>{save.message} What you see is kept in this browser, and saved as soon as that can be.</span>
      </AlertBar>
    );
  if (save.type !== "stale") return null;
  return (
    <AlertBar
      level="care"
      keys={
        <>
          <Button variant="outlined" size="small" onClick={() => setComparing(true)}>
            Choose by part
          </Button>
          <Button variant="outlined" size="small" onClick={resolve.takeTheirs}>
            Show theirs
          </Button>
          <Button variant="contained" size="small" onClick={resolve.keepMine}>
            Keep mine
          </Button>
        </>
      }
    >
      <span>
        <strong>This plan was changed in another tab or browser</strong> ({changedWords(save.changed)}; now revision{" "}
        {save.theirs.revision}). Your changes are on screen but not saved.
      </span>
      {comparing && (
        <ConflictView
          // a draft found on returning does not know what it began from
          base={save.theirs.document === acknowledged ? null : acknowledged}
          mine={mine}
          theirs={save.theirs.document}
          onMerge={(plan) => {
            setComparing(false);
            resolve.merge(plan);
          }}
          onClose={() => setComparing(false)}
        />
      )}
    </AlertBar>
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
