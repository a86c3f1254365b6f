"use client";

import { type ReactNode } from "react";
import { type SavedPlan } from "@/api";
import { stepModules } from "@/app/steps";
import { DeskFrame, DeskProvider } from "@/features/plan-session";
import { GlossaryDrawer } from "@/features/glossary";
import { ChecksPanel, VerdictStrip } from "@/features/checks";

/** A plan on the desk, with what stands around every stop. */
export function PlanDesk({ opened, children }: { opened: SavedPlan; children: ReactNode }) {
  return (
    <DeskProvider opened={opened} steps={stepModules}>
      <DeskFrame verdict={<VerdictStrip />}>{children}</DeskFrame>
      <ChecksPanel />
      <GlossaryDrawer />
    </DeskProvider>
  );
}
