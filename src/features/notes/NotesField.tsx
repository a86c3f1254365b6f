"use client";

import Box from "@mui/material/Box";
import { type PlanStep } from "@/core/plan";
import { useDesk, usePlan } from "@/features/plan-session";
import { notesFieldTexts } from "@/messages/en/notes/view";

const maxCharacters = 5000;

/** Ruled paper for what one wants to write at a step. `id`: of the field, for its label. */
export function NotesField({ step, id, tall = false }: { step: PlanStep; id: string; tall?: boolean }) {
  const desk = useDesk();
  const text = usePlan().notes[step];
  return (
    <>
      <Box
        component="textarea"
        id={id}
        value={text}
        maxLength={maxCharacters}
        onChange={(event: React.ChangeEvent<HTMLTextAreaElement>) =>
          desk.change({ type: "setNote", step, text: event.target.value }, `note:${step}`)
        }
        onBlur={desk.endGesture}
        sx={{
          width: "100%",
          minHeight: tall ? 420 : 120,
          resize: "vertical",
          font: "inherit",
          fontSize: "1rem",
          lineHeight: "30px",
          color: "var(--ink)",
          border: "1px solid var(--line-strong)",
          borderLeft: "5px double var(--line-strong)",
          px: 2,
          py: 0,
          bgcolor: "var(--sheet)",
          backgroundImage: "linear-gradient(to bottom, transparent 29px, var(--line) 29px)",
          backgroundSize: "100% 30px",
          backgroundAttachment: "local",
        }}
      />
      <Box sx={{ fontSize: "0.8125rem", color: "text.secondary" }}>
        {notesFieldTexts.savedAutomaticallyWithThePlan}{" "}
        {text.length > maxCharacters * 0.9 ? notesFieldTexts.textCountOfMaxCharacters(text.length, maxCharacters) : ""}
      </Box>
    </>
  );
}
