"use client";

import { useState } from "react";
import { eventKinds, type EventKind } from "@/core/measurements";
import { useReadings } from "@/features/plan-session";
import { FreeLine, newId, Region, TextButton } from "@/ui";
import { eventWords } from "@/messages/en";
import style from "./log.module.css";
import { eventsTexts } from "@/messages/en/log/view";

/** Marks in the margin: what was done, and what the weather did. */
export function Events() {
  const readings = useReadings();
  const [note, setNote] = useState("");
  const [told, tell] = useState("");
  const mark = async (what: EventKind) => {
    await readings?.add({
      id: newId(),
      kind: "event",
      atUtc: new Date().toISOString(),
      by: "",
      what,
      note: note.trim(),
    });
    setNote("");
    tell(eventsTexts.eventNameAddedToTheLog(eventWords[what]));
  };
  return (
    <Region title={eventsTexts.eventToday}>
      <div className={style["chips"]} role="group" aria-label={eventsTexts.whatWasDoneOrHappened}>
        {eventKinds.map((what) => (
          <TextButton key={what} onClick={() => void mark(what)}>
            {eventWords[what]}
          </TextButton>
        ))}
      </div>
      <FreeLine
        label={eventsTexts.comment}
        value={note}
        onValue={setNote}
        most={200}
        placeholder={eventsTexts.optionalBeforeYouPressAnEvent}
      />
      <p role="status" style={{ margin: "4px 0 0" }}>
        {told}
      </p>
    </Region>
  );
}
