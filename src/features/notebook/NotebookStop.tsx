"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useId } from "react";
import { LevelMark } from "@/ui";
import { stopNames } from "@/words";
import { NotesField } from "./NotesField";
import { type NotebookStop as Kind, pages } from "./pages";

/** A stop kept by hand: a ruled page to write on, the questions that belong there, the cautions. */
export function NotebookStop({ stop }: { stop: Kind }) {
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
        <NotesField stop={stop} id={id} tall />
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
