"use client";
import { errorTexts } from "@/messages/en/app/view";

/** A crash of a view. The document is safe: what was typed is saved, or kept as a draft in the browser. */
export default function ErrorPage({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <main style={{ maxWidth: 640, margin: "15vh auto", padding: 16 }}>
      <h1>{errorTexts.somethingWentWrongOnThisPage}</h1>
      <p>{errorTexts.whatWasSavedIsOnDiskNewerChanges}</p>
      <p style={{ overflowWrap: "anywhere" }}>{error.message}</p>
      <p>
        <button type="button" onClick={reset}>
          {errorTexts.tryAgain}
        </button>
      </p>
    </main>
  );
}
