"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { positionIdOf, useAssessment, useDeskState, usePlan, useWiring } from "@/features/plan-session";
import { AlertBar, Columns, nameForFile, downloadFile, Region, TextButton, useUnits } from "@/ui";
import { verdictOf } from "@/messages/en";
import { sheetHtml } from "./as-html";
import { BringHome } from "./BringHome";
import { sheetContent } from "./make-sheet";
import { phoneSheetTabTexts } from "@/messages/en/phone-sheet/view";

/** One file for the phone on the roof, and what was ticked and read there brought home. */
export function PhoneSheetTab() {
  const plan = usePlan();
  const wiring = useWiring();
  const system = useUnits();
  const assessment = useAssessment();
  const positionId = useDeskState(positionIdOf);
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
      const content = await sheetContent(
        { plan, planId, revision, wiring, positionId, verdict, moment, system },
        setShare,
      );
      const made = await sheetHtml(content);
      if (made.type === "fault") setTrouble(made.message);
      else {
        downloadFile(`${nameForFile(plan.name)}-roof-sheet.html`, "text/html", made.html);
        tell(phoneSheetTabTexts.sizeKBInOneFileSendItToThePhone((new Blob([made.html]).size / 1000).toFixed(0)));
      }
    } catch (error) {
      setTrouble(error instanceof Error ? error.message : phoneSheetTabTexts.couldNotMakeThePhoneSheet);
    }
    setShare(null);
  };
  return (
    <Columns beside="390px">
      <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
        <Region title={phoneSheetTabTexts.phoneSheet}>
          <p style={{ marginTop: 0 }}>{phoneSheetTabTexts.oneFileThatOpensOnAnyPhone}</p>
          {trouble !== null && <AlertBar level="care">{trouble}</AlertBar>}
          <TextButton look="amber" disabled={share !== null} onClick={() => void make()}>
            {share === null
              ? phoneSheetTabTexts.makeThePhoneSheet
              : phoneSheetTabTexts.makingThePhoneSheetShare((100 * share).toFixed(0))}
          </TextButton>
          <p role="status" style={{ margin: "6px 0 0" }}>
            {told}
          </p>
        </Region>
        <Region title={phoneSheetTabTexts.onThePhone}>
          <ul style={{ margin: 0, paddingLeft: 20 }}>
            <li>{phoneSheetTabTexts.openItFromThePhonesFilesInIts}</li>
            <li>{phoneSheetTabTexts.ticksAndReadingsCarryTheTimeOf}</li>
            <li>{phoneSheetTabTexts.aPhoneSheetMadeAfterAChangeOfThe}</li>
          </ul>
        </Region>
      </Box>
      <BringHome />
    </Columns>
  );
}
