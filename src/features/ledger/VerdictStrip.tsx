"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { type Assessment, type Level } from "@/core/rules";
import { type UnitSystem } from "@/core/units";
import { useAssessment, useDesk, useJudging } from "@/features/desk";
import { counted, levelColour, LevelMark, useUnits } from "@/ui";
import { findingSentence, missingSentence, verdictWords } from "./messages";
import { portPrefix } from "./places";

/** The worst finding in one sentence and the counts; always in sight. Announced politely when it changes. */
export function VerdictStrip() {
  const assessment = useAssessment();
  const desk = useDesk();
  const judging = useJudging();
  const { level, word, sentence } = headline(assessment, useUnits());
  return (
    <Box component="section" aria-label="Verdict" data-testid="verdict" data-level={level} aria-busy={judging} sx={{ display: "flex", alignItems: "center", gap: { xs: 1, md: 2 }, px: { xs: 1, md: 2 }, py: 0.75, bgcolor: "background.paper", borderBottom: "2px solid var(--ink)", borderLeft: `10px solid ${levelColour(level)}`, flexWrap: { xs: "wrap", md: "nowrap" } }}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1, flex: "none" }}>
        <LevelMark level={level} size={26} />
        <Box component="strong" sx={{ fontFamily: "var(--font-display)", fontSize: "1.1875rem", color: levelColour(level), whiteSpace: "nowrap" }}>
          {word}
        </Box>
      </Box>
      <Box role="status" sx={{ flex: "1 1 260px", fontSize: "0.9375rem", lineHeight: 1.35 }}>
        {sentence}
      </Box>
      {assessment?.type === "assessed" && (
        <Box sx={{ display: "flex", alignItems: "center", gap: 1.5, flex: "none" }}>
          <Box component="span" sx={{ fontSize: "0.8125rem", whiteSpace: "nowrap" }}>{countsOf(assessment)}</Box>
          <Button variant="outlined" size="small" onClick={() => desk.set({ ledgerOpen: true })}>Ledger</Button>
        </Box>
      )}
    </Box>
  );
}

function headline(assessment: Assessment | null, system: UnitSystem): { level: Level; word: string; sentence: string } {
  if (assessment === null) return { level: "open", word: "Judging…", sentence: "Solving the curves of this plan." };
  if (assessment.type === "incomplete") {
    return { level: "open", word: "Not judged yet", sentence: assessment.missing.map(missingSentence).join(" ") };
  }
  const worst = assessment.findings.find((finding) => finding.level === assessment.worst);
  return { level: assessment.worst, word: verdictWords[assessment.worst], sentence: worst === undefined ? assessment.missing.map(missingSentence).join(" ") : `${portPrefix(assessment, worst.where)}${findingSentence(worst, system)}` };
}

function countsOf({ findings, missing }: Extract<Assessment, { type: "assessed" }>): string {
  const count = (level: Level) => findings.filter((finding) => finding.level === level).length;
  const open = count("open") + missing.length;
  return [...(open > 0 ? [counted(open, "question")] : []), counted(count("stop"), "Stop"), `${count("care")} Care`, counted(count("note"), "Note")].join(" · ");
}
