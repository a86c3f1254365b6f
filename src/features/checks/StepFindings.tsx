"use client";

import { type PlanStep } from "@/core/plan";
import { passes } from "@/core/checks";
import { useAssessment, useDesk } from "@/features/plan-session";
import { applyFix } from "./fixes";
import { LevelMark, TextButton, useUnits, sheetStyle } from "@/ui";
import { findingSentence, fixSentence } from "@/messages/en";
import { stepFindingsTexts } from "@/messages/en/checks/view";

type Props = {
  readonly step: PlanStep;
  /** Said where the rules have nothing to say of it yet. */ readonly nothing: string;
};

/** What the rules say of a step, on its own page: the same sentences as in the ledger, with their fixes. */
export function StepFindings({ step: of, nothing }: Props) {
  const desk = useDesk();
  const system = useUnits();
  const assessment = useAssessment();
  if (assessment === null) return <p>{stepFindingsTexts.calculating}</p>;
  const told = assessment.type === "assessed" ? assessment.findings.filter(({ step }) => step === of) : [];
  const wrong = told.filter(({ level }) => !passes(level));
  const notes = told.filter(({ level }) => level === "note");
  const fine = told.filter(({ level }) => level === "good").length;
  return (
    <>
      {wrong.length + notes.length === 0 && (
        <p style={{ margin: 0 }}>{fine === 0 ? nothing : stepFindingsTexts.noProblemsFoundOnThisStepWith}</p>
      )}
      <ul className={sheetStyle["list"]} aria-label={stepFindingsTexts.findingsOnThisStep}>
        {[...wrong, ...notes].map((finding) => (
          <li key={finding.id}>
            <LevelMark level={finding.level} size={16} decorative={false} />
            <div>
              {findingSentence(finding, system)}
              {finding.fixes.length > 0 && (
                <div className={sheetStyle["fixes"]}>
                  {finding.fixes.map((fix) => (
                    <TextButton key={fixSentence(fix, system)} look="amber" onClick={() => applyFix(desk, fix)}>
                      {fixSentence(fix, system)}
                    </TextButton>
                  ))}
                </div>
              )}
            </div>
          </li>
        ))}
      </ul>
      {fine > 0 && wrong.length + notes.length > 0 && (
        <p style={{ margin: "6px 0 0" }}>{stepFindingsTexts.okCountMoreAreOkSeeChecks(fine)}</p>
      )}
    </>
  );
}
