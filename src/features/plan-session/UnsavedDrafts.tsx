"use client";

import Button from "@mui/material/Button";
import { format } from "date-fns";
import { diffParts, type Plan } from "@/core/plan";
import { type LeftDraft } from "@/features/sync";
import { LeftLine, UnsavedList } from "@/ui";
import { partTitle } from "@/messages/en/plan-session/conflict";
import { useDeskState, useResolve } from "./DeskProvider";
import { useSaveAsNew } from "./useSaveAsNew";
import { unsavedDraftsTexts } from "@/messages/en/plan-session/view";

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
  const more = parts.length > maxNamed ? unsavedDraftsTexts.andPartCountMore(parts.length - maxNamed) : "";
  return (
    <LeftLine
      words={
        <>
          <strong>{unsavedDraftsTexts.leftUnsavedAtTime(format(atMs, "HH:mm, d MMMM"))}</strong>
          {unsavedDraftsTexts.madeFromRevisionRevisionDiffers(revision, parts.slice(0, maxNamed).join("; "), more)}
        </>
      }
      keys={
        <>
          <Button variant="contained" size="small" onClick={() => resolve.bringBack(key)}>
            {unsavedDraftsTexts.restore}
          </Button>
          <Button variant="outlined" size="small" onClick={saveAsNew}>
            {unsavedDraftsTexts.saveAsANewPlan}
          </Button>
          <Button variant="outlined" size="small" onClick={() => resolve.discard(key)}>
            {unsavedDraftsTexts.discardChanges}
          </Button>
        </>
      }
    />
  );
}
