"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { type JobKind } from "@/core/measurements";
import { useReadings } from "@/features/plan-session";
import { DayField, FreeLine, newId, Region, sheetStyle, TextButton } from "@/ui";
import { jobWords } from "@/messages/en";
import { fieldDay, roundName } from "./times";
import style from "./log.module.css";
import { newJobTexts } from "@/messages/en/log/view";

const kinds = Object.keys(jobWords) as JobKind[];
const rounds = [null, 28, 56, 182, 365] as const;

/** A job of one's own: what, from which day, how often. */
export function NewJob() {
  const readings = useReadings();
  const [what, setWhat] = useState<JobKind>("cleaned");
  const [everyDays, setEvery] = useState<number | null>(null);
  const [day, setDay] = useState(() => fieldDay(Date.now()));
  const [note, setNote] = useState("");
  const [told, tell] = useState("");
  const put = async () => {
    // at noon by this clock, so that it is the same day a few zones off
    const atMs = new Date(`${day}T12:00`).getTime();
    if (!Number.isFinite(atMs)) return tell(newJobTexts.dayIsNotADateEnterADate(day));
    if (what === "other" && note.trim() === "") return tell(newJobTexts.describeTheJob);
    await readings?.add({
      id: newId(),
      kind: "job",
      atUtc: new Date(atMs).toISOString(),
      by: "",
      what,
      everyDays,
      note: note.trim(),
    });
    setNote("");
    tell(newJobTexts.nameAdded(jobWords[what].name));
  };
  return (
    <Region title={newJobTexts.addAJobOfYourOwn}>
      <div className={style["chips"]} role="group" aria-label={newJobTexts.job}>
        {kinds.map((each) => (
          <TextButton key={each} aria-pressed={each === what} onClick={() => setWhat(each)}>
            {jobWords[each].name}
          </TextButton>
        ))}
      </div>
      <div className={style["chips"]} role="group" aria-label={newJobTexts.howOften}>
        {rounds.map((each) => (
          <TextButton key={String(each)} aria-pressed={each === everyDays} onClick={() => setEvery(each)}>
            {roundName(each)}
          </TextButton>
        ))}
      </div>
      <Box sx={{ mb: 1 }}>
        <DayField label={newJobTexts.firstDate} value={day} onValue={setDay} />
      </Box>
      <FreeLine
        label={newJobTexts.description}
        value={note}
        onValue={setNote}
        most={200}
        placeholder={newJobTexts.whichPanelsWhichBolts}
      />
      <div className={sheetStyle["buttons"]} style={{ marginTop: 8 }}>
        <TextButton look="amber" onClick={() => void put()}>
          {newJobTexts.addThisJob}
        </TextButton>
      </div>
      <p role="status" style={{ margin: "4px 0 0" }}>
        {told}
      </p>
    </Region>
  );
}
