"use client";

/** A crash of a view. The document is safe: what was typed is saved, or kept as a draft in the browser. */
export default function ErrorPage({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <main style={{ maxWidth: 640, margin: "15vh auto", padding: 16 }}>
      <h1>This page stumbled</h1>
      <p>
        What was saved is on disk. Anything newer is kept in this browser, unless it has no room or is not allowed to.
      </p>
      <p style={{ overflowWrap: "anywhere" }}>{error.message}</p>
      <p>
        <button type="button" onClick={reset}>
          Try again
        </button>
      </p>
    </main>
  );
}
