"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Snackbar from "@mui/material/Snackbar";
import { useState } from "react";
import { planFileName, planFileText } from "@/core/plan";
import { LevelMark, offerFile } from "@/ui";
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
      <Bar level="stop">
        <span>
          {save.type === "gone" ? <strong>This plan was deleted elsewhere.</strong> : save.message} What you see is kept
          in this browser.
        </span>
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
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
        </Box>
      </Bar>
    );
  }
  if (save.type !== "stale") return null;
  return (
    <Bar level="care">
      <span>
        <strong>This plan was changed in another tab or browser</strong> ({changedWords(save.changed)}; now revision{" "}
        {save.current.revision}). Your changes are on screen but not saved.
      </span>
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
        <Button variant="outlined" size="small" onClick={() => setComparing(true)}>
          Choose by part
        </Button>
        <Button variant="outlined" size="small" onClick={resolve.takeTheirs}>
          Show theirs
        </Button>
        <Button variant="contained" size="small" onClick={resolve.keepMine}>
          Keep mine
        </Button>
      </Box>
      {comparing && (
        <ConflictView
          // a draft found on returning does not know what it began from
          base={save.current.plan === acknowledged ? null : acknowledged}
          mine={mine}
          theirs={save.current.plan}
          onMerge={(plan) => {
            setComparing(false);
            resolve.merge(plan);
          }}
          onClose={() => setComparing(false)}
        />
      )}
    </Bar>
  );
}

function Bar({ level, children }: { level: "stop" | "care"; children: React.ReactNode }) {
  return (
    <Box
      role="alert"
      sx={{
        display: "flex",
        alignItems: "center",
        gap: 1.5,
        flexWrap: "wrap",
        px: 2,
        py: 1,
        bgcolor: "background.paper",
        borderBottom: `3px double var(--${level})`,
      }}
    >
      <LevelMark level={level} />
      {children}
    </Box>
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
