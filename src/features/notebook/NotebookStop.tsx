"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useId } from "react";
import { useDesk, usePlan } from "@/features/desk";
import { LevelMark } from "@/ui";
import { stopNames } from "@/words";
import { type NotebookStop as Kind, pages } from "./pages";

const mostCharacters = 5000;

/** A stop kept by hand: a ruled page to write on, the questions that belong there, the cautions. */
export function NotebookStop({ stop }: { stop: Kind }) {
  const desk = useDesk();
  const text = usePlan().notes[stop];
  const id = useId();
  const { prompt, asks, caution } = pages[stop];
  return (
    <Box
      sx={{
        display: "grid",
        gap: 3,
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 340px" },
        maxWidth: 1160,
        mx: "auto",
      }}
    >
      <Box>
        <Typography variant="h1" component="h2">
          {stopNames[stop]}
        </Typography>
        <Box component="label" htmlFor={id} sx={{ display: "block", mb: 1, fontStyle: "italic" }}>
          {prompt}
        </Box>
        <Box
          component="textarea"
          id={id}
          value={text}
          maxLength={mostCharacters}
          onChange={(event: React.ChangeEvent<HTMLTextAreaElement>) =>
            desk.change({ type: "setNote", stop, text: event.target.value }, `note:${stop}`)
          }
          onBlur={desk.endGesture}
          sx={{
            width: "100%",
            minHeight: 420,
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
          Saved by itself with the plan.{" "}
          {text.length > mostCharacters * 0.9 ? `${text.length} of ${mostCharacters} characters.` : ""}
        </Box>
      </Box>
      <Box component="aside" aria-label="What belongs here" sx={{ pt: { md: 5 } }}>
        <Typography variant="h2" component="h3">
          Worth writing down
        </Typography>
        <Box component="ul" sx={{ pl: 2.5, "& li": { mb: 1 } }}>
          {asks.map((ask) => (
            <li key={ask}>{ask}</li>
          ))}
        </Box>
        {caution !== null && (
          <Box sx={{ display: "flex", gap: 1, borderTop: "1px solid var(--line)", pt: 1.5 }}>
            <LevelMark level="care" />
            <span>{caution}</span>
          </Box>
        )}
        <Box sx={{ mt: 2, fontSize: "0.875rem", color: "text.secondary" }}>
          This stop is kept by hand: nothing here is reckoned, and it blocks nothing.
        </Box>
      </Box>
    </Box>
  );
}
