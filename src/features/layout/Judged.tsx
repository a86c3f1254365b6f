"use client";

import { useMemo } from "react";
import { type Plan, type Wiring } from "@/core/plan";
import { judgeRoof, type FindingWithoutFixes } from "@/core/assessment";
import { passes } from "@/core/checks";
import { useAssessment } from "@/features/plan-session";
import { FixButtons } from "@/features/checks";
import { LevelMark, useUnits } from "@/ui";
import { counted, findingSentence } from "@/messages/en";
import style from "./space.module.css";
import { judgedTexts } from "@/messages/en/layout/view";

/** What the rules say of how panels lie in a position. */
export function useRoofFindings(plan: Plan, wiring: Wiring, positionId: string): readonly FindingWithoutFixes[] {
  const { space, panels, positions, mounts, site } = plan;
  return useMemo(
    () => judgeRoof(plan, wiring.portArrays, positionId),
    // what a layout depends on; a note typed moves no panel
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [space, panels, positions, mounts, site, wiring.portArrays, positionId],
  );
}

type Props = { readonly findings: readonly FindingWithoutFixes[]; readonly panels: number };

/** The same sentences as in the ledger, with its fixes where it has them. */
export function Judged({ findings, panels }: Props) {
  const system = useUnits();
  const assessment = useAssessment();
  const told = findings.filter(({ level }) => !passes(level));
  const passing = findings.filter(({ level }) => passes(level));
  const fixesOf = (id: string) =>
    assessment?.type === "assessed" ? (assessment.findings.find((each) => each.id === id)?.fixes ?? []) : [];
  return (
    <>
      {told.length === 0 && (
        <p style={{ margin: 0 }}>
          {panels === 0
            ? judgedTexts.nothingPlacedHereYet
            : judgedTexts.panelsPlacedNoConflicts(counted(panels, "panel"))}
        </p>
      )}
      {told.length > 0 && (
        <ul className={style["list"]} aria-label={judgedTexts.conflicts}>
          {told.map((finding) => (
            <li key={finding.id}>
              <LevelMark level={finding.level} size={16} />
              <div>
                {findingSentence(finding, system)}
                <div className={style["fixes"]}>
                  <FixButtons fixes={fixesOf(finding.id)} />
                </div>
              </div>
            </li>
          ))}
        </ul>
      )}
      {passing.map((finding) => (
        <p key={finding.id} style={{ margin: "6px 0 0" }}>
          {findingSentence(finding, system)}
        </p>
      ))}
    </>
  );
}
