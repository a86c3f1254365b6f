"use client";

import { passes } from "@/core/rules";
import { useAssessment, useDesk } from "@/features/desk";
import { applyMend } from "@/features/ledger";
import { LevelMark, TextButton, useUnits } from "@/ui";
import { findingSentence, mendSentence } from "@/words";
import style from "./protect.module.css";

/** What the rules say of cables, fuses and plugs: the same sentences as in the ledger, with their mends. */
export function ToDo() {
  const desk = useDesk();
  const system = useUnits();
  const assessment = useAssessment();
  if (assessment === null) return <p>Working it out…</p>;
  const told = assessment.type === "assessed" ? assessment.findings.filter(({ stop }) => stop === "protect") : [];
  const wrong = told.filter(({ level }) => !passes(level));
  const notes = told.filter(({ level }) => level === "note");
  const fine = told.filter(({ level }) => level === "good").length;
  return (
    <>
      {wrong.length + notes.length === 0 && (
        <p style={{ margin: 0 }}>
          {fine === 0
            ? "Press a cable in the drawing and say how long it is: then it is sized, and what it loses is known."
            : "Nothing here is wrong as far as it is said."}
        </p>
      )}
      <ul className={style["list"]} aria-label="What the rules say here">
        {[...wrong, ...notes].map((finding) => (
          <li key={finding.id}>
            <LevelMark level={finding.level} size={16} decorative={false} />
            <div>
              {findingSentence(finding, system)}
              {finding.mends.length > 0 && (
                <div className={style["mends"]}>
                  {finding.mends.map((mend) => (
                    <TextButton key={mendSentence(mend)} look="amber" onClick={() => applyMend(desk, mend)}>
                      {mendSentence(mend)}
                    </TextButton>
                  ))}
                </div>
              )}
            </div>
          </li>
        ))}
      </ul>
      {fine > 0 && wrong.length + notes.length > 0 && (
        <p style={{ margin: "6px 0 0" }}>{fine} more pass: see the ledger.</p>
      )}
    </>
  );
}
