"use client";

import Box from "@mui/material/Box";
import { useParams, useRouter } from "next/navigation";
import { type ReactNode, useEffect, useRef } from "react";
import { ReadyMark, useDocumentTitle } from "@/ui";
import { Conflict, Notice } from "./Conflict";
import { DeskHeader } from "./DeskHeader";
import { UnsavedDrafts } from "./UnsavedDrafts";
import { useDeskState, useSettled, useSteps } from "./DeskProvider";
import { Palette } from "./Palette";
import { PrintStep } from "./PrintStep";
import { type StepModule } from "./step-module";
import { useActions } from "./useActions";
import { Trail } from "./Trail";
import { deskFrameTexts } from "@/messages/en/plan-session/view";

/** The frame around every step: header, trail, verdict strip always in sight, and the step itself. */
export function DeskFrame({ verdict, children }: { verdict: ReactNode; children: ReactNode }) {
  const current = useCurrentStep();
  const name = useDeskState((state) => state.history.present.name);
  const heading = deskFrameTexts.planAndStep(name, current.name);
  useDocumentTitle(heading);
  useStepKeys();
  useActions(() => [
    { of: deskFrameTexts.thisStep, words: deskFrameTexts.print, press: "Ctrl P", run: () => window.print() },
  ]);
  const sticky = useRef<HTMLDivElement>(null);
  useEffect(() => (sticky.current === null ? undefined : markScrolled(sticky.current)), []);
  return (
    <>
      <PrintStep step={current} />
      <Box data-screen="" sx={{ minHeight: "100vh", display: "flex", flexDirection: "column" }}>
        <Box
          component="a"
          href="#step"
          sx={{
            position: "absolute",
            left: -9999,
            color: "var(--ink)",
            "&:focus": { left: 8, top: 8, zIndex: 2000, bgcolor: "var(--sheet)", p: 1 },
          }}
        >
          {deskFrameTexts.skipToTheStep}
        </Box>
        <DeskHeader />
        <Trail current={current.id} />
        <UnsavedDrafts />
        <Box ref={sticky} sx={{ position: "sticky", top: 0, zIndex: 20 }}>
          <Conflict />
          {verdict}
        </Box>
        <Box component="main" id="step" tabIndex={-1} sx={{ flex: 1, p: { xs: 1, md: 2 }, outline: "none" }}>
          <h1 className="visually-hidden">{heading}</h1>
          {children}
        </Box>
        <Notice />
        <Palette />
        <DeskReady />
      </Box>
    </>
  );
}

/** Scrolled so far down the head is made smaller, and so far up again larger, px: apart, as the change itself moves the page. */
const smallFromPx = 160;
const largeToPx = 40;

/** Says on an element whether the page is scrolled, without drawing anything anew. */
function markScrolled(element: HTMLElement): () => void {
  const mark = () => {
    if (window.scrollY > smallFromPx) element.dataset["scrolled"] = "true";
    else if (window.scrollY < largeToPx) delete element.dataset["scrolled"];
  };
  mark();
  window.addEventListener("scroll", mark, { passive: true });
  return () => window.removeEventListener("scroll", mark);
}

function DeskReady() {
  return <ReadyMark ready={useSettled()} />;
}

function useCurrentStep(): StepModule {
  const { step } = useParams<{ step?: string }>();
  const steps = useSteps();
  const current = steps.find(({ id }) => id === step) ?? steps.find(({ id }) => id === "wiring");
  if (current === undefined) throw new Error("the list of steps has no step of wiring");
  return current;
}

/** Alt + 1 … 9 goes to a step. */
function useStepKeys(): void {
  const router = useRouter();
  const planId = useDeskState((state) => state.planId);
  const steps = useSteps();
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const typing = event.target instanceof Element && event.target.matches("input, textarea");
      if (!event.altKey || event.ctrlKey || event.metaKey || typing) return;
      const step = /^Digit([1-9])$/.test(event.code) ? steps[Number(event.code.slice(5)) - 1] : undefined;
      if (step === undefined) return;
      event.preventDefault();
      router.push(`/plan/${planId}/${step.id}`);
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, [router, planId, steps]);
}
