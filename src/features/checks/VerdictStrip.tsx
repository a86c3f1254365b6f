"use client";

import { memo, useCallback, useMemo } from "react";
import { Wrench } from "lucide-react";
import { type Assessment, type Finding } from "@/core/assessment";
import { type Level } from "@/core/checks";
import { useAssessment, useDesk, useJudging, usePlan } from "@/features/plan-session";
import { levelColour, LevelMark, TextButton, useUnits } from "@/ui";
import { fixSentence, verdictOf, withFound } from "@/messages/en";
import { applyFix, bestFix } from "./fixes";
import { asksNature, NatureAnswers } from "./NatureAnswers";
import { useFound } from "./useFound";
import style from "./verdict-strip.module.css";
import { verdictStripTexts } from "@/messages/en/checks/view";

/** Where the page has the verdict. */
export const verdictId = "verdict";

/** The worst finding, or what the test found, in one sentence and the counts; always in sight. Announced politely when it changes. */
export function VerdictStrip() {
  const assessment = useAssessment();
  const desk = useDesk();
  const judging = useJudging();
  const openLedger = useCallback(() => desk.set({ ledgerOpen: true }), [desk]);
  const system = useUnits();
  const found = useFound();
  const { level, word, sentence } = withFound(verdictOf(assessment, system), found, usePlan());
  // what a test has found is no matter of rewiring
  const fix = useMemo(() => (found === null ? bestFix(assessment) : null), [assessment, found]);
  const asked = found === null && assessment?.type === "assessed" ? askedOf(assessment) : null;
  const applyBest = useCallback(() => {
    const best = bestFix(desk.now().judgement?.assessment ?? null);
    if (best !== null) applyFix(desk, best);
  }, [desk]);
  return (
    <section
      id={verdictId}
      aria-label={verdictStripTexts.verdict}
      data-testid="verdict"
      data-level={level}
      aria-busy={judging}
      className={style["strip"]}
      style={{ borderLeftColor: levelColour(level) }}
    >
      <Headline
        level={level}
        word={word}
        sentence={sentence}
        fix={fix === null ? null : fixSentence(fix, system)}
        onFix={applyBest}
        asked={asked}
        counts={assessment?.type === "assessed" ? countsOf(assessment) : null}
        onLedger={openLedger}
      />
    </section>
  );
}

type HeadlineProps = {
  readonly level: Level;
  readonly word: string;
  readonly sentence: string;
  /** What the best fix does, and with what effect; null: none is known. */ readonly fix: string | null;
  readonly onFix: () => void;
  /** The PV input whose kind of limit is asked about in the sentence. */ readonly asked: Finding["subject"] | null;
  readonly counts: string | null;
  readonly onLedger: () => void;
};

const wrench = <Wrench size={15} aria-hidden />;

/** Drawn again only when what it says has changed. */
const Headline = memo(function Headline({ level, word, sentence, fix, onFix, asked, counts, onLedger }: HeadlineProps) {
  return (
    <>
      {/* said first, and again only when it changes */}
      <div role="status" className={style["word"]}>
        <LevelMark level={level} size={26} />
        <strong style={{ color: levelColour(level) }}>{word}</strong>
      </div>
      <div role="status" className={style["sentence"]}>
        {sentence}
      </div>
      {fix !== null && (
        <TextButton look="amber" className={style["fix"]} onClick={onFix}>
          {wrench} {verdictStripTexts.fix(fix)}
        </TextButton>
      )}
      {asked !== null && <NatureAnswers subject={asked} />}
      {counts !== null && (
        <div className={style["counts"]}>
          <span>{counts}</span>
          <TextButton onClick={onLedger}>{verdictStripTexts.checks}</TextButton>
        </div>
      )}
    </>
  );
});

/** What the sentence of a verdict asks, where the answer is a press. */
function askedOf({ findings, worst }: Extract<Assessment, { type: "assessed" }>): Finding["subject"] | null {
  const told = findings.find(({ level }) => level === worst);
  return told !== undefined && asksNature(told) ? told.subject : null;
}

function countsOf({ findings, missing }: Extract<Assessment, { type: "assessed" }>): string {
  const count = (level: Level) => findings.filter((finding) => finding.level === level).length;
  const open = count("open") + missing.length;
  return [
    ...(open > 0 ? [verdictStripTexts.missing(open)] : []),
    verdictStripTexts.stops(count("stop")),
    verdictStripTexts.cautions(count("care")),
    verdictStripTexts.notes(count("note")),
  ].join(" · ");
}
