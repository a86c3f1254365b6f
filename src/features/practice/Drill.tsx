"use client";

import { useState } from "react";
import { type DrillCase, type Verdict } from "@/practice";
import { LevelMark, downloadFile, Region, TextButton, useUnits } from "@/ui";
import { drillWords, verdictSentence } from "@/messages/en";
import { addressOf, type At } from "./at";
import { BenchDrill } from "./BenchDrill";
import { BoardDrill } from "./BoardDrill";
import { FuseDrill } from "./FuseDrill";
import { HandDrill } from "./HandDrill";
import style from "./practice.module.css";
import { type PlayProps } from "./play-props";
import { drillTexts } from "@/messages/en/practice/view";

type Props = {
  readonly at: At;
  readonly drill: DrillCase;
  readonly onVerdict: (verdict: Verdict) => void;
  readonly onNext: () => void;
  readonly onAgain: () => void;
};

/** One drill: what stands there, the thing itself to be done, and then what came of it, with its numbers. */
export function Drill({ at, drill, onVerdict, onNext, onAgain }: Props) {
  const system = useUnits();
  const [verdict, setVerdict] = useState<Verdict | null>(null);
  const { title, story, lesson } = drillWords[at.id];
  const end = (next: Verdict) => {
    if (verdict !== null) return;
    setVerdict(next);
    onVerdict(next);
  };
  const props = { level: at.level, verdict, onEnd: end };
  return (
    <>
      <Region title={title} aside={<span>{levelWords[at.level]}</span>}>
        <p className={style["story"]}>{story(drill.facts)}</p>
        {at.endless !== null && (
          <p className={style["run"]}>
            {drillTexts.numberNthOfEndlessRunSeedThis(at.endless.nth + 1, at.endless.seed)}{" "}
            <TextButton onClick={() => share(at)}>{drillTexts.copyTheAddress}</TextButton>
          </p>
        )}
        {verdict !== null && (
          <div role="status" className={style["verdict"]} data-solved={verdict.type === "solved"}>
            <LevelMark level={verdict.type === "solved" ? "good" : "stop"} size={22} decorative={false} />
            <div>
              <p>
                <strong>{verdictSentence(verdict, system)}</strong>
              </p>
              <p>{lesson(drill.facts)}</p>
              <TextButton look="amber" onClick={onNext}>
                {drillTexts.nextDrill}
              </TextButton>{" "}
              <TextButton onClick={onAgain}>
                {verdict.type === "solved" ? drillTexts.doItAgain : drillTexts.tryAgain}
              </TextButton>
            </div>
          </div>
        )}
      </Region>
      <Thing drill={drill} {...props} />
    </>
  );
}

const levelWords = { 1: "first level", 2: "second level", 3: "third level" } as const;

/** The clipboard where the browser lets one; else a file that opens it. */
function share(at: At): void {
  const address = `${window.location.origin}/practice#${addressOf(at)}`;
  navigator.clipboard
    .writeText(address)
    .catch(() => downloadFile("endless.url", "text/plain", `[InternetShortcut]\nURL=${address}\n`));
}

function Thing({ drill, ...props }: PlayProps<DrillCase>) {
  switch (drill.type) {
    case "board":
      return <BoardDrill drill={drill} {...props} />;
    case "bench":
      return <BenchDrill drill={drill} {...props} />;
    case "hand":
      return <HandDrill drill={drill} {...props} />;
    case "fuse":
      return <FuseDrill drill={drill} {...props} />;
  }
}
