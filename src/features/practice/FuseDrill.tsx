"use client";

import { useState } from "react";
import { closeBox, type FuseCase } from "@/practice";
import { Columns, Region, TextButton } from "@/ui";
import { given } from "@/messages/en";
import { type PlayProps } from "./play-props";
import { LabelSheet } from "./Sheets";
import style from "./practice.module.css";

/** The box with its rows: a fuse for each, or a plain link; then it is closed. */
export function FuseDrill({ drill, verdict, onEnd }: PlayProps<FuseCase>) {
  const [sizeA, choose] = useState<number | null | undefined>(undefined);
  const name = (size: number | null) => (size === null ? "No fuses: plain links" : given(size, "A"));
  return (
    <Columns beside="340px">
      <Region title="The box">
        <svg
          viewBox={`0 0 420 ${40 * drill.strings + 30}`}
          role="img"
          className={style["box"]}
          aria-label={`${drill.strings} rows on one bar, ${sizeA === undefined ? "nothing in their holders" : name(sizeA)}`}
        >
          {Array.from({ length: drill.strings }, (_, k) => (
            <g key={k}>
              <line x1={10} x2={150} y1={30 + 40 * k} y2={30 + 40 * k} className={style["wire"]} />
              <rect
                x={150}
                y={17 + 40 * k}
                width={120}
                height={26}
                className={style["holder"]}
                data-empty={sizeA === undefined}
              />
              <text x={210} y={35 + 40 * k} className={style["fuse"]}>
                {sizeA === undefined ? "" : sizeA === null ? "link" : `${sizeA} A`}
              </text>
              <line x1={270} x2={360} y1={30 + 40 * k} y2={30 + 40 * k} className={style["wire"]} />
            </g>
          ))}
          <line x1={360} x2={360} y1={20} y2={40 * drill.strings + 10} className={style["bar"]} />
          <line x1={360} x2={412} y1={30} y2={30} className={style["bar"]} />
        </svg>
        <div className={style["row"]} role="group" aria-label="What goes into each holder">
          {[null, ...drill.sizesA].map((size) => (
            <TextButton
              key={String(size)}
              aria-pressed={sizeA === size}
              disabled={verdict !== null}
              onClick={() => choose(size)}
            >
              {name(size)}
            </TextButton>
          ))}
        </div>
        <button
          type="button"
          className={style["do"]}
          disabled={verdict !== null || sizeA === undefined}
          onClick={() => sizeA !== undefined && onEnd(closeBox(drill, sizeA))}
        >
          Close the box
        </button>
      </Region>
      <Region title="What lies there">
        <LabelSheet label={drill.panel} count={null} />
      </Region>
    </Columns>
  );
}
