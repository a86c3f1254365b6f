"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { format } from "date-fns";
import { partsApart } from "@/core/plan";
import { LevelMark } from "@/ui";
import { partTitle } from "./conflict-words";
import { useDeskState, useResolve } from "./DeskProvider";
import { type LeftDraft } from "./store";
import { useSaveAsNew } from "./useSaveAsNew";

/** Parts named of a draft that differs in many. */
const mostNamed = 4;

/** What other pages of this browser left unsaved of this plan, each as what it is; nothing goes until the person says so. */
export function LeftDrafts() {
  const left = useDeskState((state) => state.left);
  if (left.length === 0) return null;
  return (
    <Box
      role="region"
      aria-label="Changes left unsaved"
      sx={{
        display: "grid",
        gap: 1,
        px: 2,
        py: 1,
        bgcolor: "background.paper",
        borderBottom: "3px double var(--care)",
      }}
    >
      {left.map((draft) => (
        <LeftLine key={draft.key} draft={draft} />
      ))}
    </Box>
  );
}

function LeftLine({ draft }: { draft: LeftDraft }) {
  const resolve = useResolve();
  const saved = useDeskState((state) => state.acknowledged);
  const { key, revision, atMs, plan } = draft;
  const saveAsNew = useSaveAsNew(key);
  const parts = partsApart(null, plan, saved).map(partTitle);
  const more = parts.length > mostNamed ? ` and ${parts.length - mostNamed} more` : "";
  return (
    <Box sx={{ display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap" }}>
      <LevelMark level="care" />
      <span>
        <strong>Left unsaved at {format(atMs, "HH:mm, d MMMM")}</strong>, made from revision {revision}. Differs in:{" "}
        {parts.slice(0, mostNamed).join("; ")}
        {more}.
      </span>
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
        <Button variant="contained" size="small" onClick={() => resolve.bringBack(key)}>
          Bring back
        </Button>
        <Button variant="outlined" size="small" onClick={saveAsNew}>
          Save as a plan of its own
        </Button>
        <Button variant="outlined" size="small" onClick={() => resolve.discard(key)}>
          Let it go
        </Button>
      </Box>
    </Box>
  );
}
