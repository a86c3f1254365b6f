"use client";

import { type ComponentType, useEffect, useState } from "react";
import { PrintSheets } from "@/ui";
import { useDeskState } from "./DeskProvider";
import { type StepModule } from "./step-module";
import { printStepTexts } from "@/messages/en/plan-session/view";

/** A step on paper, in the frame all steps share. */
export function PrintStep({ step }: { step: StepModule }) {
  const name = useDeskState((state) => state.history.present.name);
  const [Print, setPrint] = useState<ComponentType | null>(null);
  useEffect(() => {
    let gone = false;
    // a function would be taken for an updater
    void step.loadPrint().then((loaded) => gone || setPrint(() => loaded));
    return () => {
      gone = true;
    };
  }, [step]);
  const revision = useDeskState((state) => state.revision);
  if (Print === null) return null;
  return (
    <PrintSheets
      head={
        <>
          <strong>{name}</strong> {printStepTexts.nameRevisionRevision(step.name, revision)}
        </>
      }
      foot="Golden Array. A plan, not a permit: check it against the things themselves; your local code and a licensed person have the last word."
    >
      <Print />
    </PrintSheets>
  );
}
