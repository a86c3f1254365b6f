"use client";

import Box from "@mui/material/Box";
import dynamic from "next/dynamic";
import { memo, useCallback, useEffect, useMemo, useState } from "react";
import { useDesk, useDeskState, wiringOf } from "@/features/plan-session";
import { BestWirings, WhatToBuy } from "@/features/best-wirings";
import { newId, SheetTabs, useHash } from "@/ui";
import { wiringStepTexts } from "@/messages/en/wiring/view";
import { BoardTab } from "./BoardTab";
import { MobileToolbar } from "./MobileToolbar";
import { PositionName } from "./PositionName";
import { PositionTabs } from "./PositionTabs";
import { WiringStepContext } from "./step-context";
import { stepShortcuts, type StepShortcut } from "./step-shortcuts";
import { WiringMenu } from "./WiringMenu";
import { WiringName } from "./WiringName";
import { WiringTabs } from "./WiringTabs";

const YearView = dynamic(() => import("@/features/year").then((part) => part.YearView));

const sheets = [
  { id: "board", name: wiringStepTexts.board, View: BoardTab },
  { id: "finder", name: wiringStepTexts.bestWirings, View: BestWirings },
  { id: "buy", name: wiringStepTexts.whatToBuy, View: WhatToBuy },
  { id: "year", name: wiringStepTexts.year, View: YearView },
] as const;

/** The step where panels meet the controller: the board, the best wirings, what to buy, and what a year brings. */
export function WiringStep() {
  const desk = useDesk();
  const [comparing, setComparing] = useState(false);
  const [writing, setWriting] = useState<"wiring" | "position" | null>(null);
  const [, setHash] = useHash();
  const onShortcut = useCallback(
    (key: StepShortcut) =>
      key.run({
        desk,
        newId,
        toggleCompare: () => setComparing((now) => !now),
        toggleFind: () => setHash(window.location.hash === "#finder" ? "board" : "finder"),
      }),
    [desk, setHash],
  );
  useEffect(() => listenForShortcuts(onShortcut), [onShortcut]);
  const close = () => setWriting(null);
  const shared = useMemo(() => ({ run: onShortcut, comparing }), [onShortcut, comparing]);
  return (
    <WiringStepContext value={shared}>
      <Box sx={{ "--thumb-bar": { xs: "52px", sm: "0px" } }}>
        <SheetTabs
          name={wiringStepTexts.wiring}
          sheets={sheets}
          aside={
            <Box
              sx={{
                display: "flex",
                flexWrap: "wrap",
                alignItems: "center",
                columnGap: { xs: 1, sm: 2 },
                minHeight: 44,
              }}
            >
              <Tabs />
              <Positions />
              <WiringMenu comparing={comparing} onCompare={setComparing} onWrite={setWriting} />
            </Box>
          }
          below={
            <>
              {writing === "wiring" && <Name onDone={close} />}
              {writing === "position" && <PositionName onDone={close} />}
            </>
          }
        />
      </Box>
      <MobileToolbar />
    </WiringStepContext>
  );
}

const Tabs = memo(WiringTabs);
const Positions = memo(PositionTabs);

/** Name and note of the wiring on the board. */
function Name({ onDone }: { readonly onDone: () => void }) {
  const wiring = useDeskState(wiringOf);
  return <WiringName wiring={wiring} onDone={onDone} />;
}

/** Runs the keys of the step wherever the focus is, but under no dialog, and not where Alt writes a letter: in a text field. */
function listenForShortcuts(run: (key: StepShortcut) => void): () => void {
  const listen = (event: KeyboardEvent) => {
    const key = stepShortcuts.find(({ matches }) => matches(event));
    const typing = event.target instanceof Element && event.target.matches("input, textarea");
    if (key === undefined || typing || document.querySelector("[role=dialog]") !== null) return;
    event.preventDefault();
    run(key);
  };
  window.addEventListener("keydown", listen);
  return () => window.removeEventListener("keydown", listen);
}
