"use client";

import { useId } from "react";
import { type Part, parts } from "./parts";
import style from "./year.module.css";

const strokes: Readonly<Record<NonNullable<Part["pattern"]>, string>> = {
  squares: "M0 0H6V6H0Z",
  circles: "M1.5 3a1.5 1.5 0 1 0 3 0a1.5 1.5 0 1 0-3 0",
  verticalLines: "M3 0V6",
  horizontalLines: "M0 3H6",
  slantedLines: "M0 0L6 6",
};

/** What the parts of a column are, each with its pattern: to be told apart without colour. */
export function Legend({ colours, hasNeed }: { colours: readonly string[]; hasNeed: boolean }) {
  const id = useId();
  return (
    <ul className={style["legend"]} aria-label="Parts of a column, from its foot">
      {parts.map((part, k) => {
        const colour = colours[k] ?? "currentColor";
        const { pattern } = part;
        return (
          <li key={part.id}>
            <svg width={18} height={12} aria-hidden>
              {pattern === null ? (
                <rect width={18} height={12} fill={colour} />
              ) : (
                <>
                  <pattern id={`${id}${part.id}`} width={6} height={6} patternUnits="userSpaceOnUse">
                    <path d={strokes[pattern]} stroke={colour} strokeWidth={1.6} fill="none" />
                  </pattern>
                  <rect width={18} height={12} fill={`url(#${id}${part.id})`} stroke={colour} />
                </>
              )}
            </svg>
            {part.name}
          </li>
        );
      })}
      {hasNeed && (
        <li>
          <svg width={18} height={12} aria-hidden>
            <path d="M0 6H18" stroke={colours[parts.length] ?? "currentColor"} strokeWidth={3} />
            <circle cx={9} cy={6} r={4} fill={colours[parts.length] ?? "currentColor"} />
          </svg>
          Need
        </li>
      )}
    </ul>
  );
}
