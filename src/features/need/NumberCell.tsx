"use client";

import { useState } from "react";
import style from "./need.module.css";

type Props = {
  readonly label: string;
  readonly value: number;
  readonly decimals: number;
  readonly least: number;
  readonly most: number;
  readonly onValue: (value: number) => void;
  readonly onDone: () => void;
};

/** A number in a table: as small as a table needs, kept as typed while it is wrong, with what is allowed in its tip. */
export function NumberCell({ label, value, decimals, least, most, onValue, onDone }: Props) {
  const [draft, setDraft] = useState<string | null>(null);
  const text = draft ?? String(Number(value.toFixed(decimals)));
  const number = Number(text.replace(",", ".").replace("\u2212", "-"));
  const wrong = text.trim() === "" || !Number.isFinite(number) || number < least || number > most;
  const allowed = `allowed: ${least} to ${most}`;
  return (
    <input
      aria-label={wrong ? `${label}; ${allowed}` : label}
      aria-invalid={wrong}
      title={wrong ? `${label}: ${text}; ${allowed}` : label}
      inputMode="decimal"
      value={text}
      className={style["cell"]}
      onChange={(event) => {
        const next = event.target.value;
        setDraft(next);
        const typed = Number(next.replace(",", ".").replace("\u2212", "-"));
        if (next.trim() !== "" && Number.isFinite(typed) && typed >= least && typed <= most) onValue(typed);
      }}
      onBlur={() => {
        if (!wrong) setDraft(null);
        onDone();
      }}
    />
  );
}
