"use client";

import { TextButton } from "@/ui";
import style from "./year.module.css";
import { progressTexts } from "@/messages/en/year/view";

/** How far a longer piece of work has come, and how to stop it. */
export function Progress({ words, share, onStop }: { words: string; share: number; onStop?: () => void }) {
  const percentDone = Math.round(100 * share);
  return (
    <div style={{ display: "grid", gap: 4, gridTemplateColumns: "minmax(0, 1fr) auto", alignItems: "center" }}>
      <div>
        <span className={style["small"]}>{words}</span>
        <div
          role="progressbar"
          aria-label={words}
          aria-valuenow={percentDone}
          aria-valuemin={0}
          aria-valuemax={100}
          className={style["bar"]}
        >
          <div style={{ width: `${percentDone}%` }} />
        </div>
      </div>
      {onStop !== undefined && <TextButton onClick={onStop}>{progressTexts.cancel}</TextButton>}
    </div>
  );
}
