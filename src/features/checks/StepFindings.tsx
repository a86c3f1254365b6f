"use client";

import { type PlanStep } from "@/core/plan";
import { passes } from "@/core/checks";
import { useAssessment } from "@/features/plan-session";
import { LevelMark, useUnits, sheetStyle } from "@/ui";
import { findingSentence } from "@/messages/en";
import { FixButtons } from "./FixButtons";
import { stepFindingsTexts } from "@/messages/en/checks/view";

type Props = {
  readonly step: PlanStep;
  /** Said where the rules have nothing to say of it yet. */ readonly nothing: string;
};

/** What the rules say of a step, on its own page: the same sentences as in the ledger, with their fixes. */
export function StepFindings({ step: of, nothing }: Props) {
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
                  <FixButtons fixes={finding.fixes} />
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
