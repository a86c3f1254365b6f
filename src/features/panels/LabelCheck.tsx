"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { completeLabel, doubtsAbout, fitLabel, readingsThatFit, readLabel } from "@/core/engine/panel";
import { type PanelFieldName, panelFields, type PanelSheet } from "@/core/plan";
import { LevelMark } from "@/ui";
import { counted, doubtSentence, given, panelFieldWords, percent, readingSentence } from "@/messages/en";

/** The label checked against itself: doubts with a reading that would fit, and how near the model comes. */
export function LabelCheck({ label, patch }: { label: PanelSheet; patch: (change: Partial<PanelSheet>) => void }) {
  const doubts = doubtsAbout(label);
  const reading = readLabel(label);
  const readings = readingsThatFit(label);
  return (
    <Box
      component="ul"
      aria-label="Label check"
      aria-live="polite"
      sx={{ listStyle: "none", m: 0, p: 0, display: "grid", gap: 1 }}
    >
      {reading.type === "incomplete" && (
        <Item level="open">
          Still needed: {reading.missing.map((field) => panelFieldWords[field].name).join(", ")}.
        </Item>
      )}
      {doubts.map((doubt) => {
        const { field, suggestion } = doubt;
        const spec = field in panelFields ? panelFields[field as PanelFieldName] : null;
        return (
          <Item key={doubt.type} level="care">
            {doubtSentence(doubt)}
            {suggestion !== null && spec !== null && (
              <Button size="small" variant="outlined" sx={{ ml: 1 }} onClick={() => patch({ [field]: suggestion })}>
                Take {given(suggestion, spec.unit)}
              </Button>
            )}
          </Item>
        );
      })}
      {readings.map(({ patch: read, how }) => {
        const words = readingSentence(read, how);
        return (
          <Item key={words} level="note">
            {words}
            <Button size="small" variant="outlined" sx={{ ml: 1 }} onClick={() => patch(read)}>
              Read it so
            </Button>
          </Item>
        );
      })}
      {reading.type === "label" && doubts.length === 0 && <ModelWord label={label} />}
    </Box>
  );
}

function ModelWord({ label }: { label: PanelSheet }) {
  const reading = readLabel(label);
  if (reading.type !== "label") return null;
  const { exact, missPct } = fitLabel(reading.label);
  const guessed = completeLabel(reading.label).assumed.length;
  const worst = Math.max(Math.abs(missPct.vmp), Math.abs(missPct.imp));
  const note =
    guessed === 0
      ? ""
      : ` ${counted(guessed, "value")} the label does not state ${guessed === 1 ? "is" : "are"} assumed.`;
  return exact || worst < 1 ? (
    <Item level="good">The label agrees with itself, and one diode curve runs through all of it.{note}</Item>
  ) : (
    <Item level="note">
      No single-diode curve runs through all of this label; the nearest is {percent(worst)} off at full power.{note}
    </Item>
  );
}

function Item({ level, children }: { level: "open" | "care" | "good" | "note"; children: React.ReactNode }) {
  return (
    <Box component="li" sx={{ display: "flex", gap: 1, alignItems: "flex-start", fontSize: "0.875rem" }}>
      <LevelMark level={level} size={18} />
      <span>{children}</span>
    </Box>
  );
}
