"use client";

/** A crash of a view. The document is safe: what was typed is saved, or kept as a draft in the browser. */
export default function ErrorPage({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <main style={{ maxWidth: 640, margin: "15vh auto", padding: 16 }}>
      <h1>This page stumbled</h1>
      <p>Your plan is safe: what was saved is on disk, and anything newer is kept in this browser.</p>
      <p style={{ overflowWrap: "anywhere" }}>{error.message}</p>
      <p>
        <button type="button" onClick={reset}>
          Try again
        </button>
      </p>
    </main>
  );
}
