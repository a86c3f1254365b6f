"use client";

import { type ReactNode, useEffect, useState } from "react";
import { type ApiResult, browserClient, type SavedPlan } from "@/api";
import { TroublePage } from "@/app/TroublePage";
import { PageHead } from "@/ui";
import { PlanDesk } from "./PlanDesk";
import { Rescue } from "./Rescue";
import { planOpeningTexts } from "@/messages/en/app/plan";

/** Fetches a plan and puts it on the desk, or says why it cannot. */
export function PlanOpening({ id, children }: { readonly id: string; readonly children: ReactNode }) {
  const [found, setFound] = useState<ApiResult<SavedPlan> | null>(null);
  const [attempt, setAttempt] = useState(1);
  useEffect(() => {
    let isHere = true;
    void browserClient.readPlan(id).then((result) => isHere && setFound(result));
    return () => void (isHere = false);
  }, [id, attempt]);
  if (found === null) return <Opening />;
  if (found.type === "ok") return <PlanDesk opened={found.value}>{children}</PlanDesk>;
  const { message, whole } = found.fault;
  const again = () => {
    setFound(null);
    setAttempt(attempt + 1);
  };
  return (
    <TroublePage words={message} again={again} title={planOpeningTexts.thisPlanCannotBeOpened}>
      {whole !== null && <Rescue id={id} whole={whole} />}
    </TroublePage>
  );
}

function Opening() {
  return (
    <>
      <PageHead />
      <main style={{ padding: 16 }}>
        <p role="status">{planOpeningTexts.openingThePlan}</p>
      </main>
    </>
  );
}
