"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { DrawerHead, TextButton } from "@/ui";
import { useDesk, useDeskState } from "@/features/plan-session";
import { Ledger } from "./Ledger";
import { verdictId } from "./VerdictStrip";
import style from "./checks-panel.module.css";
import { checksPanelTexts } from "@/messages/en/checks/view";

/** The checks beside any step, opened from the verdict strip: the board stays in sight and can be worked on. */
export function ChecksPanel() {
  const open = useDeskState((state) => state.ledgerOpen);
  return open ? <Panel /> : null;
}

function Panel() {
  const desk = useDesk();
  const panel = useRef<HTMLElement>(null);
  const [isTall, setTall] = useState(false);
  const close = useCallback(() => desk.set({ ledgerOpen: false, litFinding: null, soughtFinding: null }), [desk]);
  useEffect(() => {
    const before = document.activeElement;
    // after whatever it was opened from has given the focus back
    const soon = window.setTimeout(() => panel.current?.focus({ preventScroll: true }));
    return () => {
      window.clearTimeout(soon);
      if (before instanceof HTMLElement && before.isConnected) before.focus({ preventScroll: true });
    };
  }, []);
  useEffect(() => (panel.current === null ? undefined : belowVerdict(panel.current)), []);
  return (
    <section
      ref={panel}
      data-screen=""
      data-tall={isTall}
      aria-label={checksPanelTexts.checks}
      tabIndex={-1}
      className={style["panel"]}
      onKeyDown={(event) => {
        if (event.key !== "Escape") return;
        event.stopPropagation();
        close();
      }}
    >
      <DrawerHead
        title={checksPanelTexts.checksEveryRuleWithItsValueAnd}
        close={checksPanelTexts.closeChecks}
        onClose={close}
        aside={
          <TextButton className={style["grow"]} aria-pressed={isTall} onClick={() => setTall(!isTall)}>
            {isTall ? checksPanelTexts.showHalf : checksPanelTexts.showMore}
          </TextButton>
        }
      />
      <div className={style["body"]}>
        <Ledger />
      </div>
    </section>
  );
}

/** Keeps an element's top where the verdict ends, as that grows, shrinks and scrolls. */
function belowVerdict(element: HTMLElement): () => void {
  const verdict = document.getElementById(verdictId);
  if (verdict === null) return () => undefined;
  const place = () => element.style.setProperty("--below", `${Math.max(0, verdict.getBoundingClientRect().bottom)}px`);
  place();
  const observer = new ResizeObserver(place);
  observer.observe(verdict);
  window.addEventListener("scroll", place, { passive: true });
  window.addEventListener("resize", place);
  return () => {
    observer.disconnect();
    window.removeEventListener("scroll", place);
    window.removeEventListener("resize", place);
  };
}
