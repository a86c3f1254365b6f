"use client";

import Box from "@mui/material/Box";
import { useParams, useRouter } from "next/navigation";
import { type ReactNode, useEffect, useRef } from "react";
import { ReadyMark } from "@/ui";
import { Conflict, Notice } from "./Conflict";
import { DeskHeader } from "./DeskHeader";
import { UnsavedDrafts } from "./UnsavedDrafts";
import { useDeskState, useSettled, useStops } from "./DeskProvider";
import { Palette } from "./Palette";
import { PrintStop } from "./PrintStop";
import { type StopModule } from "./stop-module";
import { useActions } from "./useActions";
import { Trail } from "./Trail";

/** The frame around every stop: header, trail, verdict strip always in sight, and the stop itself. */
export function DeskFrame({ verdict, children }: { verdict: ReactNode; children: ReactNode }) {
  const current = useCurrentStop();
  const name = useDeskState((state) => state.history.present.name);
  useStopKeys();
  useActions(() => [{ of: "This stop", words: "Print", press: "Ctrl P", run: () => window.print() }]);
  const sticky = useRef<HTMLDivElement>(null);
  useEffect(() => (sticky.current === null ? undefined : markScrolled(sticky.current)), []);
  return (
    <>
      <PrintStop stop={current} />
      <Box data-screen="" sx={{ minHeight: "100vh", display: "flex", flexDirection: "column" }}>
        <Box
          component="a"
          href="#stop"
          sx={{
            position: "absolute",
            left: -9999,
            "&:focus": { left: 8, top: 8, zIndex: 2000, bgcolor: "var(--sheet)", p: 1 },
          }}
        >
          Skip to the stop
        </Box>
        <DeskHeader />
        <Trail current={current.id} />
        <UnsavedDrafts />
        <Box ref={sticky} sx={{ position: "sticky", top: 0, zIndex: 20 }}>
          <Conflict />
          {verdict}
        </Box>
        <Box component="main" id="stop" tabIndex={-1} sx={{ flex: 1, p: { xs: 1, md: 2 }, outline: "none" }}>
          <h1 className="visually-hidden">{`${name}: ${current.name}`}</h1>
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

function useCurrentStop(): StopModule {
  const { stop } = useParams<{ stop?: string }>();
  const stops = useStops();
  const current = stops.find(({ id }) => id === stop) ?? stops.find(({ id }) => id === "wire");
  if (current === undefined) throw new Error("the list of stops has no stop to wire at");
  return current;
}

/** Alt + 1 … 9 goes to a stop. */
function useStopKeys(): void {
  const router = useRouter();
  const planId = useDeskState((state) => state.planId);
  const stops = useStops();
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const typing = event.target instanceof Element && event.target.matches("input, textarea");
      if (!event.altKey || event.ctrlKey || event.metaKey || typing) return;
      const stop = /^Digit([1-9])$/.test(event.code) ? stops[Number(event.code.slice(5)) - 1] : undefined;
      if (stop === undefined) return;
      event.preventDefault();
      router.push(`/plan/${planId}/${stop.id}`);
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, [router, planId, stops]);
}
