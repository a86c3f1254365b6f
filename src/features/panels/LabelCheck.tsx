"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { assumedFieldsOf, doubtsAbout, fitLabel, readingsThatFit, readLabel } from "@/core/engine/panel";
import { type PanelFieldName, panelFields, type PanelSheet } from "@/core/plan";
import { LevelMark } from "@/ui";
import { doubtSentence, given, panelFieldWords, percent, readingSentence } from "@/messages/en";
import { labelCheckTexts } from "@/messages/en/panels/view";

/** The label checked against itself: doubts with a reading that would fit, and how near the model comes. */
export function LabelCheck({ label, patch }: { label: PanelSheet; patch: (change: Partial<PanelSheet>) => void }) {
  const doubts = doubtsAbout(label);
  const reading = readLabel(label);
  const readings = readingsThatFit(label);
  return (
    <Box
      component="ul"
      aria-label={labelCheckTexts.labelCheck}
      aria-live="polite"
      sx={{ listStyle: "none", m: 0, p: 0, display: "grid", gap: 1 }}
    >
      {reading.type === "incomplete" && (
        <Item level="open">
          {labelCheckTexts.stillNeededMissing(reading.missing.map((field) => panelFieldWords[field].name).join(", "))}
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
                {labelCheckTexts.useSuggestion(given(suggestion, spec.unit))}
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
              {labelCheckTexts.useThisReading}
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
  const guessed = assumedFieldsOf(reading).length;
  const worst = Math.max(Math.abs(missPct.vmp), Math.abs(missPct.imp));
  const note = guessed === 0 ? "" : labelCheckTexts.assumedValues(guessed);
  return exact || worst < 1 ? (
    <Item level="good">{labelCheckTexts.theLabelsValuesAgreeWithEach(note)}</Item>
  ) : (
    <Item level="note">{labelCheckTexts.noSingleDiodeCurveFitsAllValues(percent(worst), note)}</Item>
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
