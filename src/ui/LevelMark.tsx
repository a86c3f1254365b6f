import { memo } from "react";
import { levelMarkTexts } from "@/messages/en/ui/view";

export type MarkLevel = "stop" | "open" | "care" | "note" | "good";

/** Word, colour and shape of each level: three ways to tell them apart, so none rests on colour. */
export const levelWords: Readonly<Record<MarkLevel, string>> = {
  stop: levelMarkTexts.stop,
  open: levelMarkTexts.missing,
  care: levelMarkTexts.caution,
  note: levelMarkTexts.note,
  good: "OK",
};

const colours: Readonly<Record<MarkLevel, string>> = {
  stop: "var(--stop)",
  open: "var(--note)",
  care: "var(--care)",
  note: "var(--note)",
  good: "var(--good)",
};

const octagon = "5.9,1 14.1,1 19,5.9 19,14.1 14.1,19 5.9,19 1,14.1 1,5.9";

export function levelColour(level: MarkLevel): string {
  return colours[level];
}

/** The level's sign: bar in an octagon, question in a diamond, stroke in a triangle, dot in a ring, tick. */
export const LevelMark = memo(function LevelMark({
  level,
  size = 20,
  decorative = true,
}: {
  level: MarkLevel;
  size?: number;
  decorative?: boolean;
}) {
  const colour = colours[level];
  const solid = { fill: colour, stroke: colour };
  const cut = { stroke: "var(--sheet)", strokeWidth: 2.4, strokeLinecap: "round" as const, fill: "none" };
  return (
    <svg
      viewBox="0 0 20 20"
      width={size}
      height={size}
      style={{ flex: "none", display: "block" }}
      role={decorative ? undefined : "img"}
      aria-hidden={decorative}
      aria-label={decorative ? undefined : levelWords[level]}
    >
      {level === "stop" && (
        <>
          <polygon points={octagon} {...solid} />
          <path d="M5.5 10h9" {...cut} />
        </>
      )}
      {level === "open" && (
        <>
          <polygon points="10,0.5 19.5,10 10,19.5 0.5,10" {...solid} />
          <path d="M7.6 8a2.4 2.4 0 1 1 3.4 2.2c-.8.4-1 .8-1 1.5M10 14.4v.1" {...cut} strokeWidth={1.9} />
        </>
      )}
      {level === "care" && (
        <>
          <polygon points="10,1.5 19,18 1,18" {...solid} strokeLinejoin="round" />
          <path d="M10 7.5v5M10 15.4v.1" {...cut} strokeWidth={2.1} />
        </>
      )}
      {level === "note" && (
        <>
          <circle cx="10" cy="10" r="8" fill="none" stroke={colour} strokeWidth="2" />
          <circle cx="10" cy="10" r="2.6" fill={colour} />
        </>
      )}
      {level === "good" && (
        <path d="M3 10.5l4.6 4.8L17 4.8" fill="none" stroke={colour} strokeWidth="2.8" strokeLinecap="square" />
      )}
    </svg>
  );
});
