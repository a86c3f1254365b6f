"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Collapse from "@mui/material/Collapse";
import { ChevronDown, Wrench } from "lucide-react";
import { useId, useState } from "react";
import { type Finding, passes } from "@/core/rules";
import { useAssessment, useDesk, useDeskState, useWiring } from "@/features/desk";
import { amount, levelColour, limit, LevelMark, levelWords } from "@/ui";
import { MarginBar } from "./MarginBar";
import { assumptionSentence, findingSentence, mendSentence, missingSentence, ruleTitles, whyLines } from "./messages";
import { portPrefix } from "./places";

/** One line per rule and port: the number, the limit, the room left, what was assumed, why, and what would mend it. */
export function Ledger() {
  const assessment = useAssessment();
  if (assessment === null) return <Box sx={{ p: 2 }}>Judging…</Box>;
  return (
    <>
      {assessment.missing.length > 0 && (
        <Box component="ul" sx={{ m: 0, pl: 3, py: 1 }}>
          {assessment.missing.map((missing) => <li key={missing.type}>{missingSentence(missing)}</li>)}
        </Box>
      )}
      {assessment.type === "assessed" && (
        <Box component="ol" aria-label="Ledger of rules" sx={{ listStyle: "none", m: 0, p: 0 }}>
          {assessment.findings.map((finding) => <LedgerLine key={finding.id} finding={finding} place={portPrefix(assessment, finding.where)} />)}
        </Box>
      )}
    </>
  );
}

function LedgerLine({ finding, place }: { finding: Finding; place: string }) {
  const desk = useDesk();
  const wiring = useWiring();
  const searching = useDeskState((state) => state.judgement?.mends === "searching");
  const tried = useDeskState((state) => state.judgement?.tried ?? 0);
  const [open, setOpen] = useState(false);
  const whyId = useId();
  const { id, level, rule, value, mend } = finding;
  const light = (on: boolean) => desk.set({ litFinding: on ? id : null });
  return (
    <Box
      component="li"
      data-rule={rule}
      data-level={level}
      onMouseEnter={() => light(true)}
      onMouseLeave={() => light(false)}
      sx={{ px: { xs: 1, md: 1.5 }, py: 1, borderBottom: "1px solid var(--line)", display: "grid", columnGap: 1.5, rowGap: 0.25, alignItems: "center", gridTemplateColumns: { xs: "24px 1fr auto", md: "24px minmax(0, 1fr) 140px 142px auto" } }}
    >
      <LevelMark level={level} />
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ fontWeight: 700, fontSize: "0.875rem" }}>
          <Box component="span" sx={{ color: levelColour(level) }}>{levelWords[level]}: </Box>
          {place}{ruleTitles[rule]}
        </Box>
        <Box sx={{ fontSize: "0.875rem", lineHeight: 1.35 }}>{findingSentence(finding)}</Box>
      </Box>
      <Box className="num" sx={{ fontSize: "0.9375rem", textAlign: { md: "right" }, whiteSpace: "nowrap", gridColumn: { xs: "2 / 4", md: "auto" } }}>
        {value === null ? "–" : amount(value.value, value.unit)}
        <Box component="span" sx={{ color: "text.secondary", fontSize: "0.8125rem" }}>{finding.limit === null ? (value?.unit === "%" ? " lost" : " of –") : ` of ${limit(finding.limit.value, finding.limit.unit)}`}</Box>
      </Box>
      <Box sx={{ gridColumn: { xs: "2 / 4", md: "auto" } }}><MarginBar finding={finding} /></Box>
      <Button size="small" aria-expanded={open} aria-controls={whyId} onClick={() => setOpen(!open)} endIcon={<ChevronDown size={16} style={{ transform: open ? "rotate(180deg)" : undefined }} />} sx={{ gridColumn: { xs: "2 / 3", md: "auto" }, justifySelf: "start" }}>
        Why<span className="visually-hidden">: {place}{ruleTitles[rule]}</span>
      </Button>
      {(finding.assumptions.length > 0 || !passes(level)) && (
        <Box sx={{ gridColumn: { xs: "2 / 4", md: "2 / 6" }, display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap" }}>
          {mend !== null && (
            <Button
              variant="contained"
              color="secondary"
              size="small"
              startIcon={<Wrench size={15} />}
              onClick={() => desk.change({ type: "rewire", wiringId: wiring.id, lanes: mend.lanes, counts: mend.counts })}
            >
              Mend: {mendSentence(mend)}
            </Button>
          )}
          {mend === null && !passes(level) && level !== "open" && searching && <Box sx={{ fontSize: "0.8125rem" }}>Looking for a mend{tried > 0 ? ` (${tried} wirings tried)` : ""}…</Box>}
          {mend === null && !passes(level) && level !== "open" && !searching && <Box sx={{ fontSize: "0.8125rem" }}>No wiring of these panels would do better here; another input would.</Box>}
          {finding.assumptions.length > 0 && (
            <Box sx={{ fontSize: "0.8125rem", color: "text.secondary" }}>
              <em>Assumed:</em> {finding.assumptions.map(assumptionSentence).join("; ")}.
            </Box>
          )}
        </Box>
      )}
      <Box id={whyId} sx={{ gridColumn: { xs: "2 / 4", md: "2 / 6" } }}>
        <Collapse in={open} timeout={0} unmountOnExit>
          <Why finding={finding} />
        </Collapse>
      </Box>
    </Box>
  );
}

function Why({ finding }: { finding: Finding }) {
  const { lines, source } = whyLines(finding);
  return (
    <Box sx={{ borderLeft: "3px solid var(--amber)", pl: 1.5, py: 0.5, my: 0.5 }}>
      {lines.map((line) => <Box key={line} className="num" sx={{ fontSize: "0.8125rem", lineHeight: 1.6 }}>{line}</Box>)}
      {source !== "" && <Box sx={{ fontSize: "0.8125rem", color: "text.secondary" }}>{source}</Box>}
    </Box>
  );
}
