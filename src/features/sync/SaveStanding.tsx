"use client";

import Button from "@mui/material/Button";
import { type ReactNode } from "react";
import { AlertBar } from "@/ui";
import { useIsKept } from "./useIsKept";
import { keptWords } from "@/messages/en/sync/save";
import { type SaveState } from "./standing";
import { saveStandingTexts } from "@/messages/en/sync/view";

type Props<Doc> = {
  readonly save: SaveState<Doc>;
  /** "plan" */ readonly noun: string;
  /** What became of it when it is gone: "deleted", "removed". */ readonly gone: string;
  /** Where and what was changed by others, as it ends "This plan was changed …". */ readonly changedWords: string;
  readonly takeTheirs: () => void;
  readonly keepMine: () => void;
  readonly saveAsNew: () => void;
  readonly download: () => void;
  /** More ways out of a stale save, before the others. */ readonly moreKeys?: ReactNode;
  readonly children?: ReactNode;
};

/** Says that a save did not happen, why, and what can be done. Nothing is lost while it stands. */
export function SaveStanding<Doc>({ save, noun, gone, changedWords, moreKeys, children, ...does }: Props<Doc>) {
  const isKept = useIsKept();
  const downloadKey = (
    <Button variant="outlined" size="small" onClick={does.download}>
      {saveStandingTexts.downloadIt}
    </Button>
  );
  switch (save.type) {
    case "saved":
    case "unsaved":
    case "saving":
      return null;
    case "unreachable":
      return (
        <AlertBar level={isKept ? "care" : "stop"} keys={isKept ? undefined : downloadKey}>
          <span>{saveStandingTexts.messageKeptItIsSavedAsSoonAs(save.message, keptWords(isKept))}</span>
        </AlertBar>
      );
    case "gone":
    case "refused":
      return (
        <AlertBar
          level="stop"
          keys={
            <>
              <Button variant="contained" size="small" onClick={does.saveAsNew}>
                {saveStandingTexts.saveAsANewNoun(noun)}
              </Button>
              {downloadKey}
            </>
          }
        >
          <span>
            {save.type === "gone" ? (
              <strong>{saveStandingTexts.thisNounWasGoneElsewhere(noun, gone)}</strong>
            ) : (
              save.message
            )}{" "}
            {keptWords(isKept)}
          </span>
        </AlertBar>
      );
    case "stale":
      return (
        <AlertBar
          level="care"
          keys={
            <>
              {moreKeys}
              <Button variant="outlined" size="small" onClick={does.takeTheirs}>
                {saveStandingTexts.loadTheOtherVersion}
              </Button>
              <Button variant="contained" size="small" onClick={does.keepMine}>
                {saveStandingTexts.keepThisVersion}
              </Button>
            </>
          }
        >
          <span>
            <strong>{saveStandingTexts.thisNounWasChangedChangedWords(noun, changedWords)}</strong>{" "}
            {saveStandingTexts.nowRevisionRevisionYourChanges(save.theirs.revision)}
          </span>
          {children}
        </AlertBar>
      );
  }
}
