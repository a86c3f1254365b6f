"use client";

import IconButton from "@mui/material/IconButton";
import { CircleHelp } from "lucide-react";
import { useDesk } from "@/features/plan-session";
import { glossaryTexts } from "@/messages/en/glossary/view";

/** A "?" beside a word: opens the glossary at the term. */
export function TermHelp({ id, term }: { readonly id: string; readonly term: string }) {
  const desk = useDesk();
  return (
    <IconButton
      size="small"
      aria-label={glossaryTexts.open(term)}
      title={glossaryTexts.open(term)}
      onClick={() => desk.set({ glossaryTerm: id })}
    >
      <CircleHelp size={16} />
    </IconButton>
  );
}
