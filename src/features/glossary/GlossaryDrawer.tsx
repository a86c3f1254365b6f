"use client";

import Drawer from "@mui/material/Drawer";
import dynamic from "next/dynamic";
import { useDesk, useDeskState } from "@/features/plan-session";
import { glossaryTexts } from "@/messages/en/glossary/view";

const GlossaryList = dynamic(() => import("./GlossaryList").then((part) => part.GlossaryList), { ssr: false });

/** The glossary beside any step: opened at a term, by its "?" or by the search for anything. */
export function GlossaryDrawer() {
  const desk = useDesk();
  const term = useDeskState((state) => state.glossaryTerm);
  const close = () => desk.set({ glossaryTerm: null });
  return (
    <Drawer
      anchor="right"
      open={term !== null}
      onClose={close}
      transitionDuration={0}
      slotProps={{
        paper: {
          sx: { width: "min(420px, 100vw)", borderLeft: "3px solid var(--ink)" },
          role: "dialog",
          "aria-label": glossaryTexts.title,
        },
      }}
    >
      {term !== null && <GlossaryList sought={term} onClose={close} />}
    </Drawer>
  );
}
