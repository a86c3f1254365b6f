"use client";

import Button from "@mui/material/Button";
import { format } from "date-fns";
import { diffParts, type Plan } from "@/core/plan";
import { type LeftDraft } from "@/features/sync";
import { LeftLine, UnsavedList } from "@/ui";
import { partTitle } from "./conflict-words";
import { useDeskState, useResolve } from "./DeskProvider";
import { useSaveAsNew } from "./useSaveAsNew";

/** Parts named of a draft that differs in many. */
const maxNamed = 4;

/** What other pages of this browser left unsaved of this plan, each as what it is; nothing goes until the person says so. */
export function UnsavedDrafts() {
  const left = useDeskState((state) => state.left);
  if (left.length === 0) return null;
  return (
    <UnsavedList>
      {left.map((draft) => (
        <LeftPlan key={draft.key} draft={draft} />
      ))}
    </UnsavedList>
  );
}

function LeftPlan({ draft }: { draft: LeftDraft<Plan> }) {
  const resolve = useResolve();
  const saved = useDeskState((state) => state.acknowledged);
  const { key, revision, atMs, document } = draft;
  const saveAsNew = useSaveAsNew(key);
  const parts = diffParts(null, document, saved).map(partTitle);
  const more = parts.length > maxNamed ? ` and ${parts.length - maxNamed} more` : "";
  return (
    <LeftLine
      words={
        <>
          <strong>Left unsaved at {format(atMs, "HH:mm, d MMMM")}</strong>, made from revision {revision}. Differs in:{" "}
          {parts.slice(0, maxNamed).join("; ")}
          {more}.
        </>
      }
      keys={
        <>
          <Button variant="contained" size="small" onClick={() => resolve.bringBack(key)}>
            Bring back
          </Button>
          <Button variant="outlined" size="small" onClick={saveAsNew}>
            Save as a plan of its own
          </Button>
          <Button variant="outlined" size="small" onClick={() => resolve.discard(key)}>
            Discard
          </Button>
        </>
      }
    />
  );
}
