"use client";

import { createContext, type ReactNode, useContext } from "react";
import { type Plan } from "@/core/plan";
import { type Diagram, type ProtectReport } from "@/core/protection/diagram";
import { useUnits } from "@/ui";
import { useDiagram } from "./useDiagram";
import { useProtectReport } from "@/features/plan-session";

/** What is worked out of the wiring on the desk, once for all sheets of the stop. */
type Facts = {
  readonly report: ProtectReport | null;
  /** The plan it is of. */ readonly of: Plan | null;
  readonly diagram: Diagram | null;
  readonly fault: string | null;
};

const FactsContext = createContext<Facts>({ report: null, of: null, diagram: null, fault: null });

/** Works it out and draws it whichever sheet is open, so that paper, which does not wait, has it too. */
export function ProtectFacts({ children }: { readonly children: ReactNode }) {
  const { report, of, fault } = useProtectReport();
  const { diagram, fault: layoutFault } = useDiagram(of, report, useUnits());
  return <FactsContext value={{ report, of, diagram, fault: fault ?? layoutFault }}>{children}</FactsContext>;
}

export function useProtect(): Facts {
  return useContext(FactsContext);
}
