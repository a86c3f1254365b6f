"use client";

import { useState } from "react";
import { closeBox, type FuseCase } from "@/practice";
import { Columns, Region, TextButton } from "@/ui";
import { given } from "@/messages/en";
import { type PlayProps } from "./play-props";
import { LabelSheet } from "./Sheets";
import style from "./practice.module.css";
import { fuseDrillTexts } from "@/messages/en/practice/view";

/** The box with its strings: a fuse for each, or a plain link; then it is closed. */
export function FuseDrill({ drill, verdict, onEnd }: PlayProps<FuseCase>) {
  const [sizeA, choose] = useState<number | null | undefined>(undefined);
  const name = (size: number | null) => (size === null ? fuseDrillTexts.noFusesPlainLinks : given(size, "A"));
  return (
    <Columns beside="340px">
      <Region title={fuseDrillTexts.combinerBox}>
        <svg
          viewBox={`0 0 420 ${40 * drill.strings + 30}`}
          role="img"
          className={style["box"]}
          aria-label={fuseDrillTexts.busbar(
            drill.strings,
            sizeA === undefined ? fuseDrillTexts.nothingInTheirHolders : name(sizeA),
          )}
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
                {sizeA === undefined ? "" : sizeA === null ? fuseDrillTexts.link : `${sizeA} A`}
              </text>
              <line x1={270} x2={360} y1={30 + 40 * k} y2={30 + 40 * k} className={style["wire"]} />
            </g>
          ))}
          <line x1={360} x2={360} y1={20} y2={40 * drill.strings + 10} className={style["bar"]} />
          <line x1={360} x2={412} y1={30} y2={30} className={style["bar"]} />
        </svg>
        <div className={style["row"]} role="group" aria-label={fuseDrillTexts.partInEachHolder}>
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
          {fuseDrillTexts.closeTheCombinerBox}
        </button>
      </Region>
      <Region title={fuseDrillTexts.panelsAndController}>
        <LabelSheet label={drill.panel} count={null} />
      </Region>
    </Columns>
  );
}
