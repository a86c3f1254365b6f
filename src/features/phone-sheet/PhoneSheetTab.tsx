"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { poseIdOf, useAssessment, useDeskState, usePlan, useWiring } from "@/features/plan-session";
import { AlertBar, Columns, nameForFile, downloadFile, Region, TextButton, useUnits } from "@/ui";
import { verdictOf } from "@/messages/en";
import { sheetHtml } from "./as-html";
import { BringHome } from "./BringHome";
import { sheetContent } from "./make-sheet";

/** One file for the phone on the roof, and what was ticked and read there brought home. */
export function PhoneSheetTab() {
  const plan = usePlan();
  const wiring = useWiring();
  const system = useUnits();
  const assessment = useAssessment();
  const poseId = useDeskState(poseIdOf);
  const { planId, revision, moment } = useDeskState((state) => state);
  const [share, setShare] = useState<number | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [told, tell] = useState("");
  const make = async () => {
    setShare(0);
    setTrouble(null);
    const { word, sentence } = verdictOf(assessment, system);
    try {
      const verdict = `${word}. ${sentence}`;
      const content = await sheetContent({ plan, planId, revision, wiring, poseId, verdict, moment, system }, setShare);
      const made = await sheetHtml(content);
      if (made.type === "fault") setTrouble(made.message);
      else {
        downloadFile(`${nameForFile(plan.name)}-roof-sheet.html`, "text/html", made.html);
        tell(
          `${(new Blob([made.html]).size / 1000).toFixed(0)} kB in one file: send it to the phone as you send a photo.`,
        );
      }
    } catch (error) {
      setTrouble(error instanceof Error ? error.message : "The sheet could not be made.");
    }
    setShare(null);
  };
  return (
    <Columns beside="390px">
      <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
        <Region title="Sheet for the roof">
          <p style={{ marginTop: 0 }}>
            One file that opens on any phone without a network: drawings with dimensions, cables, the order of work with
            ticks, what is due hour by hour for three days, and fields for what your meter shows. It asks the network
            for nothing. What you tick and type stays in that phone’s browser until you bring it home.
          </p>
          {trouble !== null && <AlertBar level="care">{trouble}</AlertBar>}
          <TextButton look="amber" disabled={share !== null} onClick={() => void make()}>
            {share === null ? "Make the sheet" : `Making it: ${(100 * share).toFixed(0)} %`}
          </TextButton>
          <p role="status" style={{ margin: "6px 0 0" }}>
            {told}
          </p>
        </Region>
        <Region title="On the phone">
          <ul style={{ margin: 0, paddingLeft: 20 }}>
            <li>
              Open it from the files of the phone, in its browser. A preview within a mail may keep nothing: the sheet
              says so.
            </li>
            <li>Ticks and figures carry the time of the phone’s clock.</li>
            <li>A sheet made after a change of the plan is another sheet: bring the old one home first.</li>
          </ul>
        </Region>
      </Box>
      <BringHome />
    </Columns>
  );
}
