"use client";

import { ChevronDown, Wrench } from "lucide-react";
import { Fragment, memo, useEffect, useId, useRef, useState } from "react";
import { type UnitSystem } from "@/core/engine/units";
import { type Finding } from "@/core/assessment";
import { passes } from "@/core/checks";
import { useAssessment, useDesk, useDeskState, useSteps } from "@/features/plan-session";
import { levelColour, LevelMark, levelWords, TextButton, useAfterPaint, useUnits } from "@/ui";
import {
  amount,
  assumptionSentence,
  findingSentence,
  limit,
  fixSentence,
  missingSentence,
  notFixedWords,
  placePrefix,
  ruleTitle,
  whyLines,
} from "@/messages/en";
import style from "./ledger.module.css";
import { MarginBar } from "./MarginBar";
import { asksNature, NatureAnswers } from "./NatureAnswers";
import { decidingRecordC } from "./deciding-record";
import { RecordAnswers } from "./RecordAnswers";
import { applyFix } from "./fixes";
import { ledgerTexts } from "@/messages/en/checks/view";

/** A ledger longer than this, of several ports, begins with what does not pass; the rest is a press away. */
const maxUnfolded = 12;

/** One line per rule and port: the number, the limit, the room left, what was assumed, why, and what would fix it. */
export const Ledger = memo(function Ledger() {
  // the verdict, the chart and the totals come first: a ledger of several ports is as much to draw as all of them
  const assessment = useAfterPaint(useAssessment());
  const search = useDeskState(({ judgement }) =>
    judgement?.fixes === "searching" ? ledgerTexts.searchingForAFix(judgement.tried) : null,
  );
  const [withPassing, setWithPassing] = useState(false);
  const sought = useDeskState(({ soughtFinding }) => soughtFinding);
  const findings = assessment?.type === "assessed" ? assessment.findings : [];
  const passing = findings.filter(({ level }) => level === "good").length;
  const folds = findings.length > maxUnfolded && passing > 0;
  const shown =
    folds && !withPassing ? findings.filter(({ level, id }) => level !== "good" || id === sought) : findings;
  const steps = useSteps();
  const groups = steps.flatMap(({ id, name }) => {
    const of = shown.filter(({ step }) => step === id);
    return of.length === 0 ? [] : [{ step: id, name, of }];
  });
  if (assessment === null) return <p className={style["line"]}>{ledgerTexts.checking}</p>;
  return (
    <>
      {assessment.missing.length > 0 && (
        <ul>
          {assessment.missing.map(missingSentence).map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      )}
      {assessment.type === "assessed" && (
        <ol aria-label={ledgerTexts.checks} className={style["list"]}>
          {groups.map(({ step, name, of }) => (
            <Fragment key={step}>
              {groups.length > 1 && <li className={style["group"]}>{ledgerTexts.atName(name)}</li>}
              {of.map((finding) => (
                <LedgerLine
                  key={finding.id}
                  finding={finding}
                  place={placePrefix(assessment, finding)}
                  sought={finding.id === sought}
                  search={finding.fixes.length === 0 && isFailing(finding) ? search : null}
                />
              ))}
            </Fragment>
          ))}
        </ol>
      )}
      {folds && (
        <TextButton
          look="plain"
          aria-expanded={withPassing}
          onClick={() => setWithPassing(!withPassing)}
          className={style["fold"]}
        >
          {ledgerTexts.fold(withPassing, passing)}
        </TextButton>
      )}
    </>
  );
});

// the same elements at every drawing, so that they are not compared again
const chevron = <ChevronDown size={16} aria-hidden />;
const wrench = <Wrench size={15} aria-hidden />;

type LineProps = {
  readonly finding: Finding;
  readonly place: string;
  readonly search: string | null;
  /** somebody looked for it: brought into sight, its reason open */ readonly sought: boolean;
};

/** Findings are new objects at every verdict; a line is drawn again only when what it says has changed. */
const LedgerLine = memo(
  Line,
  (a, b) =>
    a.place === b.place &&
    a.search === b.search &&
    a.sought === b.sought &&
    (a.finding === b.finding || JSON.stringify(a.finding) === JSON.stringify(b.finding)),
);

function Line({ finding, place, search, sought }: LineProps) {
  const desk = useDesk();
  const system = useUnits();
  const [open, setOpen] = useState(sought);
  const line = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (sought) line.current?.scrollIntoView({ block: "center" });
  }, [sought]);
  const whyId = useId();
  const { id, level, rule, value, fixes } = finding;
  const light = (on: boolean) => desk.set({ litFinding: on ? id : null });
  const failing = isFailing(finding);
  const decidedBy = decidingRecordC(finding);
  return (
    <li
      ref={line}
      data-rule={rule}
      data-level={level}
      onMouseEnter={() => light(true)}
      onMouseLeave={() => light(false)}
      className={style["line"]}
    >
      <LevelMark level={level} />
      <div className={style["words"]}>
        <div className={style["title"]}>
          <span style={{ color: levelColour(level) }}>{levelWords[level]}: </span>
          {place}
          {ruleTitle(rule)}
        </div>
        <div className={style["sentence"]}>{findingSentence(finding, system)}</div>
      </div>
      <div className={`num ${style["value"]}`}>
        {value !== null && amount(value.value, value.unit, system)}
        <span className={style["limit"]}>{ofLimit(finding, system)}</span>
      </div>
      <div className={style["bar"]}>
        <MarginBar finding={finding} />
      </div>
      <button
        type="button"
        className={style["whyButton"]}
        aria-expanded={open}
        aria-controls={whyId}
        onClick={() => setOpen(!open)}
      >
        {ledgerTexts.why}
        <span className="visually-hidden">
          : {place}
          {ruleTitle(rule)}
        </span>{" "}
        {chevron}
      </button>
      {asksNature(finding) && (
        <div className={style["extra"]}>
          <NatureAnswers subject={finding.subject} />
        </div>
      )}
      {decidedBy !== null && (
        <div className={style["extra"]}>
          <RecordAnswers assumedC={decidedBy} />
        </div>
      )}
      {(finding.assumptions.length > 0 || failing) && (
        <div className={style["extra"]}>
          {fixes.map((fix) => {
            const words = fixSentence(fix, system);
            return (
              <TextButton key={words} look="amber" onClick={() => applyFix(desk, fix)}>
                {wrench} {ledgerTexts.fixWords(words)}
              </TextButton>
            );
          })}
          {fixes.length === 0 && failing && (
            <span className={style["small"]}>{search ?? notFixedWords(finding, system)}</span>
          )}
          {finding.assumptions.length > 0 && (
            <span className={style["assumed"]}>
              <em>{ledgerTexts.assumed}</em>{" "}
              {finding.assumptions.map((each) => assumptionSentence(each, system)).join("; ")}.
            </span>
          )}
        </div>
      )}
      <div id={whyId} className={style["wide"]}>
        {open && <Why finding={finding} />}
      </div>
    </li>
  );
}

/** What stands behind the number. Where nothing limits it, nothing does: the sentence beside it says why. */
function ofLimit({ value, limit: most }: Finding, system: UnitSystem): string {
  if (most !== null) return ledgerTexts.ofValue(limit(most.value, most.unit, system));
  return value?.unit === "%" ? ledgerTexts.lost : "";
}

function isFailing({ level }: Finding): boolean {
  return !passes(level) && level !== "open";
}

function Why({ finding }: { finding: Finding }) {
  const system = useUnits();
  const { lines, source } = whyLines(finding, system);
  return (
    <div className={style["formula"]}>
      {lines.map((line) => (
        <div key={line} className="num">
          {line}
        </div>
      ))}
      {source !== "" && <div className={style["source"]}>{source}</div>}
    </div>
  );
}
