"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useEffect, useMemo, useState } from "react";
import { type DrillId, makeDrill, nextDrill, practised, type Progress, progressOf, type Verdict } from "@/practice";
import { ThemeSwitch, PageHead, ReadyMark, TextButton, UnitSwitch, useHash } from "@/ui";
import { addressOf, anySeed, type At, atOf, inRun } from "./at";
import { Drill } from "./Drill";
import { DrillList } from "./DrillList";
import { keepProgress, readProgress } from "./kept";
import style from "./practice.module.css";
import { practiceViewTexts } from "@/messages/en/practice/view";

/** A place to make the mistakes before the roof does: on another paper, so that nobody takes it for a plan. */
export function PracticeView() {
  const [hash, show] = useHash();
  const [progress, setProgress] = useState<Progress | null>(null);
  const [isKept, setKept] = useState(true);
  const [now, setNow] = useState(0);
  useEffect(() => {
    // what this device keeps is known in the browser only
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setProgress(readProgress());
    setNow(Date.now());
  }, []);
  const at = useMemo(() => atOf(hash), [hash]);
  const drill = useMemo(() => (at === null ? null : makeDrill(at.id, at.seed, at.level)), [at]);
  const go = (next: At) => {
    show(addressOf(next));
    window.scrollTo({ top: 0 });
  };
  const open = (id: DrillId) => go({ id, level: progressOf(progress ?? {}, id).level, seed: anySeed(), endless: null });
  const told = (verdict: Verdict) => {
    if (at === null || progress === null) return;
    const nowMs = Date.now();
    const next = practised(progress, at.id, verdict.type === "solved", nowMs);
    setProgress(next);
    setNow(nowMs);
    setKept(keepProgress(next));
  };
  const goOn = () => {
    if (at?.endless !== undefined && at.endless !== null) return go(inRun(at.endless.seed, at.endless.nth + 1));
    open(nextDrill(progress ?? {}, Date.now(), at?.id ?? null));
  };
  return (
    <Box className={style["paper"]} sx={{ minHeight: "100vh" }}>
      <PageHead>
        <UnitSwitch />
        <ThemeSwitch />
      </PageHead>
      <Box component="main" sx={{ px: { xs: 1, md: 2 }, py: 2, display: "grid", gap: 2, maxWidth: 1280, mx: "auto" }}>
        <Box className={style["said"]} sx={{ display: "flex", gap: 2, alignItems: "baseline", flexWrap: "wrap" }}>
          <Typography variant="h1" component="h1">
            {practiceViewTexts.practice}
          </Typography>
          <Box component="p" sx={{ m: 0, display: at === null ? "block" : { xs: "none", sm: "block" } }}>
            {practiceViewTexts.practiceHereNothingYouDoAffects}
          </Box>
          <Box sx={{ ml: "auto", display: "flex", gap: 1, flexWrap: "wrap" }}>
            {at !== null && <TextButton onClick={() => show("")}>{practiceViewTexts.allDrills}</TextButton>}
            <TextButton onClick={() => go(inRun(anySeed(), 0))}>{practiceViewTexts.endless}</TextButton>
          </Box>
        </Box>
        {!isKept && (
          <p role="status" style={{ margin: 0, fontWeight: 700 }}>
            {practiceViewTexts.thisBrowserSavesNothingYour}
          </p>
        )}
        {at === null || drill === null ? (
          <DrillList progress={progress ?? {}} nowMs={now} onOpen={open} onNext={goOn} />
        ) : (
          <Drill key={addressOf(at)} at={at} drill={drill} onVerdict={told} onNext={goOn} onAgain={() => open(at.id)} />
        )}
      </Box>
      {progress !== null && <ReadyMark />}
    </Box>
  );
}
