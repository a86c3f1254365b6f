"use client";

import { createContext, type ReactNode, useContext, useState } from "react";
import { mountReport, type MountReport } from "@/core/mounting";
import { mountEnvironment } from "@/core/plan-model";
import { usePlan } from "@/features/plan-session";

type Facts = {
  readonly report: MountReport | null;
  /** Null: a new one is being chosen. */ readonly choose: (fixingId: string | null) => void;
};

const FactsContext = createContext<Facts>({ report: null, choose: () => undefined });

/** Which of the plan's fixings is looked at, and what is worked out of it: little enough to be done at every drawing. */
export function MountFacts({ children }: { readonly children: ReactNode }) {
  const plan = usePlan();
  const [shown, choose] = useState<string | null | undefined>(undefined);
  const fixing =
    shown === null ? undefined : (plan.fixings.list.find(({ id }) => id === shown) ?? plan.fixings.list[0]);
  const report = fixing === undefined ? null : mountReport(plan, fixing, mountEnvironment(plan));
  return <FactsContext value={{ report, choose }}>{children}</FactsContext>;
}

export function useMount(): Facts {
  return useContext(FactsContext);
}

/** The same where one is shown. */
export function useReport(): MountReport {
  const { report } = useMount();
  if (report === null) throw new Error("no fixing is shown");
  return report;
}
