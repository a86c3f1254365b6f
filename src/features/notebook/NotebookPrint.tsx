"use client";

import { usePlan } from "@/features/desk";
import { type NotebookStop, pages } from "./pages";

/** What is written at a stop, and its questions with room to answer them by hand. */
export function NotebookPrint({ stop }: { stop: NotebookStop }) {
  const text = usePlan().notes[stop];
  const { asks, caution } = pages[stop];
  return (
    <>
      <p style={{ whiteSpace: "pre-wrap" }}>{text === "" ? "Nothing written yet." : text}</p>
      <h2>Worth writing down</h2>
      {asks.map((ask) => (
        <p key={ask} style={{ borderBottom: "0.4pt solid #999", minHeight: "16mm" }}>
          {ask}
        </p>
      ))}
      {caution !== null && <p>{caution}</p>}
    </>
  );
}
