"use client";

import Button from "@mui/material/Button";
import { ChevronDown, Wrench } from "lucide-react";
import { memo, useId, useState } from "react";
import { type Finding, passes } from "@/core/rules";
import { useAssessment, useDesk, useDeskState, wiringOf } from "@/features/desk";
import { amount, levelColour, limit, LevelMark, levelWords, useUnits } from "@/ui";
import style from "./ledger.module.css";
import { MarginBar } from "./MarginBar";
import { assumptionSentence, findingSentence, mendSentence, missingSentence, ruleTitles, whyLines } from "./messages";
import { portPrefix } from "./places";

/** One line per rule and port: the number, the limit, the room left, what was assumed, why, and what would mend it. */
export const Ledger = memo(function Ledger() {
  const assessment = useAssessment();
  const search = useDeskState(({ judgement }) => (judgement?.mends === "searching" ? `Looking for a mend${judgement.tried > 0 ? ` (${judgement.tried} wirings tried)` : ""}…` : null));
  if (assessment === null) return <p className={style["line"]}>Judging…</p>;
  return (
    <>
      {assessment.missing.length > 0 && (
        <ul>
          {assessment.missing.map((missing) => <li key={missing.type}>{missingSentence(missing)}</li>)}
        </ul>
      )}
      {assessment.type === "assessed" && (
        <ol aria-label="Ledger of rules" className={style["list"]}>
          {assessment.findings.map((finding) => <LedgerLine key={finding.id} finding={finding} place={portPrefix(assessment, finding.where)} search={search} />)}
        </ol>
      )}
    </>
  );
});

type LineProps = { readonly finding: Finding; readonly place: string; readonly search: string | null };

/** Findings are new objects at every verdict; a line is drawn again only when what it says has changed. */
const LedgerLine = memo(Line, (a, b) => a.place === b.place && a.search === b.search && JSON.stringify(a.finding) === JSON.stringify(b.finding));

function Line({ finding, place, search }: LineProps) {
  const desk = useDesk();
  const system = useUnits();
  const [open, setOpen] = useState(false);
  const whyId = useId();
  const { id, level, rule, value, mend } = finding;
  const light = (on: boolean) => desk.set({ litFinding: on ? id : null });
  const failing = !passes(level) && level !== "open";
  return (
    <li data-rule={rule} data-level={level} onMouseEnter={() => light(true)} onMouseLeave={() => light(false)} className={style["line"]}>
      <LevelMark level={level} />
      <div className={style["words"]}>
        <div className={style["title"]}><span style={{ color: levelColour(level) }}>{levelWords[level]}: </span>{place}{ruleTitles[rule]}</div>
        <div className={style["sentence"]}>{findingSentence(finding, system)}</div>
      </div>
      <div className={`num ${style["value"]}`}>
        {value === null ? "–" : amount(value.value, value.unit)}
        <span className={style["limit"]}>{finding.limit === null ? (value?.unit === "%" ? " lost" : " of –") : ` of ${limit(finding.limit.value, finding.limit.unit)}`}</span>
      </div>
      <div className={style["bar"]}><MarginBar finding={finding} /></div>
      <button type="button" className={style["whyButton"]} aria-expanded={open} aria-controls={whyId} onClick={() => setOpen(!open)}>
        Why<span className="visually-hidden">: {place}{ruleTitles[rule]}</span> <ChevronDown size={16} aria-hidden style={{ transform: open ? "rotate(180deg)" : undefined }} />
      </button>
      {(finding.assumptions.length > 0 || failing) && (
        <div className={style["extra"]}>
          {mend !== null && (
            <Button variant="contained" color="secondary" size="small" startIcon={<Wrench size={15} />} onClick={() => desk.change({ type: "rewire", wiringId: wiringOf(desk.store.getState()).id, lanes: mend.lanes, counts: mend.counts })}>
              Mend: {mendSentence(mend)}
            </Button>
          )}
          {mend === null && failing && <span className={style["small"]}>{search ?? "No wiring of these panels would do better here; another input would."}</span>}
          {finding.assumptions.length > 0 && <span className={style["assumed"]}><em>Assumed:</em> {finding.assumptions.map((each) => assumptionSentence(each, system)).join("; ")}.</span>}
        </div>
      )}
      <div id={whyId} className={style["wide"]}>{open && <Why finding={finding} />}</div>
    </li>
  );
}

function Why({ finding }: { finding: Finding }) {
  const { lines, source } = whyLines(finding);
  return (
    <div className={style["formula"]}>
      {lines.map((line) => <div key={line} className="num">{line}</div>)}
      {source !== "" && <div className={style["source"]}>{source}</div>}
    </div>
  );
}
