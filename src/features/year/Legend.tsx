"use client";

import { useId } from "react";
import { type Part, parts } from "./parts";
import style from "./year.module.css";
import { legendTexts } from "@/messages/en/year/view";

const strokes: Readonly<Record<NonNullable<Part["pattern"]>, string>> = {
  squares: "M0 0H6V6H0Z",
  circles: "M1.5 3a1.5 1.5 0 1 0 3 0a1.5 1.5 0 1 0-3 0",
  verticalLines: "M3 0V6",
  horizontalLines: "M0 3H6",
  slantedLines: "M0 0L6 6",
};

/** The surface of a part, to be told from the others without colour. */
export function Pattern({ part: { pattern, colour }, id }: { part: Part; id: string }) {
  if (pattern === null) return null;
  return (
    <pattern id={id} width={6} height={6} patternUnits="userSpaceOnUse">
      <path d={strokes[pattern]} stroke={colour} strokeWidth={1.6} fill="none" />
    </pattern>
  );
}

/** What the parts of a column are, each with its pattern. */
export function Legend({ hasNeed }: { hasNeed: boolean }) {
  const id = useId();
  return (
    <ul className={style["legend"]} aria-label={legendTexts.partsOfAColumnFromTheBottom}>
      {parts.map((part) => (
        <li key={part.id}>
          <svg width={18} height={12} aria-hidden>
            <Pattern part={part} id={`${id}${part.id}`} />
            <rect
              width={18}
              height={12}
              fill={part.pattern === null ? part.colour : `url(#${id}${part.id})`}
              stroke={part.colour}
            />
          </svg>
          {part.name}
        </li>
      ))}
      {hasNeed && (
        <li>
          <svg width={18} height={12} aria-hidden>
            <path d="M0 6H18" className={style["thread"]} />
            <circle cx={9} cy={6} r={4} className={style["knot"]} />
          </svg>
          {legendTexts.need}
        </li>
      )}
    </ul>
  );
}
