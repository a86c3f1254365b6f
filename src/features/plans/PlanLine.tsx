"use client";

import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import { formatDistanceToNowStrict } from "date-fns";
import { Archive, ArchiveRestore, Copy, FileDown, Trash2 } from "lucide-react";
import Link from "next/link";
import { type PlanSummary } from "@/api";
import { LevelMark, levelColour, useUnits } from "@/ui";
import { amount, verdictOf, visible, withFound } from "@/messages/en";
import { Sketch, sketchWords } from "./Sketch";
import { type Glance } from "./useVerdicts";
import { planLineTexts } from "@/messages/en/plans/view";

type Props = {
  readonly plan: PlanSummary;
  /** null until it has been looked at */ readonly glance: Glance | null;
  readonly onDuplicate: () => void;
  readonly onPutAway: () => void;
  readonly onRemove: () => void;
};

/** A plan of the list: its name, its verdict and watts, its wiring at a glance, and what can be done with it. */
export function PlanLine({ plan, glance, onDuplicate, onPutAway, onRemove }: Props) {
  return (
    <Box
      component="li"
      sx={{
        display: "flex",
        alignItems: "center",
        flexWrap: { xs: "wrap", sm: "nowrap" },
        borderBottom: "1px solid var(--line)",
        pl: 1.5,
        pr: 0.5,
      }}
    >
      <Box
        component={Link}
        href={`/plan/${plan.id}/wiring`}
        prefetch={false}
        sx={{
          flex: { xs: "1 1 100%", sm: 1 },
          minWidth: 0,
          color: "var(--ink)",
          textDecoration: "none",
          py: 1.25,
          "&:hover strong": {
            textDecoration: "underline",
            textDecorationColor: "var(--amber)",
            textDecorationThickness: 3,
          },
        }}
      >
        <Box
          component="strong"
          sx={{ display: "block", fontFamily: "var(--font-display)", fontWeight: 600, fontSize: "1.0625rem" }}
        >
          {visible(plan.name)}
        </Box>
        {/* as high before the verdict is there as with it, so that nothing moves */}
        <Box sx={{ minHeight: 26, display: "flex", alignItems: "center", gap: 1.5, flexWrap: "wrap" }}>
          {glance !== null && <AtAGlance glance={glance} />}
        </Box>
        <Box component="span" suppressHydrationWarning sx={{ fontSize: "0.8125rem", color: "text.secondary" }}>
          {planLineTexts.changedAgoRevisionRevision(
            formatDistanceToNowStrict(new Date(plan.updatedAt), { addSuffix: true }),
            plan.revision,
          )}
          {plan.archived ? planLineTexts.archived : ""}
        </Box>
      </Box>
      <IconButton
        component="a"
        href={`/api/plans/${plan.id}/export`}
        download
        aria-label={planLineTexts.exportNameAsJson(visible(plan.name))}
      >
        <FileDown size={18} />
      </IconButton>
      <IconButton
        aria-label={planLineTexts.duplicateName(visible(plan.name))}
        title={planLineTexts.duplicate}
        onClick={onDuplicate}
      >
        <Copy size={18} />
      </IconButton>
      <IconButton
        aria-label={
          plan.archived ? planLineTexts.restoreName(visible(plan.name)) : planLineTexts.archiveName(visible(plan.name))
        }
        title={plan.archived ? planLineTexts.restore : planLineTexts.archive}
        onClick={onPutAway}
      >
        {plan.archived ? <ArchiveRestore size={18} /> : <Archive size={18} />}
      </IconButton>
      <IconButton
        aria-label={planLineTexts.deleteName(visible(plan.name))}
        title={planLineTexts.delete}
        onClick={onRemove}
      >
        <Trash2 size={18} />
      </IconButton>
    </Box>
  );
}

/** The verdict of the first wiring, the watts its inputs take at bright noon, and its drawing. */
function AtAGlance({ glance: { plan, assessment, found } }: { glance: Glance }) {
  const { level, word, sentence } = withFound(verdictOf(assessment, useUnits()), found, plan);
  const [wiring, ...others] = plan.wirings;
  const empty = assessment.type === "incomplete" && assessment.missing.length > 0 && wiring?.portArrays.length === 0;
  if (wiring === undefined || empty)
    return <Box sx={{ fontSize: "0.875rem", color: "text.secondary" }}>{planLineTexts.nothingWiredYet}</Box>;
  return (
    <>
      <Box data-glance={level} sx={{ display: "inline-flex", alignItems: "center", gap: 0.75, fontWeight: 600 }}>
        <LevelMark level={level} size={16} />
        <span style={{ color: levelColour(level) }}>{word}</span>
      </Box>
      {found !== null && <span style={{ fontSize: "0.875rem" }}>{sentence}</span>}
      {/* what must not be connected gives nothing */}
      {assessment.type === "assessed" && level !== "stop" && (
        <span className="num" title={planLineTexts.harvestAtBrightNoonAllPvInputs}>
          {planLineTexts.brightNoonAtNoon(amount(assessment.takenW.brightNoon, "W"))}
        </span>
      )}
      <Sketch wiring={wiring} />
      <span className="visually-hidden">{sketchWords(wiring)}</span>
      {others.length > 0 && (
        <Box component="span" sx={{ fontSize: "0.8125rem", color: "text.secondary" }}>
          {planLineTexts.nameAndOtherCountMore(wiring.name, others.length)}
        </Box>
      )}
    </>
  );
}
